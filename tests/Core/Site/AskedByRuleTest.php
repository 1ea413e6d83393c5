<?php

declare(strict_types=1);

namespace Tests\Core\Site;

use Aequus\Guide\Handover\HandOver;
use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Set\EmbedmentLine;
use Aequus\Logbook\Set\TopOver;
use Aequus\Logbook\Square\LineReading;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Place\SiteKind;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Point;
use Aequus\Site\AskedByRule;
use Aequus\Site\SiteState;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Things;
use Aequus\Words\Handover\HandoverWords;
use Aequus\Words\Speech;
use Aequus\Words\Thing\ThingWords;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Core\Guide\SimulatedBuilder;

/** The hand-over never calls a job ready while something that a rule asks is out, or was never measured. */
final class AskedByRuleTest extends TestCase
{
    public function test_each_that_is_out_stands_in_the_record_and_holds_the_headline_back(): void
    {
        $site = $this->built()->site();
        $this->assertSame(['Face off road, 150 mm to 200 mm' => true, 'Height over road, 1050 mm to 1150 mm' => true], $this->asked($site));
        $this->assertSame('Ready to hand over', HandoverWords::title($site->handover(), $site));
        $post = $site->plan->grid->posts[0];
        $edge = $site->plan->fixedLine(FixedLine::ANSWERED) ?? $this->fail();
        $line = fn (int $over) => new EmbedmentLine($post->id, Length::millimetres(1320), Length::millimetres($over));
        foreach ([
            'Face off road, 150 mm to 200 mm' => [[new LineReading($post->id, $edge->offAsPlanned($post->at, Length::millimetres(500)), $edge->id)], DecisionAbout::AcceptDistance, 'Road'],
            'Height over road, 1050 mm to 1150 mm' => [[new TopOver($post->id, Length::millimetres(900), $edge->id)], DecisionAbout::AcceptHeights, null],
            'Foot of A1 by its line, 1320 mm deep at least' => [[$line(200), $line(200)], DecisionAbout::AcceptShortHole, null],
        ] as $asks => [$book, $about, $thing]) {
            $builder = $this->built();
            array_map($builder->write(...), $book);
            $this->assertFalse($this->asked($builder->site())[$asks]);
            $this->assertSame('What a rule asks is not met yet', $this->title($builder->site()), $asks);
            $builder->write(new Decision($about, $post->id, 'agreed', thing: $thing));
            $this->assertSame('Ready to hand over', $this->title($builder->site()), $asks);
            $this->assertFalse($this->asked($builder->site())[$asks], 'taken is not met');
        }
    }

    public function test_what_was_never_measured_is_not_met_and_a_distance_too_small_is_told(): void
    {
        $site = (new SimulatedBuilder($this->plan()))->site();
        $this->assertSame([null, null], array_values($this->asked($site)));
        $this->assertSame(2, AskedByRule::open($site));
        $lane = new SiteObject('o1', 'lot line', SiteKind::Boundary, [$this->at(-9000, -600), $this->at(9000, -600)], Length::millimetres(900), Length::zero());
        $builder = new SimulatedBuilder(Builds::plan([2400], [3000])->withSite([$lane]));
        $near = $builder->site();
        $this->assertSame(2, AskedByRule::open($near));
        $builder->write(Decision::ofDistance($near->plan, $near->plan->grid->posts[0]->id, 'agreed', 'Lot line'));
        $this->assertSame(1, AskedByRule::open($builder->site()));
        $this->assertSame(['A1 off lot line, 900 mm at least' => false, 'B1 off lot line, 900 mm at least' => false], $this->asked($near));
        $this->assertSame([], $this->asked((new SimulatedBuilder(Builds::plan()))->site()));
    }

    public function test_what_comes_out_after_the_hand_over_is_told_beside_it(): void
    {
        $builder = (new SimulatedBuilder($this->plan()))->finish();
        $this->assertNull(HandoverWords::besides($builder->site()));
        $builder->write(new TopOver($this->plan()->grid->posts[0]->id, Length::millimetres(900), FixedLine::ANSWERED));
        $this->assertStringContainsString('what a rule asks is not met', (string) HandoverWords::besides($builder->site()));
    }

    /** @return array<string, ?bool> */
    private function asked(SiteState $site): array
    {
        $asked = [];
        foreach (AskedByRule::all($site) as $one) {
            $asked[(string) (new Speech($site->plan))->say($one->asks)] = $one->isMet;
        }

        return $asked;
    }

    private function title(SiteState $site): string
    {
        return HandoverWords::title($site->handover(), $site);
    }

    /** All is done but the hand-over. */
    private function built(): SimulatedBuilder
    {
        $finished = (new SimulatedBuilder($this->plan()))->finish();
        $book = array_map(fn ($entry) => $entry->payload, $finished->site()->log->entries);
        array_pop($book);
        $builder = new SimulatedBuilder($finished->plan, '2026-05-04', ...array_values($book));
        $this->assertSame(HandOver::HandOver, $builder->next()?->do->is);

        return $builder;
    }

    private function plan(): Plan
    {
        $thing = Things::of(JobKind::LetterBox) ?? $this->fail();

        return $thing->make(Heard::usual(Notation::millimetres(0), ThingWords::sides(JobKind::LetterBox), $thing->asks()))->plan;
    }

    private function at(int $x, int $y): Point
    {
        return new Point(Length::millimetres($x), Length::millimetres($y));
    }
}
