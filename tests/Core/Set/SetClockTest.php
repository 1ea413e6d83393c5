<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Measure\Length;
use Aequus\Plan\Holding\BracesOff;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Posts\PostId;
use Aequus\Set\Filling;
use Aequus\Set\PourDeed;
use Aequus\Set\PourPlan;
use Aequus\Set\PourStep;
use Aequus\Set\SetClock;
use DateTimeImmutable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Told;

/** A post filled at eight in the morning. */
final class SetClockTest extends TestCase
{
    /** Time × temperature is the same: a day at 20 °C is 480 degree hours. */
    #[TestWith([20.0, 24 * 60])]
    #[TestWith([null, 24 * 60])]
    #[TestWith([5.0, 96 * 60])]
    #[TestWith([30.0, 16 * 60])]
    #[TestWith([4.0, 120 * 60])]
    public function test_cold_concrete_keeps_its_braces_longer(?float $celsius, int $minutes): void
    {
        $clock = $this->clock(Hold::Concrete, BracesOff::Day, $celsius);
        $this->assertSame($minutes, $clock->minutes);
        $this->assertSame($minutes - 60, $clock->left($this->at('09:00')));
        $this->assertSame($celsius !== null && $celsius < 5, $clock->isTooCold());
    }

    public function test_warmer_never_waits_longer(): void
    {
        $before = PHP_INT_MAX;
        for ($celsius = 1; $celsius <= 40; $celsius++) {
            $minutes = $this->clock(Hold::Collar, BracesOff::Night, (float) $celsius)->minutes;
            $this->assertLessThanOrEqual($before, $minutes);
            $before = $minutes;
        }
    }

    #[TestWith([0.0])]
    #[TestWith([-3.0])]
    public function test_at_freezing_it_stands_still_and_nothing_comes_off(float $celsius): void
    {
        $clock = $this->clock(Hold::Concrete, BracesOff::Hour, $celsius);
        $weekLater = $this->at('08:00')->modify('+7 days');
        $this->assertTrue($clock->standsStill());
        $this->assertFalse($clock->mayStrip($weekLater));
        $this->assertFalse($clock->isHard($weekLater));
        $this->assertFalse($this->clock(Hold::Gravel, BracesOff::Hour, $celsius)->standsStill(), 'tamped gravel does not set');
    }

    public function test_minutes_are_for_foam_only(): void
    {
        $this->assertSame(60, $this->clock(Hold::Concrete, BracesOff::Minutes, 20.0)->minutes);
        $this->assertSame(15, $this->clock(Hold::Foam, BracesOff::Minutes, 20.0)->minutes);
    }

    #[TestWith([Hold::Gravel, 0])]
    #[TestWith([Hold::Earth, 0])]
    #[TestWith([Hold::Foam, 15])]
    #[TestWith([Hold::Concrete, 60])]
    public function test_what_is_tamped_waits_for_nothing(Hold $hold, int $minutes): void
    {
        $this->assertSame($minutes, $this->clock($hold, BracesOff::Hour, 20.0)->minutes);
    }

    public function test_a_surface_still_wet_comes_before_the_label(): void
    {
        $late = $this->at('23:00');
        $this->assertTrue($this->clock(Hold::Concrete, BracesOff::Hour, 20.0)->mayStrip($late));
        $wet = $this->clock(Hold::Concrete, BracesOff::Hour, 20.0, [FillStep::StillWet->value => '10:00']);
        $this->assertFalse($wet->mayStrip($late));
        $stripped = $this->clock(Hold::Concrete, BracesOff::Hour, 20.0, [FillStep::StillWet->value => '10:00', FillStep::Stripped->value => '12:00']);
        $this->assertNull($stripped->left($late), 'nothing waits any more');
        $this->assertNull(SetClock::of(new Filling, Hold::Concrete, BracesOff::Day)->left($late), 'nor before anything is filled');
    }

    /** A hole of 1100 with 100 of gravel: 1000 to fill, in lifts of 400 at most. */
    public function test_a_pour_goes_up_in_lifts_that_end_at_the_ground_with_all_its_bags(): void
    {
        $fills = array_values(array_filter($this->pour(Hold::Concrete), fn (PourStep $step) => $step->below !== null));
        $this->assertEqualsWithDelta([2000 / 3, 1000 / 3, 0.0], array_map(fn (PourStep $step) => $step->below?->inMillimetres(), $fills), 1e-3);
        $this->assertSame([4, 8, 12], array_map(fn (PourStep $step) => $step->bags, $fills));
        $this->assertSame([PourDeed::FillFromBothSides, PourDeed::FillFromBothSides, PourDeed::FillToTheGround], array_map(fn (PourStep $step) => $step->do->is, $fills));
        $this->assertContains(PourDeed::SetTheAnchor, array_map(fn (PourStep $step) => $step->do->is, $this->pour(Hold::Pier)));
    }

    /** An hour at 20 °C is 20 degree hours: two hours at 10 °C. */
    #[TestWith([null, 60])]
    #[TestWith([10.0, 120])]
    #[TestWith([35.0, 34])]
    public function test_what_needs_workable_concrete_is_done_within_its_time(?float $celsius, int $minutes): void
    {
        foreach ([[Hold::Concrete, PourDeed::PlumbWhileWorkable], [Hold::Pier, PourDeed::SetTheAnchor]] as [$hold, $do]) {
            $pressing = array_values(array_filter((new PourPlan($hold, Length::millimetres(900), Length::zero(), 9, celsius: $celsius))->steps, fn (PourStep $step) => $step->within !== null));
            $this->assertSame($do, $pressing[0]->do->is);
            $this->assertSame($minutes, $pressing[0]->within);
        }
    }

    public function test_tamped_fill_is_plumbed_at_every_third_lift(): void
    {
        $steps = $this->pour(Hold::Gravel);
        $this->assertCount(7 + 2, $steps);
        $this->assertSame([3, 6], array_keys(array_filter(array_combine(range(1, 9), $steps), fn (PourStep $step) => $step->do->is === PourDeed::TampALiftAndPlumb)));
        $this->assertSame([], array_filter($steps, fn (PourStep $step) => $step->bags !== null));
        // Six lifts of 150: at the last both faces are plumbed anyway.
        $six = (new PourPlan(Hold::Gravel, Length::millimetres(900), Length::zero(), 0))->steps;
        $this->assertSame([2], array_keys(array_filter($six, fn (PourStep $step) => $step->do->is === PourDeed::TampALiftAndPlumb)));
        $this->assertSame('Lift 3 of 6: fill, tamp round and round, then plumb both faces', Told::say(Builds::plan(), $six[2]->do));
    }

    /** @return list<PourStep> */
    private function pour(Hold $hold): array
    {
        return (new PourPlan($hold, Length::millimetres(1100), Length::millimetres(100), $hold->isPoured() ? 12 : 0))->steps;
    }

    /** @param  array<string, string>  $also  steps and their hours */
    private function clock(Hold $hold, BracesOff $custom, ?float $celsius, array $also = []): SetClock
    {
        $post = PostId::at('1', '1');
        $steps = [FillStep::Done->value => [new PostFilled($post, FillStep::Done, null, $celsius), $this->at('08:00')]];
        foreach ($also as $step => $hour) {
            $steps[$step] = [new PostFilled($post, FillStep::from($step)), $this->at($hour)];
        }

        return SetClock::of(new Filling($steps), $hold, $custom);
    }

    private function at(string $hour): DateTimeImmutable
    {
        return new DateTimeImmutable("2026-05-04 {$hour} UTC");
    }
}
