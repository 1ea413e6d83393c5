<?php

declare(strict_types=1);

namespace Tests\Core\Square;

use Aequus\Adjust\Placement\PlacedStake;
use Aequus\Adjust\Placement\PlacementWay;
use Aequus\Adjust\Statistics\NormalDistribution;
use Aequus\Logbook\Entry;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Log;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Square\LineReading;
use Aequus\Logbook\Square\StakeMoved;
use Aequus\Logbook\Square\StringReading;
use Aequus\Logbook\Square\TapeLay;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Layout\LayoutRules;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Point;
use Aequus\Square\Layout;
use Aequus\Square\Readings\TakenReading;
use Aequus\Square\Readings\Taped;
use Aequus\Square\SquareVerdict;
use Aequus\Words\Square\WantedWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** What a layout says of its stakes: outlines of four, grids with posts left out, rows, held posts, two tapes, old readings. */
final class LayoutTest extends TestCase
{
    private const NAMES = [['A1', 'B1'], ['B1', 'B2'], ['A2', 'B2'], ['A1', 'A2'], ['A1', 'B2'], ['B1', 'A2']];

    public function test_the_critical_size_for_six_readings_is_the_textbooks(): void
    {
        $this->assertEqualsWithDelta(3.14275583341, NormalDistribution::critical(6), 1e-6);
        $this->assertEqualsWithDelta(1.959963984540, NormalDistribution::quantile(0.975), 1e-9);
    }

    public function test_six_tapes_that_disagree_never_accuse_one(): void
    {
        $layout = $this->outline([5400, 3600, 5400, 3600, 6489.99 + 25.4, 6489.99]);
        $this->assertSame(SquareVerdict::InDoubt, $layout->verdict());
        $this->assertCount(6, $layout->survey->mistakes->named ?? []);
        $this->assertNull($layout->survey->separation, 'no seventh distance exists between four stakes');
        $this->assertSame(
            ['A1–B2', 'B1–A2', 'A1–B1', 'A2–B2', 'B1–B2', 'A1–A2'], array_map(fn (TakenReading $taken) => WantedWords::of($taken->wanted), $layout->doubtful()),
        );
    }

    public function test_a_racked_outline_is_told_which_way_and_how_far_the_far_side_moves(): void
    {
        // The far side stands 20 mm toward +x.
        $layout = $this->outline($this->distances([[0, 0], [5400, 0], [5420, 3600], [20, 3600]]));
        $this->assertSame(SquareVerdict::Out, $layout->verdict());
        $this->assertEqualsWithDelta(-20, $layout->outline?->farSideShift()?->inMillimetres(), 0.1);
        $this->assertSame(['A2', 'B2'], $this->labels($layout->toMove()));
        $this->assertEqualsWithDelta([-20, 0], [$layout->toMove()[0]->along->x, $layout->toMove()[0]->along->y], 0.01);
    }

    public function test_two_readings_of_one_pair_that_nothing_else_touches_are_held_against_each_other(): void
    {
        $plan = Builds::plan([2400, 2400], [3000]);
        $tape = fn (string $from, string $to, float $reads) => new TapeReading(
            $plan->grid->labelled($from)->id, $plan->grid->labelled($to)->id, Length::millimetres($reads), TapeClass::Steel,
        );
        // Two pairs far from each other: no network joins them, and each is all that is known of its stakes.
        $read = fn (float $again) => new Layout($plan, Builds::log($tape('A1', 'B1', 2400), $tape('C1', 'C2', 3000), $tape('C1', 'C2', $again)), ByPost::none());
        $this->assertSame(['C1–C2'], array_map(fn (Taped $taped) => $taped->pair->label(), $read(3100)->readTwiceApart()));
        $this->assertSame([], $read(3001)->readTwiceApart());
        // Steel at 3 m is good to 1.53 mm: two of them lie within 2.576 × √2 × that, 99 times in 100.
        $limit = NormalDistribution::critical(1) * TapeClass::Steel->sigma(Length::millimetres(3000)) * M_SQRT2;
        $this->assertSame([], $read(3000 + 0.99 * $limit)->readTwiceApart());
        $this->assertCount(1, $read(3000 + 1.02 * $limit)->readTwiceApart());
    }

    public function test_a_true_outline_is_within_and_a_long_base_moves_its_far_end(): void
    {
        $this->assertSame(SquareVerdict::Within, $this->outline($this->distances([[0, 0], [5400, 0], [5400, 3600], [0, 3600]]))->verdict());
        $long = $this->outline($this->distances([[0, 0], [5415, 0], [5415, 3600], [0, 3600]]));
        $this->assertSame(['B1', 'B2'], $this->labels($long->toMove()));
    }

    public function test_a_tape_too_rough_for_the_tolerance_says_so_instead_of_square(): void
    {
        $tight = Builds::plan([5400], [3600], within: 4);
        $layout = $this->layout(
            $tight, ...$this->tapes($tight, $this->distances([[0, 0], [5400, 0], [5400, 3600], [0, 3600]]), TapeClass::Fibreglass),
        );
        $this->assertSame(SquareVerdict::CannotTell, $layout->verdict());
    }

    public function test_diagonals_alone_or_sides_alone_leave_stakes_free_and_name_them(): void
    {
        $all = $this->distances([[0, 0], [5400, 0], [5400, 3600], [0, 3600]]);
        $diagonals = $this->outline([4 => $all[4], 5 => $all[5]]);
        $this->assertSame(SquareVerdict::ReadingsMissing, $diagonals->verdict());
        $this->assertEquals(Length::zero(), $diagonals->outline?->diagonalDifference());
        $sides = $this->outline(array_slice($all, 0, 4));
        $this->assertSame(SquareVerdict::ReadingsMissing, $sides->verdict());
        $this->assertNull($sides->outline?->farSideShift());
        $this->assertSame(['A2', 'B2'], array_map(fn ($post) => $post->label, $sides->unproved()));
        $this->assertSame(['A1–B2', 'B1–A2'], array_map(fn ($wanted) => WantedWords::of($wanted), $sides->unread()));
    }

    public function test_distances_that_make_no_figure_wait_and_once_confirmed_are_a_contradiction_not_a_crash(): void
    {
        $tapes = $this->tapes($this->plan(), [5400, 3600, 5400, 3600, 12000, 6490]);
        $this->assertSame(SquareVerdict::FarFromPlan, $this->layout($this->plan(), ...$tapes)->verdict());
        $entries = array_map(
            fn (Payload $tape, int $i) => new Entry($i + 1, "c{$i}", $tape, 1, '2026-05-04 08:00:00', 'Tester', asTyped: true), $tapes,
            array_keys($tapes),
        );
        $this->assertContains((new Layout($this->plan(), new Log($entries), ByPost::none()))->verdict(), [SquareVerdict::NoRest, SquareVerdict::InDoubt]);
    }

    public function test_a_pair_read_twice_an_inch_apart_leaves_the_wrong_one_out(): void
    {
        $plan = $this->plan();
        $d = $this->distances([[0, 0], [5400, 0], [5400, 3600], [0, 3600]]);
        $layout = $this->layout($plan, ...[...$this->tapes($plan, $d), ...$this->tapes($plan, [4 => $d[4] + 25.4])]);
        $this->assertSame(['r7'], array_map(fn ($one) => $one->id, $layout->survey->mistakes->dropped ?? []));
        $this->assertEqualsWithDelta(25.4, $layout->survey->mistakes->dropped[0]->mistake ?? 0.0, 0.1);
        $this->assertSame(SquareVerdict::Within, $layout->verdict());
        $this->assertSame([], $layout->toReadAgain(), 'a good reading of that pair is there already');
    }

    public function test_a_stake_of_a_grid_with_posts_left_out_is_called_out_alone(): void
    {
        $plan = Builds::plan([2400, 2700, 2700, 2400], [2300, 2400, 2300], ['C2', 'C3']);
        $layout = $this->layout($plan, ...$this->everything($plan, ['D3' => [28.6, 12.7]]));
        $this->assertSame(SquareVerdict::Out, $layout->verdict());
        $this->assertSame(['D3'], $this->labels($layout->toMove(), $plan));
        $this->assertEqualsWithDelta([-28.6, -12.7], [$layout->toMove()[0]->along->x, $layout->toMove()[0]->along->y], 1.0);
    }

    public function test_readings_of_a_moved_stake_are_old_and_the_list_asks_for_them_again(): void
    {
        $plan = Builds::plan([2400, 2700, 2700, 2400], [2300, 2400, 2300], ['C2', 'C3']);
        $d3 = $plan->grid->labelled('D3')->id;
        $layout = $this->layout($plan, ...[...$this->everything($plan, ['D3' => [28.6, 12.7]]), new StakeMoved($d3)]);
        $this->assertSame(SquareVerdict::ReadingsMissing, $layout->verdict());
        $this->assertNotEmpty($layout->unread());
        foreach ($layout->unread() as $wanted) {
            $this->assertContains('D3', array_map(fn ($post) => $post->label, $wanted->posts()));
        }
        $proved = $this->layout(
            $plan,
            ...[
                ...$this->everything($plan, ['D3' => [28.6, 12.7]]), new StakeMoved($d3),
                ...array_filter($this->everything($plan), fn ($tape) => in_array($d3->value, array_map(fn ($p) => $p->value, $tape->posts()), true)),
            ],
        );
        $this->assertSame(SquareVerdict::Within, $proved->verdict());
    }

    public function test_a_post_that_is_set_is_held_and_the_others_move_to_it(): void
    {
        $plan = Builds::plan([2400, 2400], [2400, 2400]);
        // B2 stands 20 mm off and is cast in; the design turns about it and shifts with it.
        $layout = $this->layout($plan, ...[...$this->everything($plan, ['B2' => [20, 0]]), new PostSet($plan->grid->labelled('B2')->id)]);
        $this->assertSame(PlacementWay::Held, $layout->survey->placed?->way);
        $this->assertCount(8, $layout->toMove());
        foreach ($layout->toMove() as $stake) {
            $this->assertEqualsWithDelta([20, 0], [$stake->along->x, $stake->along->y], 1.0);
        }
    }

    public function test_posts_that_are_set_and_fit_no_true_grid_make_the_design_give(): void
    {
        $plan = Builds::plan([2400, 2400], [2400, 2400]);
        $set = array_map(fn ($post) => new PostSet($post->id), $plan->grid->posts);
        $layout = $this->layout($plan, ...[...$this->everything($plan, ['B2' => [30, 0]]), ...$set]);
        $this->assertSame(SquareVerdict::DesignHasToGive, $layout->verdict());
        $this->assertSame([], $layout->toMove());
    }

    public function test_once_a_set_post_is_taped_itself_what_was_taped_to_its_stake_is_old(): void
    {
        $plan = Builds::plan([2400, 2400], [2400, 2400]);
        $b2 = $plan->grid->labelled('B2')->id;
        $before = $this->layout($plan, ...[...$this->everything($plan), new PostSet($b2)]);
        $this->assertSame([], $before->unread());
        $anew = new TapeReading($plan->grid->labelled('A2')->id, $b2, Length::millimetres(2400), TapeClass::Steel);
        $after = $this->layout($plan, ...[...$this->everything($plan), new PostSet($b2), $anew]);
        $this->assertCount(7, $after->unread());
    }

    public function test_three_checked_readings_prove_the_new_place_of_a_moved_stake_and_fewer_or_wrong_ones_never_do(): void
    {
        $plan = Builds::plan([2400, 2400], [2400, 2400]);
        $c3 = $plan->grid->labelled('C3')->id;
        $before = [...$this->everything($plan, ['C3' => [40, 0]]), new StakeMoved($c3)];
        $again = fn (array $off, float $slip = 0.0): array => array_map(
            fn (TapeReading $tape, int $i) => $i === 0
                ? new TapeReading($tape->from, $tape->to, $tape->distance->plus(Length::millimetres($slip)), TapeClass::Steel) : $tape,
            $near = array_values(
                array_filter($this->everything($plan, ['C3' => $off]), fn (TapeReading $tape) => $tape->from->equals($c3) || $tape->to->equals($c3)),
            ), array_keys($near),
        );
        $after = fn (int $count, array $off = [0, 0], float $slip = 0.0) => $this->layout(
            $plan, ...[...$before, ...array_slice($again($off, $slip), 0, $count)],
        );
        $all = count($again([0, 0]));
        $this->assertGreaterThan(3, $all);
        $this->assertCount($all - 2, $after(2)->unread(), 'two readings check nothing');
        $this->assertSame([[], SquareVerdict::Within], [$after(3)->unread(), $after(3)->verdict()]);
        foreach (range(2, $all) as $count) {
            foreach ([[25, 0], [0, 25], [-18, 18]] as $off) {
                $this->assertNotSame(SquareVerdict::Within, $after($count, $off)->verdict(), "still off, {$count} read");
            }
        }
        foreach ([30.0, -30.0] as $slip) {
            $this->assertNotSame(SquareVerdict::Within, $after(3, [0, 0], $slip)->verdict(), 'one of the three is wrong');
        }
        $corners = Builds::plan([5400], [3600]);
        $a2 = $corners->grid->labelled('A2')->id;
        $few = array_values(array_filter($this->everything($corners), fn (TapeReading $tape) => $tape->from->equals($a2) || $tape->to->equals($a2)));
        $this->assertCount(
            1, $this->layout($corners, ...[...$this->everything($corners), new StakeMoved($a2), ...array_slice($few, 0, 2)])->unread(),
            'on four stakes every tape is needed',
        );
    }

    public function test_a_second_tape_that_shows_too_much_is_found_and_taken_out(): void
    {
        $plan = Builds::plan([2400, 2400], [2400, 2400]);
        $tapes = array_map(fn (TapeReading $t, int $i) => $i % 3 === 0
            ? new TapeReading($t->from, $t->to, $t->distance->plus(Length::millimetres(8)), TapeClass::Steel, 'yellow')
                : $t, $this->everything($plan), array_keys($this->everything($plan)));
        // The unnamed tape is used first, so it is the reference.
        $layout = $this->layout($plan, ...[$tapes[1], $tapes[0], ...array_slice($tapes, 2)]);
        $this->assertSame('', $layout->taken->referenceTape);
        // Believed to be 0 ± 5 mm before, so a little short of the whole 8.
        [$constant, $deviation] = $layout->survey->constants['yellow'];
        $this->assertEqualsWithDelta(8, $constant, 2 * $deviation);
        $this->assertGreaterThan(6, $constant);
        $this->assertSame(SquareVerdict::Within, $layout->verdict());
    }

    public function test_a_row_is_proved_by_spacings_and_string_offsets(): void
    {
        $plan = Builds::plan([2000, 2000, 2000], []);
        $right = $this->layout($plan, ...$this->everything($plan));
        $this->assertSame(SquareVerdict::Within, $right->verdict());
        $wrong = $this->layout($plan, ...$this->everything($plan, ['C1' => [0, 14]]));
        $this->assertSame(['C1'], $this->labels($wrong->toMove(), $plan));
        $this->assertEqualsWithDelta(-14, $wrong->toMove()[0]->along->y, 0.5);
    }

    public function test_two_posts_are_told_by_their_one_distance_and_one_post_has_nothing_to_square(): void
    {
        $plan = Builds::plan([2000], []);
        $this->assertSame(SquareVerdict::Within, $this->layout($plan, ...$this->everything($plan))->verdict());
        $this->assertSame(['B1'], $this->labels($this->layout($plan, ...$this->everything($plan, ['B1' => [12, 0]]))->toMove(), $plan));
        $this->assertSame(SquareVerdict::OnePost, $this->layout(Builds::plan([], []))->verdict());
    }

    public function test_a_tape_along_the_ground_waits_for_its_rise_and_takes_it_from_the_levels(): void
    {
        $plan = $this->plan();
        [$a1, $b1] = [$plan->grid->labelled('A1')->id, $plan->grid->labelled('B1')->id];
        $along = new TapeReading($a1, $b1, Length::millimetres(hypot(5400, 300)), TapeClass::Steel, lay: TapeLay::AlongGround);
        $this->assertCount(1, $this->layout($plan, $along)->taken->waiting);
        $levelled = new Layout($plan, Builds::log($along), ByPost::fromStored([$a1->value => Length::millimetres(-100), $b1->value => Length::millimetres(-400)]));
        $this->assertEqualsWithDelta(5400, $levelled->taken->taped[array_key_first($levelled->taken->taped)]->distance->inMillimetres(), 1e-4);
        $typed = new TapeReading($a1, $b1, $along->distance, TapeClass::Steel, lay: TapeLay::AlongGround, rise: Length::millimetres(300));
        $this->assertEqualsWithDelta(5400, array_values($this->layout($plan, $typed)->taken->taped)[0]->distance->inMillimetres(), 1e-4);
    }

    /** @param  array{float, float, float, float}  $wall  from x, y to x, y */
    #[TestWith([[-2000, -1500, 9000, -1500], ['A1' => 1500, 'C1' => 1524]], 'a wall along the base line')]
    #[TestWith([[-1500, -2000, -1500, 9000], ['A1' => -1500, 'A2' => -1485.6]], 'a wall along the first column')]
    public function test_offsets_from_a_wall_hold_the_layout_parallel_to_it(array $wall, array $offsets): void
    {
        $plan = Builds::plan([3000, 3000], [3600]);
        $usual = LayoutRules::usual($plan->hole->reach());
        $line = new FixedLine(FixedLine::FIRST_ID, 'barn wall', $this->point($wall[0], $wall[1]), $this->point($wall[2], $wall[3]));
        $plan = $plan->withLayout(
            new LayoutRules(
                \Aequus\Plan\Layout\ChosenPlacement::BestFit, $usual->list, $usual->tape, null, $usual->strings, $usual->boards, $usual->cover,
                fixedLines: [$line],
            ),
        );
        $turn = 0.004;
        $turned = [];
        foreach ($plan->grid->posts as $post) {
            $turned[$post->label] = [-$turn * $post->at->y->inMillimetres(), $turn * $post->at->x->inMillimetres()];
        }
        $off = array_map(
            fn (string $label, float $mm) => new LineReading($plan->grid->labelled($label)->id, Length::millimetres($mm)), array_keys($offsets),
            $offsets,
        );
        $layout = $this->layout($plan, ...[...$this->everything($plan, $turned), ...$off]);
        $this->assertEqualsWithDelta($turn, $layout->survey->placed?->placement->rotation, 1e-4);
    }

    public function test_a_stake_left_out_of_the_plan_takes_its_readings_with_it_and_nothing_breaks(): void
    {
        $before = Builds::plan([2400, 2400], [2400, 2400]);
        $after = Builds::plan([2400, 2400], [2400, 2400], ['B2']);
        $layout = $this->layout($after, ...$this->everything($before));
        foreach ($layout->taken->readings as $reading) {
            $this->assertNotContains($before->grid->labelled('B2')->id->value, $reading->stations());
        }
        $this->assertContains($layout->verdict(), [SquareVerdict::Within, SquareVerdict::ReadingsMissing]);
    }

    /** @param  list<PlacedStake>  $stakes */
    private function labels(array $stakes, ?Plan $plan = null): array
    {
        return array_map(fn (PlacedStake $stake) => ($plan ?? $this->plan())->grid->find(PostId::of($stake->name))?->label, $stakes);
    }

    /** @return list<float> ab, bc, cd, da, ac, bd */
    private function distances(array $corners): array
    {
        $between = fn (int $i, int $j): float => hypot($corners[$i][0] - $corners[$j][0], $corners[$i][1] - $corners[$j][1]);

        return [$between(0, 1), $between(1, 2), $between(2, 3), $between(3, 0), $between(0, 2), $between(1, 3)];
    }

    private function outline(array $millimetres, TapeClass $tape = TapeClass::Steel): Layout
    {
        return $this->layout($this->plan(), ...$this->tapes($this->plan(), $millimetres, $tape));
    }

    private function layout(Plan $plan, Payload ...$payloads): Layout
    {
        return new Layout($plan, Builds::log(...array_values($payloads)), ByPost::none());
    }

    private function plan(): Plan
    {
        return Builds::plan(baysX: [5400], baysY: [3600]);
    }

    /** @return list<TapeReading> */
    private function tapes(Plan $plan, array $millimetres, TapeClass $tape = TapeClass::Steel): array
    {
        return array_map(
            fn (int $i, float $distance) => new TapeReading(
                $plan->grid->labelled(self::NAMES[$i][0])->id, $plan->grid->labelled(self::NAMES[$i][1])->id, Length::millimetres($distance), $tape,
            ),
            array_keys($millimetres), $millimetres,
        );
    }

    /**
     * The whole ready list as it reads when stakes stand off their places by so much.
     *
     * @param  array<string, array{float, float}>  $off  by label
     * @return list<TapeReading|StringReading>
     */
    private function everything(Plan $plan, array $off = []): array
    {
        return Builds::readings($plan, $off);
    }

    private function point(float $x, float $y): Point
    {
        return new Point(Length::millimetres($x), Length::millimetres($y));
    }
}
