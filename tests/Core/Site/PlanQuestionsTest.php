<?php

declare(strict_types=1);

namespace Tests\Core\Site;

use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Point;
use Aequus\Site\PlanQuestions;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Things;
use Aequus\Words\QuestionWords;
use Aequus\Words\Thing\ThingWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** What is odd in a plan is asked about, and what a kind of thing proposes by itself never is. */
final class PlanQuestionsTest extends TestCase
{
    public function test_no_kind_is_asked_about_its_own_defaults(): void
    {
        foreach ([Notation::millimetres(0), Notation::feetInches(8)] as $notation) {
            foreach (Things::all() as $thing) {
                $plan = $thing->make(Heard::usual($notation, ThingWords::sides($thing->kind()), $thing->asks()))->plan;
                $this->assertSame([], PlanQuestions::of($plan, null), $thing->kind()->value);
            }
        }
    }

    /** Holes are 400 across, and 100 are left between them at least. A post of a part stands so far before A1. */
    #[TestWith([500, false])]
    #[TestWith([499, true])]
    #[TestWith([200, true])]
    public function test_holes_that_leave_no_earth_between_them_are_asked_about(int $off, bool $asks): void
    {
        $plan = $this->with($off);
        $asked = array_values(array_filter(PlanQuestions::of($plan, Builds::plan()), fn (Question $question) => $question->about === QuestionAbout::HolesRunTogether));
        $this->assertCount((int) $asks, $asked);
        if ($asks) {
            $this->assertStringStartsWith("A1, S1 stand {$off} mm apart, and holes are 400 mm wide", (string) (new QuestionWords($plan))->say($asked[0]));
            $this->assertSame([], PlanQuestions::of($plan, $plan), 'what stood there before is not asked about again');
            $this->assertNotSame([], PlanQuestions::of($plan, $this->with($off + 60)), 'nearer than before');
            $driven = fn (Plan $of): Plan => $of->withHolding(new Holding(Hold::Driven, new HoldingSite(Soil::Clay), PierRules::usual(Notation::millimetres(0)), Length::millimetres(300)));
            $this->assertSame([], PlanQuestions::of($driven($plan), $driven(Builds::plan())), 'driven posts have no holes');
        }
    }

    private function with(int $off): Plan
    {
        $at = fn (int $x, int $y): Point => new Point(Length::millimetres($x), Length::millimetres($y));

        return Builds::plan()->withParts([new Part('p1', 'S', PartKind::Spots, [$at(0, 0)], [], [], null, $at(0, -$off), 0.0)]);
    }
}
