<?php

declare(strict_types=1);

namespace Tests\Core\Site;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\BuildOrder;
use Aequus\Plan\Holding\Customs;
use Aequus\Plan\Holding\FootBed;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Holding\WoodCare;
use Aequus\Plan\JobKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Site\Caution;
use Aequus\Site\Step;
use Aequus\Words\Site\CautionWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

final class CautionTest extends TestCase
{
    public function test_every_step_has_its_cautions_and_each_stands_somewhere(): void
    {
        $seen = [];
        foreach (self::jobs() as $plan) {
            foreach (Step::cases() as $step) {
                $here = Caution::at($step, $plan);
                self::assertNotSame([], $here, $step->name);
                $seen = [...$seen, ...array_column($here, 'value')];
            }
        }
        // A house wall is a caution of plans that have one.
        self::assertEqualsCanonicalizing(array_diff(array_column(Caution::cases(), 'value'), ['wall']), array_unique($seen));
    }

    public function test_foam_speaks_of_foam_and_not_of_cement(): void
    {
        $foam = self::held(Hold::Foam);
        foreach ([Step::Setting, Step::Standing, Step::Materials] as $step) {
            self::assertContains(Caution::Foam, Caution::at($step, $foam));
            self::assertNotContains(Caution::Cement, Caution::at($step, $foam));
            self::assertNotContains(Caution::Foam, Caution::at($step, self::held(Hold::Concrete)));
            self::assertContains(Caution::Cement, Caution::at($step, self::held(Hold::Concrete)));
        }
    }

    public function test_a_pad_that_is_poured_under_earth_is_cement_too_and_a_block_is_lowered(): void
    {
        foreach ([Hold::Earth, Hold::Gravel, Hold::Foam] as $hold) {
            self::assertNotContains(Caution::Cement, Caution::at(Step::Setting, self::held($hold)));
            self::assertContains(Caution::Cement, Caution::at(Step::Setting, self::held($hold, new Customs(foot: FootBed::Pad))));
        }
        self::assertNotContains(
            Caution::Cement, Caution::at(Step::Setting, self::held(Hold::Driven, new Customs(foot: FootBed::Pad))), 'nothing lies under it',
        );
        self::assertNotContains(Caution::Lowering, Caution::at(Step::Materials, self::held(Hold::Concrete)));
        self::assertContains(Caution::Lowering, Caution::at(Step::Materials, self::held(Hold::Concrete, new Customs(foot: FootBed::Block))));
    }

    public function test_a_driven_post_has_no_hole_and_no_auger(): void
    {
        $driven = self::held(Hold::Driven);
        self::assertSame([Caution::Weather], Caution::at(Step::Digging, $driven));
        self::assertContains(Caution::Driving, Caution::at(Step::Setting, $driven));
        self::assertNotContains(Caution::Cure, Caution::at(Step::Cutting, $driven));
    }

    public function test_at_one_post_only_its_own_way_counts(): void
    {
        $plan = self::held(Hold::Concrete);
        [$one, $other] = $plan->grid->posts;
        $mixed = $plan->withHolding(
            new Holding(
                Hold::Concrete, new HoldingSite(Soil::Clay), PierRules::usual(Notation::millimetres(0)), Length::millimetres(300),
                ByPost::each([$other], fn () => Hold::Foam),
            ),
        );
        self::assertNotContains(Caution::Foam, Caution::at(Step::Standing, $mixed, $one));
        self::assertContains(Caution::Foam, Caution::at(Step::Standing, $mixed, $other));
        self::assertContains(Caution::Foam, Caution::at(Step::Setting, $mixed));
    }

    public function test_beams_first_char_and_a_road_are_told(): void
    {
        $beams = self::held(Hold::Concrete, new Customs(build: BuildOrder::BeamsFirst, wood: WoodCare::Charred));
        self::assertContains(Caution::Props, Caution::at(Step::Setting, $beams));
        self::assertContains(Caution::Fire, Caution::at(Step::Cutting, $beams));
        self::assertNotContains(Caution::Garden, Caution::at(Step::Cutting, $beams), 'charred wood is not treated wood');
        self::assertNotContains(Caution::Roadside, Caution::at(Step::Squaring, $beams));
        self::assertContains(Caution::Roadside, Caution::at(Step::Squaring, self::kind(JobKind::LetterBox)));
    }

    /** @param  list<JobKind>  $kinds  on which it is told, and on no other */
    #[TestWith([Caution::Carries, Step::Digging, [JobKind::SocketRepair]])]
    #[TestWith([Caution::Hung, Step::Standing, [JobKind::CourtHoop, JobKind::CarryingPair, JobKind::PlayStructure]])]
    #[TestWith([Caution::Swings, Step::Planning, [JobKind::PlayStructure, JobKind::Pergola, JobKind::CarryingPair, JobKind::Other]])]
    public function test_what_a_kind_of_thing_may_do_to_somebody_is_told_there(Caution $caution, Step $step, array $kinds): void
    {
        $told = array_filter(JobKind::cases(), fn (JobKind $kind) => in_array($caution, Caution::at($step, self::kind($kind)), true));
        self::assertEqualsCanonicalizing($kinds, $told);
    }

    public function test_each_is_one_line_and_more(): void
    {
        foreach (Caution::cases() as $caution) {
            self::assertLessThan(90, mb_strlen(CautionWords::line($caution)), $caution->name);
            self::assertGreaterThan(mb_strlen(CautionWords::line($caution)), mb_strlen(CautionWords::more($caution)), $caution->name);
        }
    }

    /** @return list<Plan> */
    private static function jobs(): array
    {
        return [
            self::held(
                Hold::Concrete, new Customs(build: BuildOrder::FramesTilted),
            ), self::held(Hold::Foam), self::held(Hold::Driven), self::held(Hold::Pier),
            self::held(Hold::Earth, new Customs(wood: WoodCare::Charred)), self::kind(JobKind::LetterBox), self::kind(JobKind::PlayStructure),
            self::kind(JobKind::SocketRepair),
        ];
    }

    private static function held(Hold $hold, Customs $customs = new Customs): Plan
    {
        return Builds::plan()->withHolding(
            new Holding($hold, new HoldingSite(Soil::Clay), PierRules::usual(Notation::millimetres(0)), Length::millimetres(300), customs: $customs),
        );
    }

    private static function kind(JobKind $kind): Plan
    {
        $plan = Builds::plan();

        return new Plan($kind, $plan->notation, $plan->sides, $plan->tolerances, $plan->post, $plan->hole, $plan->standing, $plan->grid);
    }
}
