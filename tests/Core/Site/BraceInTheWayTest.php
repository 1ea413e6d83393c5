<?php

declare(strict_types=1);

namespace Tests\Core\Site;

use Aequus\Guide\Plan\KeepBracesOut;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Measure\Length;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Part\RowGate;
use Aequus\Plan\Place\Brace;
use Aequus\Plan\Place\BraceKind;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Place\MustFit;
use Aequus\Plan\Place\SiteKind;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Plan;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Plan\Terms\PlanRefusal;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;
use Aequus\Site\BraceInTheWay;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Core\Guide\SimulatedBuilder;
use Tests\Told;

/**
 * Braces against what must pass. Posts 140 square, 3000 apart, 2400 high; the machine is 2000 wide with 200 on either side and 2200 high: it passes
 * from 300 to 2700 off the first post’s centre.
 */
final class BraceInTheWayTest extends TestCase
{
    public function test_a_tie_blocks_below_the_height_of_what_passes_and_not_from_there_up(): void
    {
        $blocks = $this->blocks($this->tie(2000)) ?? $this->fail();
        $this->assertSame('hay cart', $blocks->thing instanceof MustFit ? $blocks->thing->name : null);
        $this->assertEquals([Length::millimetres(2200), null], [$blocks->above, $blocks->below]);
        $this->assertNull($this->blocks($this->tie(2200)));
        // Between two posts where nothing passes it is in nobody’s way.
        $this->assertNull($this->blocks($this->tie(2000, 'B1', 'C1')));
        $this->assertNull($this->blocks($this->tie(2000, 'A1', 'A2')));
    }

    /** At 45° it is 300 higher where the machine begins: from 1900 up it clears its corner; or its leg ends before. */
    public function test_a_knee_blocks_where_it_cuts_the_corner_of_what_passes(): void
    {
        foreach (['A1' => 'B1', 'B1' => 'A1'] as $from => $to) {
            $blocks = $this->blocks($this->knee(1500, 600, $from, $to)) ?? $this->fail();
            $this->assertEqualsWithDelta([1900.0, 300.0], [$blocks->above?->inMillimetres(), $blocks->leg?->inMillimetres()], 0.01);
            $this->assertNull($this->blocks($this->knee(1901, 600, $from, $to)));
            $this->assertNull($this->blocks($this->knee(1500, 299, $from, $to)));
        }
        $this->assertNull($this->blocks($this->knee(1500, 600, 'B1', 'C1')));
    }

    public function test_a_prop_blocks_on_the_side_on_which_something_passes_and_the_others_are_named(): void
    {
        $blocks = $this->blocks($this->prop(Side::PlusX)) ?? $this->fail();
        $this->assertSame([Side::MinusY, Side::PlusY, Side::MinusX], $blocks->sides);
        $this->assertNull($this->blocks($this->prop(Side::MinusX)));
    }

    /** A head over the last rung: nothing from 1200 up; lower is free. */
    public function test_what_must_stay_free_between_two_heights_lets_lower_braces_be(): void
    {
        $plan = $this->plan()->withFit(new Fit([$this->thing('last rung', 2000, 1200, null)]));
        $blocks = BraceInTheWay::all($plan->withBraces([$this->tie(1800)]))[0] ?? $this->fail();
        $this->assertEquals([null, Length::millimetres(1200)], [$blocks->above, $blocks->below]);
        $this->assertSame([], BraceInTheWay::all($plan->withBraces([$this->tie(1200)])));
        // A knee from below reaches up into it: as much lower as it is long.
        $knee = BraceInTheWay::all($plan->withBraces([$this->knee(1000, 600, 'A1', 'B1')]))[0] ?? $this->fail();
        $this->assertEqualsWithDelta(600.0, $knee->below?->inMillimetres(), 0.01);
    }

    public function test_two_things_in_one_bay_are_both_cleared_by_what_is_offered(): void
    {
        $plan = $this->plan()->withFit(new Fit([$this->thing('hay cart', 2000, null, 1800), $this->thing('baler', 1200, null, 2300)]));
        $this->assertEquals(Length::millimetres(2300), (BraceInTheWay::all($plan->withBraces([$this->tie(1700)]))[0] ?? $this->fail())->above);
    }

    #[TestWith([SiteKind::Drive, true])]
    #[TestWith([SiteKind::Wet, true])]
    #[TestWith([SiteKind::Bank, false])]
    public function test_a_prop_must_not_stand_on_a_path_or_water(SiteKind $kind, bool $isBlocked): void
    {
        $points = $kind->isArea() ? [[-2000, -800], [6000, -800], [6000, -4000], [-2000, -4000]] : [[-2000, -800], [6000, -800]];
        $plan = $this->plan()->withSite([$this->object($kind, $points)])->withBraces([$this->prop(Side::MinusY)]);
        $found = BraceInTheWay::all($plan);
        $this->assertSame($isBlocked, $found !== []);
        $this->assertSame($isBlocked ? [Side::PlusY, Side::MinusX] : null, $found === [] ? null : $found[0]->sides);
    }

    public function test_a_prop_must_leave_room_before_a_door(): void
    {
        $door = fn (float $away): Plan => $this->plan()->withSite([$this->object(SiteKind::Door, [[-400, -1200 - $away], [500, -1200 - $away]])])->withBraces([$this->prop(Side::MinusY)]);
        $this->assertNotSame([], BraceInTheWay::all($door(990)));
        $this->assertSame([], BraceInTheWay::all($door(1010)));
    }

    #[TestWith([0.0])]
    #[TestWith([37.0])]
    #[TestWith([-40.0])]
    public function test_a_gate_of_a_turned_row_is_kept_free_as_one_that_is_not_turned(float $turn): void
    {
        $at = fn (float $x, float $y): Point => new Point(Length::millimetres($x), Length::millimetres($y));
        $plan = $this->plan()->withFit(new Fit)->withParts([new Part(
            'p1', 'F', PartKind::Row, [$at(0, 0), $at(6000, 0)], [], [], Length::millimetres(1500), $at(0, -9000), $turn,
            gates: [new RowGate(1, Length::millimetres(1500), Length::millimetres(1000), Length::millimetres(20))],
        )]);
        [$hinge, $latch] = [$plan->grid->labelled('F2')->id, $plan->grid->labelled('F3')->id];
        $knee = new Brace(BraceKind::Knee, $hinge, $latch, null, Length::millimetres(1000), Length::millimetres(500));
        $this->assertTrue((BraceInTheWay::all($plan->withBraces([$knee]))[0] ?? $this->fail())->thing->isLeaf ?? false);
        $away = new Brace(BraceKind::Knee, $hinge, $plan->grid->labelled('F1')->id, null, Length::millimetres(1000), Length::millimetres(500));
        $this->assertSame([], BraceInTheWay::all($plan->withBraces([$away])));
        $prop = new Brace(BraceKind::Prop, $hinge, null, Side::MinusY, Length::millimetres(1000), Length::millimetres(800));
        $this->assertSame([], BraceInTheWay::all($plan->withBraces([$prop])));
    }

    public function test_the_guide_names_it_before_anything_is_staked_and_lets_go_once_it_is_moved(): void
    {
        $plan = $this->plan();
        $told = fn (Brace $brace) => (new SimulatedBuilder($plan->withBraces([$brace]), '2026-05-04', new NoticeAsked('2026-04-20', 3, '')))->next();
        $move = $told($this->knee(1500, 600, 'A1', 'B1'));
        $this->assertSame('Move the knee brace at A1', Told::do($move, $plan));
        $this->assertSame('It stands 1500 mm up, in the way of hay cart. It does not from 1900 mm up. Nor with a leg of 300 mm at most.', Told::why($move, $plan));
        $this->assertNotSame(KeepBracesOut::MoveBrace, $told($this->knee(1900, 600, 'A1', 'B1'))?->do->is);
    }

    public function test_they_are_kept_with_the_plan_and_refused_where_they_lead_nowhere(): void
    {
        $plan = $this->plan()->withBraces([$this->tie(2000), $this->knee(1500, 600, 'A1', 'B1'), $this->prop(Side::MinusY)]);
        $this->assertEquals($plan, PlanCodec::decode(json_decode((string) json_encode(PlanCodec::encode($plan)), true)));
        $this->assertCount(3, $this->plan()->returnedTo($plan)->braces);
        foreach ([
            [PlanRefusal::BraceWithoutReach, fn () => $this->knee(1500, 0, 'A1', 'B1')], [PlanRefusal::BraceWithoutReach, fn () => $this->tie(0)],
            [PlanRefusal::BraceToNowhere, fn () => $this->tie(2000, 'A1', 'A1')],
            [PlanRefusal::FreeUpsideDown, fn () => $this->thing('hay cart', 2000, 1500, 1500)],
        ] as [$why, $make]) {
            try {
                $make();
                $this->fail("{$why->name} was not refused.");
            } catch (PlanRefused $refusal) {
                $this->assertSame($why, $refusal->fact->is);
            }
        }
    }

    private function plan(): Plan
    {
        return Builds::plan(baysX: [3000, 3000], baysY: [3000])->withFit(new Fit([$this->thing('hay cart', 2000, null, 2200)]));
    }

    private function thing(string $name, float $width, ?float $low, ?float $high): MustFit
    {
        $grid = Builds::plan(baysX: [3000, 3000], baysY: [3000])->grid;
        $mm = fn (?float $length): ?Length => $length === null ? null : Length::millimetres($length);

        return new MustFit(
            $name, $grid->labelled('A1')->id, $grid->labelled('B1')->id, Length::millimetres($width), Length::millimetres(200), Length::zero(), low: $mm($low), high: $mm($high),
        );
    }

    private function blocks(Brace $brace): ?BraceInTheWay
    {
        return BraceInTheWay::all($this->plan()->withBraces([$brace]))[0] ?? null;
    }

    private function tie(float $high, string $from = 'A1', string $to = 'B1'): Brace
    {
        $grid = Builds::plan(baysX: [3000, 3000], baysY: [3000])->grid;

        return new Brace(BraceKind::Tie, $grid->labelled($from)->id, $grid->labelled($to)->id, null, Length::millimetres($high), Length::zero());
    }

    private function knee(float $high, float $reach, string $from, string $to): Brace
    {
        $grid = Builds::plan(baysX: [3000, 3000], baysY: [3000])->grid;

        return new Brace(BraceKind::Knee, $grid->labelled($from)->id, $grid->labelled($to)->id, null, Length::millimetres($high), Length::millimetres($reach));
    }

    /** At A1, 1500 up, its foot 1200 away. */
    private function prop(Side $toward): Brace
    {
        return new Brace(BraceKind::Prop, $this->plan()->grid->labelled('A1')->id, null, $toward, Length::millimetres(1500), Length::millimetres(1200));
    }

    /** @param  list<array{float, float}>  $points */
    private function object(SiteKind $kind, array $points): SiteObject
    {
        return new SiteObject('o1', 'cart track', $kind, array_map(fn (array $at) => new Point(Length::millimetres($at[0]), Length::millimetres($at[1])), $points), Length::zero(), Length::zero());
    }
}
