<?php

declare(strict_types=1);

namespace Tests\Core\Frame;

use Aequus\Fact\Fact;
use Aequus\Frame\Footprint;
use Aequus\Frame\FrameOnPosts;
use Aequus\Frame\FrameRefusal;
use Aequus\Frame\Piece;
use Aequus\Frame\UsualFrame;
use Aequus\Logbook\Log;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Slope;
use Aequus\Plan\Frame\Connector;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Joinery;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Frame\OneMember;
use Aequus\Plan\Frame\Seating;
use Aequus\Plan\Frame\Spread;
use Aequus\Plan\JobKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Plan\Terms\PlanRefusal;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Tops\TopRules;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** Single members that are otherwise than their layer: three rows 1500 apart, two bays of 2400, posts of 140; beams of two plies 45 × 195, joists 45 × 145. */
final class OneMemberTest extends TestCase
{
    /** 45 deeper on top of the posts of row 2: they are cut 45 lower, or its beam is said to be off; the others stay. */
    public function test_a_deeper_beam_on_top_wants_its_posts_lower(): void
    {
        $rules = $this->one(LayerKind::Beam, 2, new OneMember(deep: $this->mm(240), count: 3));
        $high = $this->frame($rules, $this->plan());
        $this->assertEquals([Fact::of(FrameRefusal::RowWantsLower, post: 'A2', by: $this->mm(45))], $high->hindered);
        $this->assertEquals([Fact::of(FrameRefusal::RowWantsHigher, post: 'A2', by: $this->mm(50))], $this->frame($this->one(LayerKind::Beam, 2, new OneMember(deep: $this->mm(145))), $this->plan())->hindered);
        $this->assertSame([FrameRefusal::TopOffThePlane, FrameRefusal::TopOffThePlane], array_map(fn (Fact $fact) => $fact->is, $this->frame($rules, $this->plan(row2: 2360))->hindered));
        $lowered = $this->frame($rules, $this->plan(row2: 2355));
        $this->assertSame([], $lowered->hindered);
        $beams = $lowered->of(LayerKind::Beam);
        $this->assertSame([195, 195, 240, 240, 240, 195, 195], array_map(fn (Piece $piece) => (int) round($piece->solid->high), $beams));
        $this->assertEqualsWithDelta([2400, 2400, 2355, 2355, 2355, 2400, 2400], array_map(fn (Piece $piece) => $piece->solid->from->z, $beams), 1e-6);
        $this->assertEqualsWithDelta(2595.0, $lowered->of(LayerKind::Joist)[0]->solid->from->z, 1e-6);
        $this->assertSame(3 * (2 + 3 + 2) * 2, $lowered->fixings['beam']);
        $this->assertSame(['45000000x195000000', '45000000x240000000'], array_values(array_unique(array_map(fn (Piece $piece) => $piece->layer->section(), $beams))));
        // A row lowered without a deeper beam is off the plane.
        $this->assertNotSame([], $this->frame($this->usual(), $this->plan(row2: 2355))->hindered);
        // The first row’s own beam sets no other plane: its posts, 2400 over the ground, are the 45 lower ones then.
        $first = $this->frame($this->one(LayerKind::Beam, 1, new OneMember(deep: $this->mm(240))), $this->plan(row1: 2355));
        $this->assertSame([], $first->hindered);
        $this->assertEqualsWithDelta(2640.0, $first->of(LayerKind::Joist)[0]->solid->from->z, 1e-6);
    }

    public function test_a_deeper_beam_at_the_sides_or_in_a_notch_hangs_lower(): void
    {
        foreach ([Seating::OnSides, Seating::InNotch] as $seating) {
            $beam = ($this->usual()->layer(LayerKind::Beam) ?? $this->fail())->joined(new Joinery($seating));
            $frame = $this->frame($this->usual()->with($beam->otherwise(2, new OneMember(deep: $this->mm(240)))), $this->plan());
            $this->assertSame([], $frame->hindered, $seating->value);
            $this->assertEqualsWithDelta([2205, 2205, 2160, 2160, 2205, 2205], array_map(fn (Piece $piece) => $piece->solid->from->z, $frame->of(LayerKind::Beam)), 1e-6);
        }
        // A third ply in the notch of row 3 leaves 5 of its 140: told, once.
        $notched = ($this->usual()->layer(LayerKind::Beam) ?? $this->fail())->joined(new Joinery(Seating::InNotch));
        $told = $this->frame($this->usual()->with($notched->otherwise(3, new OneMember(count: 3))), $this->plan())->hindered;
        $this->assertSame([FrameRefusal::NotchLeavesLittle], array_map(fn (Fact $fact) => $fact->is, $told));
        $this->assertEqualsWithDelta(5.0, $told[0]->part('left')->inMillimetres(), 1e-6);
    }

    /** A fall of 0.05 over 3000; the last beam 45 wider to both sides of its middle: rafters pass it 0.05 · 22.5 higher. */
    public function test_rafters_lie_over_a_wider_beam_at_one_end(): void
    {
        foreach ([0.05, -0.05] as $slope) {
            $falling = $this->plan($slope);
            $frame = $this->frame($this->one(LayerKind::Beam, 3, new OneMember(count: 3)), $falling);
            $sign = $slope <=> 0.0;
            $this->assertEqualsWithDelta($slope * 3000 / (3000 - $sign * 22.5), $frame->space->rise, 1e-9);
            // They touch the first and the last; the middle one is passed by half of it.
            $this->assertEqualsWithDelta([0.0, 0.0], [$frame->space->offTheRafters($frame->footprint->lines[0]), $frame->space->offTheRafters($frame->footprint->lines[2])], 1e-6);
            $this->assertSame([FrameRefusal::BeamOffTheRafters], array_map(fn (Fact $fact) => $fact->is, $frame->hindered));
            $this->assertEqualsWithDelta(0.05 * 11.25, $frame->space->offTheRafters($frame->footprint->lines[1]), 0.02);
        }
    }

    /** 5400 of beam, 10 joists 595 apart: the first and the last stay flush when they are doubled, any other stands over its mark. */
    public function test_a_joist_is_doubled_where_it_stands(): void
    {
        $usual = $this->frame($this->usual())->nearFaces(LayerKind::Joist);
        foreach ([1 => 0.0, 4 => -22.5, 10 => -45.0] as $number => $shift) {
            $frame = $this->frame($this->one(LayerKind::Joist, $number, new OneMember(count: 2)));
            foreach ($frame->nearFaces(LayerKind::Joist) as $each => $face) {
                $this->assertEqualsWithDelta($usual[$each]->inMillimetres() + ($each === $number ? $shift : 0.0), $face->inMillimetres(), 1e-3, "{$number}: {$each}");
            }
            $pieces = array_values(array_filter($frame->of(LayerKind::Joist), fn (Piece $piece) => $piece->number === $number));
            $this->assertEqualsWithDelta([$usual[$number]->inMillimetres() + $shift + 22.5 - 300, $usual[$number]->inMillimetres() + $shift + 67.5 - 300], array_map(fn (Piece $piece) => $piece->solid->from->x, $pieces), 1e-3);
            $this->assertCount(11, $frame->of(LayerKind::Joist));
            $this->assertSame(2 * 11 * 2, $frame->fixings['joist']);
        }
        $blocks = $this->frame($this->one(LayerKind::Joist, 4, new OneMember(count: 2))->with(UsualFrame::layer(LayerKind::Blocking, Notation::millimetres(0))))->of(LayerKind::Blocking);
        $this->assertSame([550, 550, 528, 528, 550, 550, 550, 550, 550], array_map(fn (Piece $piece) => (int) round($piece->length->inMillimetres()), $blocks));
    }

    public function test_a_purlin_can_be_wider(): void
    {
        $roof = UsualFrame::of(JobKind::PoleBuilding, Notation::millimetres(0), $this->mm(140)) ?? $this->fail();
        $wide = $roof->with(($roof->layer(LayerKind::Purlin) ?? $this->fail())->otherwise(2, new OneMember(thick: $this->mm(95))));
        [$was, $is] = [$this->frame($roof)->of(LayerKind::Purlin), $this->frame($wide)->of(LayerKind::Purlin)];
        $this->assertSame([70, 95, 70], array_map(fn (Piece $piece) => (int) round($piece->solid->wide), array_slice($is, 0, 3)));
        $this->assertEqualsWithDelta($was[1]->solid->from->y, $is[1]->solid->from->y, 1e-6);
    }

    public function test_one_beyond_the_last_is_told(): void
    {
        foreach ([[LayerKind::Beam, 2, 3], [LayerKind::Joist, 10, 11]] as [$kind, $last, $beyond]) {
            $this->assertSame([], $this->frame($this->one($kind, $last, new OneMember(count: 3)))->hindered);
            $told = $this->frame($this->one($kind, $beyond, new OneMember(count: 3)))->hindered;
            $this->assertEquals([Fact::of(FrameRefusal::NoSuchMember, layer: $kind, number: $beyond, last: $last)], $told);
        }
        $left = $this->frame($this->usual()->with(($this->usual()->layer(LayerKind::Joist) ?? $this->fail())->spreadBy(new Spread(leftOut: [4, 11]))));
        $this->assertSame([FrameRefusal::NoSuchMember], array_map(fn (Fact $fact) => $fact->is, $left->hindered));
        $this->assertCount(9, $left->of(LayerKind::Joist));
    }

    public function test_rails_of_a_side_a_panel_and_a_brace_are_left_out(): void
    {
        $numbers = function (LayerKind $kind, int $leftOut): array {
            $layer = UsualFrame::layer($kind, Notation::millimetres(0))->spreadBy(new Spread(leftOut: [$leftOut]));

            return array_map(fn (Piece $piece) => $piece->number, $this->frame($this->usual()->with($layer))->of($kind));
        };
        $this->assertSame([1, 3, 4], $numbers(LayerKind::Panel, 2));
        $this->assertSame([1, 2, 4], $numbers(LayerKind::Brace, 3));
        $rails = UsualFrame::layer(LayerKind::Rail, Notation::millimetres(0))->spreadBy(new Spread(leftOut: [1]));
        $ys = array_map(fn (Piece $piece) => $piece->solid->from->y, $this->frame($this->usual()->with($rails))->of(LayerKind::Rail));
        $this->assertNotSame([], $ys);
        $this->assertGreaterThan(2000.0, min($ys), 'none on the first row');
    }

    public function test_a_connector_is_held_against_the_single_beam_too(): void
    {
        $three = $this->one(LayerKind::Beam, 2, new OneMember(count: 3));
        $cap = new Connector('cap', $this->mm(80), $this->mm(100), 2, null, 4, null, null);
        $joined = fn (FrameRules $rules): FrameRules => $rules->with(($rules->layer(LayerKind::Beam) ?? $this->fail())->joined(new Joinery(connector: $cap)));
        $this->assertSame([], $this->frame($joined($this->usual()))->hindered);
        $this->assertCount(2, $this->frame($joined($three))->hindered, 'too wide, and of other plies');
    }

    public function test_it_is_kept_and_taken_back(): void
    {
        $plan = Builds::plan()->withFrame($this->one(LayerKind::Beam, 2, new OneMember($this->mm(60), $this->mm(240), 3, 'span table 4')));
        $this->assertEquals($plan->frame, PlanCodec::decode(PlanCodec::encode($plan))->frame);
        $layer = $plan->frame?->layer(LayerKind::Beam) ?? $this->fail();
        $this->assertSame(['span table 4', ''], [$layer->at(2)->reliedOn, $layer->at(1)->reliedOn]);
        $this->assertEquals($this->usual()->layer(LayerKind::Beam), $layer->otherwise(2, null));
    }

    public function test_what_can_t_be_is_refused(): void
    {
        $refused = function (LayerKind $kind, OneMember $one): ?object {
            try {
                $this->one($kind, 2, $one);
            } catch (PlanRefused $refused) {
                return $refused->fact->is;
            }

            return null;
        };
        $this->assertSame(PlanRefusal::MemberOtherwiseDeep, $refused(LayerKind::Joist, new OneMember(deep: $this->mm(195))));
        $this->assertSame(PlanRefusal::MemberWithoutSection, $refused(LayerKind::Beam, new OneMember(deep: Length::zero())));
        $this->assertSame(PlanRefusal::MemberWithoutSection, $refused(LayerKind::Beam, new OneMember(thick: $this->mm(-45))));
        $this->assertSame(PlanRefusal::MembersTooClose, $refused(LayerKind::Joist, new OneMember(thick: $this->mm(100), count: 6)));
        $this->assertNull($refused(LayerKind::Joist, new OneMember(thick: $this->mm(99), count: 6)));
    }

    private function one(LayerKind $kind, int $number, OneMember $one): FrameRules
    {
        return $this->usual()->with(($this->usual()->layer($kind) ?? $this->fail())->otherwise($number, $one));
    }

    private function usual(): FrameRules
    {
        return UsualFrame::of(JobKind::Pergola, Notation::millimetres(0), $this->mm(140)) ?? $this->fail();
    }

    private function plan(float $slope = 0.0, ?float $row1 = null, ?float $row2 = null): Plan
    {
        $rows = array_filter(['1' => $this->mm($row1), '2' => $this->mm($row2)]);

        return Builds::plan(baysY: [1500, 1500])->withTops(new TopRules($this->mm(2400), Slope::level(), Slope::ratio($slope), $this->mm(1000), $rows));
    }

    private function frame(FrameRules $rules, ?Plan $plan = null): FrameOnPosts
    {
        $plan ??= Builds::plan();

        return new FrameOnPosts($plan, $rules, Footprint::ofGrid($plan, $rules), new Log([]));
    }

    /** @return ($length is null ? null : Length) */
    private function mm(?float $length): ?Length
    {
        return $length === null ? null : Length::millimetres($length);
    }
}
