<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Slope;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Footing\LeastDepths;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\BracesOff;
use Aequus\Plan\Holding\BuildOrder;
use Aequus\Plan\Holding\CureDatum;
use Aequus\Plan\Holding\Custom;
use Aequus\Plan\Holding\Customs;
use Aequus\Plan\Holding\FillEnd;
use Aequus\Plan\Holding\FillOrder;
use Aequus\Plan\Holding\FootBed;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\Mixing;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Holding\WoodCare;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\PostRole;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Plan\Tops\TopRules;
use Aequus\Words\Names;
use Aequus\Words\Plan\CustomWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Told;

/** What a plan says of holes, depths, holding and tops, as stored and read again. */
final class FootingCodecTest extends TestCase
{
    #[DataProvider('shapes')]
    public function test_everything_decided_about_footings_is_read_back_as_it_was(HoleShape $shape): void
    {
        $plan = $this->decided($shape);
        $this->assertEquals(
            $plan, PlanCodec::decode(json_decode(json_encode(PlanCodec::encode($plan), JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR)),
        );
    }

    /** @return array<string, array{HoleShape}> */
    public static function shapes(): array
    {
        return [
            'round' => [HoleShape::round(Length::millimetres(400))],
            'square' => [HoleShape::square(Length::millimetres(350))],
            'bell' => [HoleShape::bell(Length::millimetres(350), Length::millimetres(600), Length::millimetres(250))],
        ];
    }

    public function test_a_plan_from_before_shapes_roles_and_holding_is_still_understood(): void
    {
        $stored = PlanCodec::encode($this->decided(HoleShape::round(Length::millimetres(400))));
        unset($stored['holding'], $stored['footing']['least'], $stored['footing']['roles'], $stored['tops']['rows']);
        $old = PlanCodec::decode(['version' => 2, 'hole' => 400_000_000] + $stored);
        $this->assertEquals(HoleShape::round(Length::millimetres(400)), $old->hole);
        $this->assertNull($old->holding);
        $stored['holding'] = PlanCodec::encode($this->decided(HoleShape::round(Length::millimetres(400))))['holding'];
        unset($stored['holding']['cure_datum']);
        $this->assertFalse(PlanCodec::decode($stored)->holding?->customs->cureDatum->isTyped(), 'cures were counted from freezing');
        $this->assertEquals([new LeastDepths, ByPost::none(), []], [$old->footing?->least, $old->footing?->roles, $old->tops?->rows]);
        $this->assertSame(Hold::Concrete, $old->holdOf($old->grid->posts[0]->id), 'as every program before had it');
    }

    public function test_a_corner_has_its_role_unless_it_is_named_otherwise(): void
    {
        $plan = $this->decided(HoleShape::round(Length::millimetres(400)));
        $roles = array_map(fn (string $label) => $plan->roleOf($plan->grid->labelled($label)), ['A1', 'B1', 'C2']);
        $this->assertSame([PostRole::Corner, PostRole::Gate, PostRole::Anchor], $roles);
        $this->assertSame(['A1', 'C1', 'C2', 'A2'], array_map(fn ($post) => $post->label, $plan->corners()));
    }

    public function test_what_is_held_another_way_is_counted_once_among_the_ways(): void
    {
        $holding = $this->decided(HoleShape::round(Length::millimetres(400)))->holding;
        $this->assertSame([Hold::Gravel, Hold::Pier], $holding?->ways());
    }

    public function test_every_custom_names_where_it_suits_and_what_speaks_against_it(): void
    {
        foreach ((new Customs)->all() as $matter => $usual) {
            $said = array_map(fn (Custom $one) => Names::of($one).': '.CustomWords::suits($one).'; '.CustomWords::against($one), $usual::cases());
            $this->assertSame($said, array_values(array_unique($said)), $matter);
            $this->assertGreaterThan(1, count($said), $matter);
        }
        $this->assertEquals(new Customs, Customs::of(['mixing' => 'by the moon']), 'what is unknown is as usual');
    }

    #[TestWith(['today'])]
    #[TestWith(['local'])]
    #[TestWith(['maker'])]
    #[TestWith(['sideways'])]
    #[TestWith(['forRole'])]
    public function test_a_least_depth_below_zero_is_refused(string $which): void
    {
        $this->assertStringContainsString('can’t be below zero', Told::refused(fn () => new LeastDepths(...[$which => Length::millimetres(-1)])));
    }

    private function decided(HoleShape $shape): Plan
    {
        $plan = Builds::plan(baysX: [2400, 2400], baysY: [3000]);
        $id = fn (string $label): string => $plan->grid->labelled($label)->id->value;

        return $plan->withHole($shape)->withFooting(new FootingRules(
            Length::millimetres(900), Length::millimetres(100), LeastEmbedment::share(1 / 3), Length::millimetres(100), Length::millimetres(100), Length::millimetres(50), DepthMode::StepsByRow,
            Length::millimetres(20), true, null, new LeastDepths(
                Length::millimetres(1), Length::millimetres(2), Length::millimetres(3), Length::millimetres(4), Length::millimetres(5),
            ),
            ByPost::fromStored([$id('B1') => PostRole::Gate, $id('C2') => PostRole::Anchor]),
        ))->withTops(
            new TopRules(
                Length::millimetres(2300), Slope::level(), Slope::ratio(-1 / 60), Length::millimetres(1200),
                [$plan->grid->labelled('A2')->id->row() => Length::millimetres(2450)],
            ),
        )
            ->withHolding(new Holding(
                Hold::Gravel, new HoldingSite(
                    Soil::SiltyOrClayeySand, true, true, false, false, true, true, [Hold::Foam, Hold::Earth], true, true,
                ), PierRules::usual(Notation::millimetres(0)), Length::millimetres(250),
                ByPost::fromStored([$id('B2') => Hold::Pier]), new Customs(
                    Mixing::DryInTheHole, FootBed::Sump, BuildOrder::FramesTilted, FillOrder::EachAsItStands, BracesOff::Hour, WoodCare::Charred, FillEnd::Mounded, new CureDatum(-5),
                ),
            ));
    }
}
