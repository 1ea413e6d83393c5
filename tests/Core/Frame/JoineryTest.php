<?php

declare(strict_types=1);

namespace Tests\Core\Frame;

use Aequus\Fact\Fact;
use Aequus\Frame\CornerBrace;
use Aequus\Frame\Footprint;
use Aequus\Frame\FrameNote;
use Aequus\Frame\FrameOnPosts;
use Aequus\Frame\FrameRefusal;
use Aequus\Frame\FrameRefused;
use Aequus\Frame\Piece;
use Aequus\Frame\UsualFrame;
use Aequus\Logbook\Log;
use Aequus\Logbook\Set\TwistRead;
use Aequus\Logbook\Square\AsCast;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Slope;
use Aequus\Plan\Frame\EndCut;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Joinery;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Frame\Seating;
use Aequus\Plan\Frame\Spread;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Place\MustFit;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Tops\TopRules;
use Aequus\Plan\Tops\TopStack;
use Aequus\Stock\Stock;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** How members meet: two bays of 2400, rows 3000 apart, posts of 140, tops 2400 over the ground; beams of two plies 45 × 195. */
final class JoineryTest extends TestCase
{
    /** @param  list<float>  $beside  middles of the plies of the first row, then of the last, on y */
    #[TestWith([Seating::OnTop, null, 2400.0, [-22.5, 22.5, 2977.5, 3022.5]])]
    #[TestWith([Seating::InCap, 6.0, 2406.0, [-22.5, 22.5, 2977.5, 3022.5]])]
    #[TestWith([Seating::InNotch, 150.0, 2250.0, [-47.5, -2.5, 3047.5, 3002.5]])]
    #[TestWith([Seating::InNotch, null, 2205.0, [-47.5, -2.5, 3047.5, 3002.5]])]
    #[TestWith([Seating::OnSides, null, 2205.0, [-92.5, 92.5, 3092.5, 2907.5]])]
    public function test_beams_sit_as_they_are_let_in_and_joists_follow(Seating $seating, ?float $seat, float $foot, array $beside): void
    {
        $frame = $this->frame($this->with(LayerKind::Beam, new Joinery($seating, $this->mm($seat))));
        $beams = $frame->of(LayerKind::Beam);
        $this->assertEqualsWithDelta($beside, array_map(fn (Piece $piece) => $piece->solid->from->y, $beams), 1e-6);
        $this->assertEqualsWithDelta($foot, $beams[0]->solid->from->z, 1e-6);
        $this->assertEqualsWithDelta($foot + 195, $frame->of(LayerKind::Joist)[0]->solid->from->z, 1e-6);
        $this->assertSame([], $frame->hindered);
    }

    public function test_a_notch_that_leaves_little_or_nothing_of_the_post_is_told(): void
    {
        $notched = new Joinery(Seating::InNotch);
        foreach ([[45, 2, []], [47, 2, [FrameRefusal::NotchLeavesLittle]], [70, 2, [FrameRefusal::NotchTakesThePost]], [93, 1, []], [94, 1, [FrameRefusal::NotchLeavesLittle]]] as [$thick, $plies, $told]) {
            $beam = new Layer(LayerKind::Beam, Length::millimetres($thick), Length::millimetres(195), $plies, past: Length::millimetres(300), joinery: $notched);
            $this->assertSame($told, $this->told($this->frame($this->usual()->with($beam))->hindered), "{$plies} of {$thick}");
        }
    }

    /** 90 of beam and a fall of 150 over 3000: without a seat 45 · 0.05 above the beam’s top at its middle, with one as wide as the beam as much below. */
    public function test_rafters_rest_on_the_downhill_edge_or_come_down_by_their_seat(): void
    {
        foreach ([[null, 2.25], [45.0, 0.0], [90.0, -2.25]] as [$seat, $lift]) {
            foreach ([1, -1] as $way) {
                $rules = $this->with(LayerKind::Joist, new Joinery(seat: $this->mm($seat)));
                $rafter = $this->frame($rules, $this->falling($way * 0.05))->of(LayerKind::Joist)[0]->solid;
                $this->assertEqualsWithDelta(2400 + 195 + $lift, $rafter->from->z + $way * 0.05 * 300, 1e-6, "{$seat} {$way}");
            }
        }
        // 90 · sin 45° leaves 81 of 145: named; a seat of 210 goes through; 91 hangs over the beam.
        $steep = $this->frame($this->with(LayerKind::Joist, new Joinery(seat: $this->mm(90))), $this->falling(1.0));
        $this->assertContains(FrameNote::SeatIsDeep, $this->told($steep->minded));
        $this->assertSame([FrameRefusal::SeatWiderThanBeam], $this->told($this->frame($this->with(LayerKind::Joist, new Joinery(seat: $this->mm(91))), $this->falling(0.05))->hindered));
        $this->assertContains(FrameRefusal::SeatCutsThrough, $this->told($this->frame($this->with(LayerKind::Joist, new Joinery(seat: $this->mm(210))), $this->falling(1.0))->hindered));
    }

    /** In notches on the outer faces the beams stand 50 further apart than their posts: the same fall over 3050. */
    public function test_rafters_fall_between_the_beams_where_those_sit_beside_their_posts(): void
    {
        $rules = $this->with(LayerKind::Beam, new Joinery(Seating::InNotch));
        $frame = $this->frame($rules, $this->falling(-0.05));
        $this->assertEqualsWithDelta(-150 / 3050, $frame->space->rise, 1e-9);
        $this->assertSame([], $frame->hindered);
        // Over three rows, beams of the outer ones notched outward: the middle one’s, notched toward the first, lies off the line between.
        $three = $this->frame($rules, $this->falling(-0.05, [1500, 1500]));
        $this->assertSame([FrameRefusal::BeamOffTheRafters], $this->told($three->hindered));
        $this->assertSame('A2', $three->hindered[0]->part('post'));
        $this->assertEqualsWithDelta(25 * 150 / 3050, $three->hindered[0]->part('off')->inMillimetres(), 0.01);
        $this->assertSame([], $this->frame($this->usual(), $this->falling(-0.05, [1500, 1500]))->hindered);
    }

    /** A level low end of 145 deep on 0.05 takes 2900 more at the high end and nothing at the low. */
    public function test_the_ends_of_rafters_are_cut_as_chosen(): void
    {
        $long = fn (EndCut $high, EndCut $low): float => $this->frame($this->with(LayerKind::Joist, new Joinery(high: $high, low: $low)), $this->falling(-0.5))->of(LayerKind::Joist)[0]->length->inMillimetres();
        $top = 3600 * sqrt(1.25);
        $this->assertEqualsWithDelta([$top + 72.5, $top, $top, $top + 72.5 + 290], [
            $long(EndCut::Plumb, EndCut::Plumb), $long(EndCut::Square, EndCut::Square), $long(EndCut::Plumb, EndCut::Level), $long(EndCut::Level, EndCut::Plumb),
        ], 1e-3);
        // A level frame asks for none of it.
        $this->assertSame([], $this->frame($this->with(LayerKind::Joist, new Joinery(high: EndCut::Level)))->hindered);
    }

    public function test_tops_planned_for_another_stack_are_told(): void
    {
        $deck = UsualFrame::of(JobKind::Deck, Notation::millimetres(0), Length::millimetres(140)) ?? $this->fail();
        $tops = fn (float $beam): Plan => Builds::plan()->withTops(new TopRules(Length::millimetres(400), Slope::level(), Slope::level(), Length::millimetres(100), [], new TopStack(
            Length::millimetres(768 + $beam - 195), Length::zero(), array_map(Length::millimetres(...), [28, 145, $beam]),
        )));
        $this->assertSame([], $this->frame($deck, $tops(195))->hindered);
        $off = $this->frame($deck, $tops(220))->hindered;
        $this->assertSame([FrameRefusal::StackOff], $this->told($off));
        $this->assertEqualsWithDelta([368, 393], [$off[0]->part('high')->inMillimetres(), $off[0]->part('planned')->inMillimetres()], 1e-6);
    }

    /** 5400 of beam, joists of 45: at 600 from zero the centres are at 600, 1200 … 4800, the last flush; from 100 inside over 5200. */
    public function test_joists_lie_at_centres_or_from_an_offset_and_a_place_can_be_left_out(): void
    {
        $at = fn (Spread $spread): array => array_map(fn (Length $face) => round($face->inMillimetres(), 3), $this->frame($this->spread($spread))->nearFaces(LayerKind::Joist));
        $this->assertSame([0.0, 577.5, 1177.5, 1777.5, 2377.5, 2977.5, 3577.5, 4177.5, 4777.5, 5355.0], array_values($at(new Spread(true))));
        $offset = array_values($at(new Spread(offset: $this->mm(100))));
        $this->assertSame([100.0, 5255.0], [$offset[0], $offset[count($offset) - 1]]);
        // Number 4 left out: nine are left, each with the number it had, and the block there is two bays long.
        $this->assertSame([1, 2, 3, 5, 6, 7, 8, 9, 10], array_keys($at(new Spread(leftOut: [4]))));
        $rules = $this->spread(new Spread(leftOut: [4]))->with(UsualFrame::layer(LayerKind::Blocking, Notation::millimetres(0)));
        $blocks = array_map(fn (Piece $piece) => (int) round($piece->length->inMillimetres()), $this->frame($rules)->of(LayerKind::Blocking));
        $this->assertSame([550, 550, 1145, 550, 550, 550, 550, 550], $blocks);
        $this->assertSame(2 * 9 * 2, $this->frame($rules)->fixings['joist']);
        $this->assertSame([1, 2, 3, 5, 6, 7, 8, 9, 10], array_map(fn (Piece $piece) => $piece->number, $this->frame($rules)->of(LayerKind::Joist)), 'a piece is numbered as its mark');
        // Boards are never joined on a joist that is not there.
        $boards = $rules->with(new Layer(LayerKind::Board, Length::millimetres(145), Length::millimetres(28), gap: Length::millimetres(5)));
        $boards = $boards->soldIn($boards->layer(LayerKind::Board)?->section() ?? '', [new Stock(Length::millimetres(3600), 9.0), new Stock(Length::millimetres(2700), 7.0)]);
        $joists = array_values($this->frame($rules)->marks(LayerKind::Joist));
        foreach (array_filter($this->frame($boards)->of(LayerKind::Board), fn (Piece $piece) => $piece->isJoined) as $piece) {
            $ends = array_filter([$piece->solid->from->x, $piece->solid->to->x], fn (float $x) => $x > -299 && $x < 5099);
            foreach ($ends as $end) {
                $this->assertLessThan(0.01, min(array_map(fn (float $joist) => abs($joist - $end), $joists)));
            }
        }
        // What remains at centres is told, unless it is a whole bay.
        $this->assertContains(FrameNote::LastBay, $this->told($this->frame($this->spread(new Spread(true)))->minded));
        $this->assertNotContains(FrameNote::LastBay, $this->told($this->frame($this->spread(new Spread))->minded));
    }

    /** 600 along and 450 down with 70 of width: 750 and half of 70 · (600/450 + 450/600) at either end. */
    public function test_a_brace_goes_between_two_points(): void
    {
        $brace = CornerBrace::byPoints(Length::millimetres(600), Length::millimetres(450), Length::millimetres(70));
        $this->assertEqualsWithDelta([750, 750 + 35 * 25 / 12, 750 - 35 * 25 / 12, 36.8699], [
            $brace->centreLine->inMillimetres(), $brace->longEdge->inMillimetres(), $brace->shortEdge->inMillimetres(), $brace->angle,
        ], 1e-4);
        // Its long edge meets beam and post so far out that it is parallel to the centre line, half the width off.
        $this->assertEqualsWithDelta([600 + 35 / 0.6, 450 + 35 / 0.8], [$brace->legLong->inMillimetres(), $brace->downLong->inMillimetres()], 1e-4);
        $even = CornerBrace::byPoints(Length::millimetres(600), Length::millimetres(600), Length::millimetres(70));
        $this->assertEquals(CornerBrace::toItsCentreLine(Length::millimetres(600), Length::millimetres(70)), $even);
        $frame = $this->frame($this->with(LayerKind::Brace, new Joinery(down: $this->mm(450))));
        $this->assertEqualsWithDelta($brace->longEdge->inMillimetres(), $frame->of(LayerKind::Brace)[0]->length->inMillimetres(), 1e-6);
        $this->assertEqualsWithDelta([1950, 2400], [$frame->of(LayerKind::Brace)[0]->solid->from->z, $frame->of(LayerKind::Brace)[0]->solid->to->z], 1e-6);
        $this->expectException(FrameRefused::class);
        CornerBrace::byPoints(Length::millimetres(600), Length::millimetres(20), Length::millimetres(70));
    }

    /** Clear between posts of 140 are 2260 of 2400; less a gap of 10 at either side. */
    public function test_panels_hang_in_every_bay_but_where_something_passes(): void
    {
        $rules = $this->usual()->with(UsualFrame::layer(LayerKind::Panel, Notation::millimetres(0)));
        $frame = $this->frame($rules);
        $this->assertSame([2240, 2240, 2240, 2240], array_map(fn (Piece $piece) => (int) round($piece->length->inMillimetres()), $frame->of(LayerKind::Panel)));
        $plan = Builds::plan();
        $cast = Builds::log(...array_map(fn (string $post, float $off) => new AsCast($plan->grid->labelled($post)->id, Length::millimetres($off), Length::zero()), ['A1', 'B1'], [0, 7]));
        $this->assertSame([2247, 2233], array_map(fn (Piece $piece) => (int) round($piece->length->inMillimetres()), array_slice($this->frame($rules, $plan, $cast)->of(LayerKind::Panel), 0, 2)));
        $passing = $plan->withFit(new Fit([new MustFit('barrow', $plan->grid->labelled('A1')->id, $plan->grid->labelled('B1')->id, Length::millimetres(900), Length::zero(), Length::zero())]));
        $this->assertCount(3, $this->frame($rules, $passing)->of(LayerKind::Panel));
        $wide = $rules->with(new Layer(LayerKind::Panel, Length::millimetres(40), Length::millimetres(1800), gap: Length::millimetres(1200)));
        $this->assertSame(array_fill(0, 4, FrameRefusal::NoRoomForAPanel), $this->told($this->frame($wide)->hindered));
    }

    /** Boards of 145 at 24 in a hundred lose 8 · 0.25 in a hundred of their width, 2.9; dried to 10 they gain 2.175. */
    public function test_boards_are_laid_closer_when_wet_and_further_apart_when_dry(): void
    {
        $deck = UsualFrame::of(JobKind::Deck, Notation::millimetres(0), Length::millimetres(140)) ?? $this->fail();
        $laid = fn (?float $moisture): FrameOnPosts => $this->frame($deck->with($deck->layer(LayerKind::Board)?->soMoist($moisture) ?? $this->fail()));
        $gap = fn (?float $moisture): float => $this->between($laid($moisture)->of(LayerKind::Board));
        $this->assertEqualsWithDelta([5, 5, 2.1, 7.175, 0.65, 0.65], [$gap(null), $gap(16.0), $gap(24.0), $gap(10.0), $gap(28.0), $gap(60.0)], 1e-6);
        $this->assertNotContains(FrameNote::LayWithGap, $this->told($laid(null)->minded));
        $this->assertContains(FrameNote::LayWithGap, $this->told($laid(24.0)->minded));
        $this->assertContains(FrameNote::IsGreen, $this->told($laid(20.1)->minded));
        $this->assertNotContains(FrameNote::IsGreen, $this->told($laid(20.0)->minded));
        $narrow = $deck->with((new Layer(LayerKind::Board, Length::millimetres(145), Length::millimetres(28), gap: Length::millimetres(3)))->soMoist(30.0));
        $told = array_values(array_filter($this->frame($narrow)->minded, fn (Fact $fact) => $fact->is === FrameNote::LayTight))[0] ?? $this->fail();
        $this->assertEqualsWithDelta(4.35, $told->part('opens')->inMillimetres(), 1e-6);
    }

    public function test_posts_turned_off_their_line_are_named_where_something_is_fixed_to_their_faces(): void
    {
        $plan = Builds::plan();
        $turned = fn (float $gap): Log => Builds::log(new TwistRead($plan->grid->labelled('B2')->id, Length::millimetres($gap), Length::millimetres(140)));
        $railed = $this->usual()->with(UsualFrame::layer(LayerKind::Rail, Notation::millimetres(0)));
        $told = fn (FrameRules $rules, float $gap): array => array_filter($this->frame($rules, $plan, $turned($gap))->minded, fn (Fact $fact) => $fact->is === FrameNote::PostsAreTwisted);
        $this->assertSame(['B2'], array_values($told($railed, -3.0))[0]->part('posts'));
        $this->assertSame([], $told($railed, 2.7));
        $this->assertSame([], $told($this->usual(), 3.0), 'a beam on top does not mind');
        $this->assertCount(1, $told($this->with(LayerKind::Beam, new Joinery(Seating::OnSides)), 3.0));
    }

    /** Boards of 145 and gaps of 5: the eleventh begins at 1500, the twenty-first at 3000; two rails on posts of 2400; sheets of 1000. */
    public function test_what_is_marked_beside_joists_is_counted_from_one_zero_too(): void
    {
        $edges = fn (FrameRules $rules, LayerKind $kind): array => array_map(fn (Length $edge) => round($edge->inMillimetres(), 2), array_values($this->frame($rules)->edges($kind)));
        $this->assertSame([1, 2, 3, 4, 5, 6], array_keys($this->frame(UsualFrame::of(JobKind::PoleBuilding, Notation::millimetres(0), Length::millimetres(140)) ?? $this->fail())->edges(LayerKind::Sheet)));
        $deck = UsualFrame::of(JobKind::Deck, Notation::millimetres(0), Length::millimetres(140)) ?? $this->fail();
        $this->assertSame([0.0, 1500.0, 3000.0], $edges($deck, LayerKind::Board));
        $this->assertSame([1, 11, 21], array_keys($this->frame($deck)->edges(LayerKind::Board)));
        $this->assertSame([0.0, 1500.0, 3000.0, 4500.0], $edges($deck->running(false), LayerKind::Board));
        $roof = UsualFrame::of(JobKind::PoleBuilding, Notation::millimetres(0), Length::millimetres(140)) ?? $this->fail();
        $this->assertSame([0.0, 1000.0, 2000.0, 3000.0, 4000.0, 5000.0], $edges($roof, LayerKind::Sheet));
        $this->assertSame([550.5, 649.5], $edges($roof, LayerKind::Brace));
        // Feet 142.5 and 1102.5 below the tops, 95 high.
        $railed = $this->usual()->with(UsualFrame::layer(LayerKind::Rail, Notation::millimetres(0)));
        $this->assertSame([47.5, 1007.5], $edges($railed, LayerKind::Rail));
        $this->assertSame([], $edges($this->usual(), LayerKind::Board));
    }

    public function test_what_is_below_zero_is_refused(): void
    {
        foreach ([fn () => new Joinery(seat: $this->mm(-1)), fn () => new Joinery(down: $this->mm(-1)), fn () => new Spread(offset: $this->mm(-1))] as $refused) {
            try {
                $refused();
                $this->fail('Nothing was refused.');
            } catch (PlanRefused) {
                $this->addToAssertionCount(1);
            }
        }
    }

    /** @param  list<Piece>  $boards */
    private function between(array $boards): float
    {
        return $boards[1]->solid->from->y - $boards[0]->solid->from->y - ($boards[0]->solid->wide + $boards[1]->solid->wide) / 2;
    }

    /**
     * @param  list<Fact>  $facts
     * @return list<object>
     */
    private function told(array $facts): array
    {
        return array_map(fn (Fact $fact) => $fact->is, $facts);
    }

    private function usual(): FrameRules
    {
        return UsualFrame::of(JobKind::Pergola, Notation::millimetres(0), Length::millimetres(140)) ?? $this->fail();
    }

    private function with(LayerKind $kind, Joinery $joinery): FrameRules
    {
        return $this->usual()->with($this->usual()->layer($kind)?->joined($joinery) ?? $this->fail());
    }

    private function spread(Spread $spread): FrameRules
    {
        return $this->usual()->with($this->usual()->layer(LayerKind::Joist)?->spreadBy($spread) ?? $this->fail());
    }

    /** @param  list<int>  $rows */
    private function falling(float $slope, array $rows = [3000]): Plan
    {
        return Builds::plan(baysY: $rows)->withTops(new TopRules(Length::millimetres(2400), Slope::level(), Slope::ratio($slope), Length::millimetres(1000)));
    }

    private function frame(FrameRules $rules, ?Plan $plan = null, ?Log $log = null): FrameOnPosts
    {
        $plan ??= Builds::plan();

        return new FrameOnPosts($plan, $rules, Footprint::ofGrid($plan, $rules), $log ?? new Log([]));
    }

    private function mm(?float $length): ?Length
    {
        return $length === null ? null : Length::millimetres($length);
    }
}
