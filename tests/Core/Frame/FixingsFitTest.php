<?php

declare(strict_types=1);

namespace Tests\Core\Frame;

use Aequus\Fact\Fact;
use Aequus\Frame\FixingMisfit;
use Aequus\Frame\FixingsFit;
use Aequus\Frame\Footprint;
use Aequus\Frame\FrameOnPosts;
use Aequus\Frame\Metal;
use Aequus\Frame\UsualFrame;
use Aequus\Logbook\Log;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Frame\Air;
use Aequus\Plan\Frame\Connector;
use Aequus\Plan\Frame\Fastener;
use Aequus\Plan\Frame\FastenerKind;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Joinery;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Frame\Seating;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\JobKind;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Stored\FrameCodec;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Work\Timber;
use Aequus\Stock\Stock;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** Connectors and fasteners beside the timber they shall hold: beams 2 × 45 × 195, joists 45 × 145, boards 145 × 28, posts of 140. */
final class FixingsFitTest extends TestCase
{
    /** @param  list<FixingMisfit>  $told */
    #[TestWith([[80, 90], []])]
    #[TestWith([[90, 95], []])]
    #[TestWith([[91, 95], [FixingMisfit::TooNarrow]])]
    #[TestWith([[80, 89], [FixingMisfit::TooWide]])]
    #[TestWith([[80, 95, 2, 195], []])]
    #[TestWith([[80, 95, 3, 196], [FixingMisfit::OtherPlies, FixingMisfit::NotDeepEnough]])]
    #[TestWith([[80, 95, null, null, 90], []])]
    #[TestWith([[80, 95, null, null, 91], [FixingMisfit::ConnectorScrewComesOut]])]
    public function test_a_cap_takes_the_beam_it_is_made_for(array $cap, array $told): void
    {
        [$from, $to, $plies, $deep, $screw] = [...$cap, null, null, null];
        $this->assertSame($told, $this->told($this->on(LayerKind::Beam, new Joinery(Seating::InCap, connector: new Connector(
            'cap', Length::millimetres($from), Length::millimetres($to), $plies, $this->mm($deep), 8, $this->mm($screw),
        )))));
    }

    /** A hanger holds one joist, however many plies the beams have. */
    public function test_a_hanger_takes_one_joist(): void
    {
        $hanger = fn (float $to): Joinery => new Joinery(connector: new Connector('hanger', Length::millimetres(40), Length::millimetres($to), 2));
        $this->assertSame([], $this->told($this->on(LayerKind::Joist, $hanger(45))));
        $this->assertSame([FixingMisfit::TooWide], $this->told($this->on(LayerKind::Joist, $hanger(44))));
    }

    public function test_a_base_takes_the_post_and_its_bolt_stands_inside_the_pier(): void
    {
        $base = fn (float $from, float $to, ?float $off = null, ?float $screw = null): FrameRules => $this->deck()->fixedIn(Air::Wet, new Connector(
            'base', Length::millimetres($from), Length::millimetres($to), screwLong: $this->mm($screw), boltOff: $this->mm($off),
        ));
        $piers = new PierRules(Length::millimetres(250), Length::millimetres(25), Length::millimetres(100), Length::millimetres(50));
        $this->assertSame([], $this->told($base(140, 140, 75, 140), $piers));
        $this->assertSame([FixingMisfit::BaseTakesNoPost], $this->told($base(90, 139), $piers));
        $this->assertSame([FixingMisfit::BaseTakesNoPost], $this->told($base(141, 200), $piers));
        $this->assertSame([FixingMisfit::ConnectorScrewComesOut], $this->told($base(140, 140, 0, 141), $piers));
        // 75 and the 50 that bolts keep from the edge are just half of 250; to either side.
        $this->assertSame([FixingMisfit::BoltBesideThePier], $this->told($base(140, 140, -75.1), $piers));
        $this->assertSame([], $this->told($base(140, 140, -75.1)), 'a post in the ground stands on no pier');
    }

    /** @param  list<FixingMisfit>  $told */
    #[TestWith([LayerKind::Board, FastenerKind::Screw, 28.0, [FixingMisfit::TooShort]])]
    #[TestWith([LayerKind::Board, FastenerKind::Screw, 28.1, []])]
    #[TestWith([LayerKind::Board, FastenerKind::Nail, 173.0, []])]
    #[TestWith([LayerKind::Board, FastenerKind::Screw, 173.1, [FixingMisfit::ComesOut]])]
    #[TestWith([LayerKind::Rim, FastenerKind::Screw, 45.0, [FixingMisfit::TooShort]])]
    #[TestWith([LayerKind::Rim, FastenerKind::Screw, 300.0, []])]
    #[TestWith([LayerKind::Blocking, FastenerKind::Nail, 44.0, [FixingMisfit::TooShort]])]
    public function test_a_fastener_reaches_through_and_does_not_come_out(LayerKind $kind, FastenerKind $fastener, float $long, array $told): void
    {
        $this->assertSame($told, $this->told($this->on($kind, new Joinery(fastener: new Fastener($fastener, Length::millimetres($long))))));
    }

    /** Beams on both sides of a post of 140: 90 and 140; let in by 90 there are 50 of post behind them. */
    public function test_a_bolt_goes_through_everything(): void
    {
        $bolt = fn (Seating $seating, float $long): array => $this->told($this->on(LayerKind::Beam, new Joinery($seating, fastener: new Fastener(FastenerKind::Bolt, Length::millimetres($long)))));
        $this->assertSame([], $bolt(Seating::OnSides, 230));
        $this->assertSame([FixingMisfit::TooShort], $bolt(Seating::OnSides, 229));
        $this->assertSame([], $bolt(Seating::InNotch, 140));
        $this->assertSame([FixingMisfit::TooShort], $bolt(Seating::InNotch, 139));
    }

    /** Two screws in a board of 145 keep 48 from both edges and each other; three would keep 36. */
    public function test_as_many_go_into_a_crossing_as_its_edges_leave_room_for(): void
    {
        foreach ([[48.0, []], [48.4, [FixingMisfit::TooManyAtACrossing]]] as [$edge, $told]) {
            $this->assertSame($told, $this->told($this->on(LayerKind::Board, new Joinery(fastener: new Fastener(FastenerKind::Screw, Length::millimetres(60), fromEdge: Length::millimetres($edge))))));
        }
    }

    /** Boards joined on a joist of 45: each end has 22.5; 12 from its end and 10 from the joist’s edge go, a hair more does not. */
    public function test_a_joint_has_room_for_both_ends(): void
    {
        $screw = fn (float $end): Joinery => new Joinery(fastener: new Fastener(FastenerKind::Screw, Length::millimetres(60), Length::millimetres($end), Length::millimetres(10)));
        $short = fn (float $end): FrameRules => $this->on(LayerKind::Board, $screw($end))->soldIn($this->deck()->layer(LayerKind::Board)?->section() ?? '', [new Stock(Length::millimetres(3600), 9.0), new Stock(Length::millimetres(2700), 8.0)]);
        $this->assertSame([], $this->told($short(12.5)));
        $this->assertSame([FixingMisfit::TooNearAJoint], $this->told($short(12.6)));
        $this->assertSame([], $this->told($this->on(LayerKind::Board, $screw(12.6))), 'without a joint there is none to be near');
    }

    public function test_what_it_is_made_of_follows_air_and_timber(): void
    {
        $this->assertSame(
            [Metal::Plated, Metal::HotDipZinc, Metal::Stainless, Metal::HotDipZinc, Metal::HotDipZinc, Metal::Stainless, Metal::Stainless],
            [
                Metal::of(Air::Dry, Timber::DrySoftwood), Metal::of(Air::Wet, Timber::DrySoftwood), Metal::of(Air::Salt, Timber::DrySoftwood), Metal::of(Air::Dry, Timber::WetTreated),
                Metal::of(Air::Wet, Timber::Hardwood), Metal::of(Air::Dry, Timber::GreenOak), Metal::of(Air::Salt, Timber::WetTreated),
            ],
        );
    }

    public function test_they_are_stored_and_refused_where_they_take_nothing(): void
    {
        $rules = $this->on(LayerKind::Beam, new Joinery(
            Seating::InCap, fastener: new Fastener(FastenerKind::Bolt, Length::millimetres(160), Length::millimetres(70), Length::millimetres(35), true),
            connector: new Connector('cap 90', Length::millimetres(88), Length::millimetres(92), 2, Length::millimetres(190), 12, Length::millimetres(35)),
        ))->fixedIn(Air::Salt, new Connector('base', Length::millimetres(90), Length::millimetres(145), boltOff: Length::millimetres(-20)));
        $this->assertEquals($rules, FrameCodec::decode(new \Aequus\Measure\Stored(json_decode((string) json_encode(FrameCodec::encode($rules)), true))));
        foreach ([
            fn () => new Fastener(FastenerKind::Nail, Length::zero()), fn () => new Fastener(FastenerKind::Nail, Length::millimetres(9), Length::millimetres(-1)),
            fn () => new Connector('x', Length::millimetres(9), Length::millimetres(8)), fn () => new Connector('x', Length::zero(), Length::zero()),
        ] as $refused) {
            try {
                $refused();
                $this->fail('Nothing was refused.');
            } catch (PlanRefused) {
                $this->addToAssertionCount(1);
            }
        }
    }

    /** @return list<object> */
    private function told(FrameRules $rules, ?PierRules $piers = null): array
    {
        $plan = Builds::plan();
        $pieces = (new FrameOnPosts($plan, $rules, Footprint::ofGrid($plan, $rules), new Log([])))->pieces;
        $post = Length::millimetres(140);

        return array_map(fn (Fact $fact) => $fact->is, (new FixingsFit($rules, Section::rectangle($post, $post), $pieces, $piers))->misfits());
    }

    private function on(LayerKind $kind, Joinery $joinery): FrameRules
    {
        return $this->deck()->with($this->deck()->layer($kind)?->joined($joinery) ?? $this->fail());
    }

    private function deck(): FrameRules
    {
        return UsualFrame::of(JobKind::Deck, Notation::millimetres(0), Length::millimetres(140)) ?? $this->fail();
    }

    private function mm(?float $length): ?Length
    {
        return $length === null ? null : Length::millimetres($length);
    }
}
