<?php

declare(strict_types=1);

namespace Tests\Core\Square;

use Aequus\Adjust\Network\NotDetermined;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Layout\ChosenPlacement;
use Aequus\Plan\Layout\LayoutRules;
use Aequus\Plan\Layout\ReadingList;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Square\Layout;
use Aequus\Square\Proof;
use Aequus\Square\Readings\WalkingOrder;
use Aequus\Square\Readings\Wanted;
use Aequus\Square\Readings\WantedReadings;
use Aequus\Words\Square\WantedWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** What a list of readings can prove before any is pulled, and the ready lists themselves. */
final class ProofTest extends TestCase
{
    /**
     * @param  list<int>  $baysX
     * @param  list<int>  $baysY
     * @param  list<string>  $leftOut
     */
    #[TestWith([[2400, 2700, 2700, 2400], [2300, 2400, 2300], ['C2', 'C3']], 'two inner posts left out')]
    #[TestWith([[2400, 2400], [3000], ['A1']], 'a corner left out')]
    #[TestWith(
        [[2000, 2000, 2000, 2000], [2000, 2000, 2000, 2000], ['B2', 'C2', 'D2', 'B3', 'C3', 'D3', 'B4', 'C4', 'D4']], 'only the outline stands',
    )]
    #[TestWith([[2000, 2000, 2000], [], []], 'a row')]
    #[TestWith([[1500, 3000], [2000, 1000, 4000], ['B2']], 'odd bays')]
    public function test_both_ready_lists_determine_every_stake_and_check_every_reading(array $baysX, array $baysY, array $leftOut): void
    {
        foreach (ReadingList::cases() as $list) {
            $plan = $this->with(Builds::plan($baysX, $baysY, $leftOut), list: $list);
            $proof = new Proof($plan, WantedReadings::of($plan));
            $this->assertSame([], array_map(fn ($wanted) => WantedWords::of($wanted), $proof->unchecked), $list->value);
            $this->assertNotNull($proof->slipSeen);
            $this->assertGreaterThan(0, $proof->surplus);
        }
    }

    public function test_the_full_list_is_every_bay_side_every_bay_diagonal_and_the_long_diagonals(): void
    {
        $this->assertCount(4 * 2 + 3 * 3 + 2 * 6 + 2, WantedReadings::of(Builds::plan([2400, 2400, 2400], [2400, 2400])));
        // The shelter: of 31 sides and 24 bay diagonals those beside the two posts left out are gone.
        $this->assertCount(42, WantedReadings::of(Builds::plan([2438, 2743, 2743, 2438], [2286, 2438, 2286], ['C2', 'C3'])));
    }

    public function test_the_list_is_walked_with_fewer_steps_than_as_it_was_gathered(): void
    {
        $plan = Builds::plan([2400, 2400, 2400, 2400], [2400, 2400, 2400]);
        $walked = WantedReadings::of($plan);
        $gathered = $walked;
        usort($gathered, fn ($one, $other) => $one->key() <=> $other->key());
        $this->assertLessThan(0.5 * WalkingOrder::steps($gathered, $plan->grid->posts[0]), WalkingOrder::steps($walked, $plan->grid->posts[0]));
        $this->assertSame('A1–B1', WantedWords::of($walked[0]));
    }

    public function test_a_rough_tape_is_not_enough_and_the_class_that_would_be_is_named(): void
    {
        $plan = $this->with(Builds::plan([5400], [3600], within: 4), tape: TapeClass::Fibreglass);
        $proof = new Proof($plan, WantedReadings::of($plan));
        $this->assertFalse($proof->isEnough);
        $this->assertSame(TapeClass::Steel, $proof->roughestTape());
        $this->assertNull($proof->further, 'four stakes have no seventh distance');
        $this->assertTrue((new Proof($this->with($plan, tape: TapeClass::Steel), WantedReadings::of($plan)))->isEnough);
    }

    public function test_a_list_that_is_not_enough_names_the_further_tape_that_helps_most(): void
    {
        $plan = $this->with(Builds::plan([2400, 2400, 2400, 2400, 2400], [2400]), way: ChosenPlacement::BaseLine);
        $list = WantedReadings::of($plan);
        $proof = new Proof($plan, $list);
        $this->assertFalse($proof->isEnough);
        $this->assertNotNull($proof->further);
        $with = new Proof($plan, [...$list, $proof->further]);
        $this->assertEqualsWithDelta($with->worst->inMillimetres(), $proof->withFurther?->inMillimetres(), 1e-3);
        $this->assertTrue($with->worst->isShorterThan($proof->worst));
    }

    /** On a large grid they are searched for together, which must come to no less. */
    #[TestWith([3, 2, 6, 1])]
    #[TestWith([7, 7, 40, 30])]
    public function test_readings_not_worth_pulling_can_all_be_left_out_together(int $columns, int $rows, float $within, int $atLeast): void
    {
        $plan = $this->with(
            Builds::plan(array_fill(0, $columns, 2400), array_fill(0, $rows, 2400), within: $within), tape: TapeClass::SteelWithCare,
            way: ChosenPlacement::BestFit,
        );
        $list = WantedReadings::of($plan);
        $proof = new Proof($plan, $list);
        $this->assertTrue($proof->isEnough);
        $this->assertGreaterThanOrEqual($atLeast, count($proof->notWorthPulling));
        $rest = new Proof($plan, array_values(array_filter($list, fn ($wanted) => ! in_array($wanted, $proof->notWorthPulling, true))));
        $this->assertTrue($rest->isEnough);
        $this->assertSame([], $rest->unchecked);
    }

    public function test_a_list_that_leaves_stakes_free_is_refused_with_their_names(): void
    {
        $plan = Builds::plan([5400], [3600]);
        $this->expectException(NotDetermined::class);
        new Proof($plan, array_slice(WantedReadings::of($plan), 0, 4));
    }

    private function with(Plan $plan, ?TapeClass $tape = null, ?ChosenPlacement $way = null, ?ReadingList $list = null): Plan
    {
        $layout = $plan->layout;

        return $plan->withLayout(
            new LayoutRules(
                $way ?? $layout->placement, $list ?? $layout->list, $tape ?? $layout->tape, null, $layout->strings, $layout->boards, $layout->cover,
            ),
        );
    }

    public function test_what_leaves_a_reading_unchecked_is_asked_for_though_it_was_spared(): void
    {
        $plan = Builds::plan([3000], [3000]);
        $diagonal = array_values(array_filter(WantedReadings::of($plan), fn (Wanted $wanted) => $wanted->planned()->inMillimetres() > 4000))[0];
        $plan = $plan->withLayout($plan->layout->sparing([$diagonal->key()]));
        $others = array_filter(Builds::readings($plan), fn (TapeReading $tape) => Wanted::tapeKey($tape->from, $tape->to) !== $diagonal->key());
        $this->assertSame(
            [$diagonal->key()], array_map(fn (Wanted $wanted) => $wanted->key(), (new Layout($plan, Builds::log(...$others), ByPost::none()))->unread()),
        );
    }

    public function test_what_is_not_worth_pulling_is_asked_for_only_where_the_rest_leaves_a_doubt(): void
    {
        $plan = Builds::plan([3000, 3000], [3000, 3000]);
        $spare = array_map(fn (Wanted $wanted) => $wanted->key(), (new Proof($plan, WantedReadings::of($plan)))->notWorthPulling);
        $plan = $plan->withLayout($plan->layout->sparing($spare));
        $this->assertSame($spare, PlanCodec::decode(PlanCodec::encode($plan))->layout->spared);
        $keys = array_map(fn (Wanted $wanted) => $wanted->key(), WantedReadings::of($plan));
        $needed = fn (array $readings): array => array_values(
            array_filter($readings, fn (int $i) => ! in_array($keys[$i], $spare, true), ARRAY_FILTER_USE_KEY),
        );
        $asked = fn (array $readings): array => array_map(
            fn (Wanted $wanted) => $wanted->key(), (new Layout($plan, Builds::log(...$readings), ByPost::none()))->unread(),
        );
        $true = $needed(Builds::readings($plan));
        $this->assertNotSame([], $spare);
        $this->assertSame([], $asked($true), 'every stake is proved without them');
        $this->assertSame([], array_intersect($asked(array_slice($true, 1)), $spare), 'what is needed comes first');
        $this->assertSame(
            $spare, array_values(array_intersect($spare, $asked($needed(Builds::readings($plan, ['B2' => [25.0, 0.0]]))))),
            'a stake is off: all are pulled before it is moved',
        );
        $slip = $true;
        $slip[0] = new TapeReading($true[0]->from, $true[0]->to, $true[0]->distance->plus(Length::millimetres(25)), TapeClass::Steel);
        $this->assertNotSame([], $asked($slip), 'a tape is wrong');
    }
}
