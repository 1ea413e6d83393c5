<?php

declare(strict_types=1);

namespace Tests\Core\Square;

use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Measure\TapeConditions;
use Aequus\Plan\Layout\BoardRules;
use Aequus\Plan\Layout\ChosenPlacement;
use Aequus\Plan\Layout\LayoutRules;
use Aequus\Plan\Layout\ReadingList;
use Aequus\Plan\Layout\StringRun;
use Aequus\Plan\Plan;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Plan\Terms\Side;
use Aequus\Square\Network\SquareRefused;
use Aequus\Square\Readings\Wanted;
use Aequus\Square\SettingOut\BatterBoard;
use Aequus\Square\SettingOut\BatterBoards;
use Aequus\Square\SettingOut\HoldNumbers;
use Aequus\Square\SettingOut\PlumbedLine;
use Aequus\Square\SettingOut\StringOutline;
use Aequus\Square\SettingOut\TapeComparison;
use Aequus\Square\SettingOut\Turn;
use Aequus\Square\SettingOut\TwoTapes;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** Setting out by hand: two tapes, boards and nails, strings off the centres, a line over an obstacle, two tapes compared. */
final class SettingOutTest extends TestCase
{
    public function test_two_tapes_held_at_their_numbers_cross_at_the_post(): void
    {
        $plan = Builds::plan([2400, 2700, 2400], [2300, 2500]);
        $hold = new HoldNumbers($plan);
        $this->assertSame(['A1', 'D1'], [$hold->p->label, $hold->q->label]);
        $this->assertCount(10, $hold->posts);
        foreach ($hold->posts as $number) {
            if ($number->isFlat) {
                continue;
            }
            $cross = TwoTapes::cross($hold->p->at, $hold->q->at, $number->fromP, $number->fromQ, Turn::Left);
            $this->assertLessThanOrEqual(2_000, $cross->meet?->distanceTo($number->post->at)->nanometres);
        }
        $b1 = array_values(array_filter($hold->posts, fn ($number) => $number->post->label === 'B1'))[0];
        $this->assertTrue($b1->isFlat, 'on the base line the two tapes do not cross at all');
        $this->assertEqualsWithDelta(180, $b1->angle, 1e-4);
    }

    public function test_a_cold_hanging_tape_is_held_at_more_than_the_level_distance(): void
    {
        $plan = Builds::plan([9000], [6000]);
        $cold = new HoldNumbers($plan, new TapeConditions(celsius: 0, hangsWhole: true));
        $usual = new HoldNumbers($plan);
        foreach ($cold->posts as $i => $number) {
            $this->assertTrue($number->fromP->isLongerThan($usual->posts[$i]->fromP));
        }
        // Cold: 11.6e-6 · 20 K · 6 m = 1.4 mm; sag of 6 m at 50 N: 0.15² · 6³ / (24 · 50²) m = 0.08 mm.
        $this->assertEqualsWithDelta(6001.47, $cold->posts[0]->fromP->inMillimetres(), 0.02);
    }

    public function test_boards_stand_back_from_the_corners_and_carry_a_nail_for_each_string(): void
    {
        $boards = BatterBoards::of($this->plan(StringRun::centre()));
        $this->assertCount(3 + 3 + 2 + 2, $boards);
        $lane = $boards[0];
        $this->assertSame(Side::MinusY, $lane->side);
        $this->assertEquals(Length::millimetres(-1000), $lane->stands);
        $this->assertEquals(Length::millimetres(900), $lane->length());
        $this->assertEquals(Length::millimetres(450), $lane->nails[0]->nail);
        $this->assertEquals(Length::millimetres(4000), $boards[3]->stands);
    }

    public function test_a_row_needs_one_string_and_no_string_across_each_post(): void
    {
        $of = fn (array $along, array $across) => array_map(fn (BatterBoard $board) => $board->side, BatterBoards::of(Builds::plan($along, $across)));
        $this->assertSame([Side::MinusX, Side::PlusX], $of([2400, 2400, 2400], []));
        $this->assertSame([Side::MinusY, Side::PlusY], $of([], [3000]));
        $this->assertSame([], $of([], []));
        // Where no string runs across, the tape is hooked at the first post, wherever the one string runs.
        $row = Builds::plan([2400, 2400], []);
        $face = new StringOutline($row->withLayout(new LayoutRules(
            ChosenPlacement::BaseLine, ReadingList::Full, TapeClass::Steel, null, StringRun::face(), new BoardRules(Length::millimetres(1000), Length::millimetres(900)), Length::zero(),
        )));
        $this->assertEquals([0.0, 2400.0, 4800.0], array_map(fn ($mark) => $mark->centre->inMillimetres(), $face->columns));
        $this->assertEquals([4800.0, 0.0], [$face->length->inMillimetres(), $face->width->inMillimetres()]);
    }

    public function test_strings_at_the_faces_shift_every_nail_by_half_a_post_outward(): void
    {
        $boards = BatterBoards::of($this->plan(StringRun::face()));
        $this->assertEquals([-70.0, 70.0, 70.0], array_map(fn ($board) => $board->nails[0]->fromCentre->inMillimetres(), array_slice($boards, 0, 3)));
        $this->assertEquals(Length::millimetres(380), $boards[0]->nails[0]->nail);
    }

    /** The outer strings of rows and columns lie outside the posts; left of the way from one stake to the other is positive. */
    #[TestWith(['A1', 'C1', -70.0])]
    #[TestWith(['C1', 'A1', 70.0])]
    #[TestWith(['A2', 'C2', 70.0])]
    #[TestWith(['A1', 'A2', 70.0])]
    #[TestWith(['B1', 'B2', -70.0])]
    #[TestWith(['C1', 'C2', -70.0])]
    #[TestWith(['A1', 'C2', 0.0])]
    public function test_a_string_along_the_faces_runs_beside_the_stakes_it_is_read_from(string $from, string $to, float $left): void
    {
        $plan = $this->plan(StringRun::face());
        [$from, $to] = [$plan->grid->labelled($from), $plan->grid->labelled($to)];
        $this->assertEquals(Length::millimetres($left), $plan->stringRun($from, $to));
        $this->assertTrue($this->plan(StringRun::centre())->stringRun($from, $to)->isZero());
        $wanted = Wanted::string($plan, $plan->grid->labelled('B1'), $from, $to);
        $this->assertEquals($wanted->planned()->plus($wanted->ran()), Wanted::string($this->plan(StringRun::centre()), $plan->grid->labelled('B1'), $from, $to)->planned());
        $this->assertEquals($wanted->turned()->ran(), $plan->stringRun($to, $from));
    }

    public function test_boards_that_would_overlap_become_one_with_two_nails(): void
    {
        $plan = Builds::plan([600, 3000], [3000]);
        $usual = $plan->layout;
        $plan = $plan->withLayout(
            new LayoutRules(
                $usual->placement, $usual->list, $usual->tape, null, $usual->strings,
                new BoardRules(Length::millimetres(1000), Length::millimetres(900)), $usual->cover,
            ),
        );
        $lane = array_values(array_filter(BatterBoards::of($plan), fn ($board) => $board->side === Side::MinusY));
        $this->assertCount(2, $lane);
        $this->assertSame(['A', 'B'], array_map(fn ($nail) => $nail->line, $lane[0]->nails));
        $this->assertEquals([450.0, 1050.0], array_map(fn ($nail) => $nail->nail->inMillimetres(), $lane[0]->nails));
        $this->assertEquals(Length::millimetres(1500), $lane[0]->length());
    }

    public function test_an_offset_is_carried_through_length_width_diagonal_and_every_mark(): void
    {
        $centre = new StringOutline($this->plan(StringRun::centre()));
        $off = new StringOutline($this->plan(StringRun::offset(Length::millimetres(500))));
        $this->assertEquals(Length::millimetres(4800), $centre->length);
        $this->assertEquals(Length::millimetres(5800), $off->length);
        $this->assertEquals(Length::millimetres(4000), $off->width);
        $this->assertEqualsWithDelta(hypot(5800, 4000), $off->diagonal->inMillimetres(), 1e-5);
        foreach ($off->columns as $i => $mark) {
            $this->assertEquals($centre->columns[$i]->centre->plus(Length::millimetres(500)), $mark->centre);
            $this->assertEquals($centre->columns[$i]->nearFace->plus(Length::millimetres(500)), $mark->nearFace);
        }
    }

    public function test_strings_clear_the_heavier_posts_and_each_mark_has_the_faces_of_its_own_post(): void
    {
        $face = $this->plan(StringRun::face());
        $heavy = PlanCodec::decode(['heavy' => ['b' => 200_000_000, 'd' => 180_000_000, 'round' => false]] + PlanCodec::encode($face));
        $this->assertSame(['A1', 'C1', 'A2', 'C2'], array_map(fn ($post) => $post->label, array_values(array_filter(
            $heavy->grid->posts, fn ($post) => $heavy->sectionOf($post)->b->equals(Length::millimetres(200)),
        ))));
        $outline = new StringOutline($heavy);
        $this->assertEquals([Length::millimetres(5000), Length::millimetres(3180)], [$outline->length, $outline->width]);
        // Hooked where the outer strings cross, which is at the faces of the corner posts.
        $this->assertEquals([0.0, 100.0, 200.0], array_map(fn ($mark) => $mark->inMillimetres(), [
            $outline->columns[0]->nearFace, $outline->columns[0]->centre, $outline->columns[0]->farFace,
        ]));
        $this->assertEquals([2430.0, 2500.0, 2570.0], array_map(fn ($mark) => $mark->inMillimetres(), [
            $outline->columns[1]->nearFace, $outline->columns[1]->centre, $outline->columns[1]->farFace,
        ]));
        $this->assertEquals([-90.0, 2910.0], [$heavy->marks(Side::PlusY)[0]->nearFace->inMillimetres(), $heavy->marks(Side::PlusY)[1]->nearFace->inMillimetres()]);
        $this->assertEquals([[200.0, 180.0], [140.0, 140.0]], array_map(
            fn (Plan $plan) => [$plan->stoutest()->b->inMillimetres(), $plan->stoutest()->d->inMillimetres()], [$heavy, $face],
        ));
        $this->assertEquals([20.0, 30.0], [$outline->backAlong->inMillimetres(), $outline->backAway->inMillimetres()]);
        $off = fn (Side $side) => array_map(
            fn (BatterBoard $board) => $board->nails[0]->fromCentre->inMillimetres(),
            array_values(array_filter(BatterBoards::of($heavy), fn (BatterBoard $board) => $board->side === $side)),
        );
        $this->assertEquals([-100.0, 70.0, 100.0], $off(Side::MinusY), 'no corner stands on the column between');
        $this->assertEquals([-90.0, 90.0], $off(Side::MinusX));
        $this->assertTrue((new StringOutline($face))->backAlong->isZero());
    }

    public function test_a_line_carried_over_an_obstacle_costs_more_the_higher_it_goes_with_a_level_and_not_with_a_bob(): void
    {
        $low = new PlumbedLine(Length::millimetres(1000), Length::millimetres(6));
        $high = new PlumbedLine(Length::millimetres(3000), Length::millimetres(6));
        $this->assertEqualsWithDelta(1.58, $low->withLevel->inMillimetres(), 0.01);
        $this->assertTrue($high->withLevel->isLongerThan($low->withLevel));
        $this->assertEquals($low->withBob, $high->withBob);
        $at = new PlumbedLine($low->highestWithLevel ?? Length::zero(), Length::millimetres(6));
        $this->assertEqualsWithDelta(6, 1.96 * $at->withLevel->inMillimetres(), 1e-4);
        $this->assertNull((new PlumbedLine(Length::millimetres(1000), Length::millimetres(2)))->highestWithLevel);
    }

    public function test_a_worn_hook_and_a_stretched_tape_are_told_apart_over_two_lengths(): void
    {
        $mm = Length::millimetres(...);
        $compared = new TapeComparison($mm(2000), $mm(2003.4), $mm(10_000), $mm(10_005));
        $this->assertEqualsWithDelta(2e-4, $compared->perLength, 1e-9);
        $this->assertEqualsWithDelta(3.0, $compared->constant->inMillimetres(), 1e-6);
        $this->assertEqualsWithDelta(5004.0, $compared->onSecond($mm(5000))->inMillimetres(), 1e-6);
        $this->expectException(SquareRefused::class);
        new TapeComparison($mm(9000), $mm(9003), $mm(10_000), $mm(10_005));
    }

    private function plan(StringRun $run): Plan
    {
        return Builds::plan([2400, 2400], [3000])->withLayout(new LayoutRules(
            ChosenPlacement::BaseLine, ReadingList::Full, TapeClass::Steel, null, $run, new BoardRules(
                Length::millimetres(1000), Length::millimetres(900),
            ), Length::zero(),
        ));
    }
}
