<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Plan\Holding\BracesOff;
use Aequus\Plan\Holding\CureDatum;
use Aequus\Plan\Holding\Customs;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Posts\PostId;
use Aequus\Set\Filling;
use Aequus\Set\SetClock;
use DateTimeImmutable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
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

    /** A day at 20 °C is 24·30 degree hours above −10 °C, 24·15 above 5 °C. */
    #[TestWith([-10.0, 5.0, 48 * 60])]
    #[TestWith([-10.0, 20.0, 24 * 60])]
    #[TestWith([5.0, 10.0, 72 * 60])]
    #[TestWith([5.0, 5.5, 720 * 60])]
    #[TestWith([5.0, 5.4, null])]
    #[TestWith([-10.0, 0.4, null])]
    #[TestWith([-10.0, -5.0, null])]
    public function test_a_datum_that_was_typed_counts_and_still_nothing_sets_at_freezing(float $datum, float $celsius, ?int $minutes): void
    {
        $customs = new Customs(cureDatum: new CureDatum($datum));
        $this->assertSame($minutes, $this->clock(Hold::Concrete, $customs, $celsius)->minutes);
    }

    #[TestWith([-15.1])]
    #[TestWith([10.1])]
    #[TestWith([NAN])]
    public function test_a_datum_no_mix_is_counted_from_is_refused(float $datum): void
    {
        $this->assertStringContainsString('from −15 °C to 10 °C (5 °F to 50 °F)', Told::refused(fn () => new CureDatum($datum)));
        $this->assertSame([-15.0, 10.0], [(new CureDatum(-15))->celsius, (new CureDatum(10))->celsius]);
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
        $this->assertNull(SetClock::of(new Filling, Hold::Concrete)->left($late), 'nor before anything is filled');
    }

    /** @param  array<string, string>  $also  steps and their hours */
    private function clock(Hold $hold, BracesOff|Customs $custom, ?float $celsius, array $also = []): SetClock
    {
        $post = PostId::at('1', '1');
        $steps = [FillStep::Done->value => [new PostFilled($post, FillStep::Done, null, $celsius), $this->at('08:00')]];
        foreach ($also as $step => $hour) {
            $steps[$step] = [new PostFilled($post, FillStep::from($step)), $this->at($hour)];
        }

        return SetClock::of(new Filling($steps), $hold, $custom instanceof BracesOff ? new Customs(bracesOff: $custom) : $custom);
    }

    private function at(string $hour): DateTimeImmutable
    {
        return new DateTimeImmutable("2026-05-04 {$hour} UTC");
    }
}
