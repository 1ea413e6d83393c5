<?php

declare(strict_types=1);

namespace Aequus\Set;

use Aequus\Logbook\FillStep;
use Aequus\Plan\BracesOff;
use Aequus\Plan\Hold;
use DateInterval;
use DateTimeImmutable;

/**
 * When the braces of one filled post may come off, by method and temperature. Concrete sets slower in the cold by its maturity (Nurse and Saul,
 * as in ASTM C1074): time × (temperature + 10 °C) is the same. The label of the bag and a surface that is still wet come before it.
 */
final readonly class SetClock
{
    private const DATUM_CELSIUS = -10.0;

    private const USUAL_CELSIUS = 20.0;

    /** Below this nothing is poured without cover and warmth. */
    public const TOO_COLD_CELSIUS = 5.0;

    /** Minutes from the end of the fill until braces come off; zero where nothing sets. */
    public int $minutes;

    /** Null until it is filled. */
    public ?DateTimeImmutable $off;

    private function __construct(public Filling $filling, Hold $hold, BracesOff $custom)
    {
        $usual = match (true) {
            $hold === Hold::Foam => 15,
            $hold === Hold::Gravel || $hold === Hold::Earth || $hold === Hold::Driven => 0,
            default => match ($custom) {
                BracesOff::Day => 24 * 60,
                BracesOff::Night => 12 * 60,
                BracesOff::Hour => 60,
                BracesOff::Minutes => 15,
            },
        };
        $this->minutes = self::minutesAt($usual, $filling->celsius());
        $this->off = $filling->at(FillStep::Done)?->add(new DateInterval("PT{$this->minutes}M"));
    }

    /** @return int minutes of the same maturity as so many at 20 °C; a temperature nobody noted is taken as that */
    public static function minutesAt(int $usual, ?float $celsius): int
    {
        $warmth = max(1.0, ($celsius ?? self::USUAL_CELSIUS) - self::DATUM_CELSIUS);

        return (int) round($usual * (self::USUAL_CELSIUS - self::DATUM_CELSIUS) / $warmth);
    }

    public static function of(Filling $filling, Hold $hold, BracesOff $custom): self
    {
        return new self($filling, $hold, $custom);
    }

    /** Minutes still to wait; zero when the time is over; null while nothing waits. */
    public function left(DateTimeImmutable $now): ?int
    {
        if ($this->off === null || $this->filling->isStripped()) {
            return null;
        }

        return max(0, (int) ceil(($this->off->getTimestamp() - $now->getTimestamp()) / 60));
    }

    /** Whether braces may come off: the time is over and nobody found the surface wet since. */
    public function mayStrip(DateTimeImmutable $now): bool
    {
        return $this->left($now) === 0 && ! $this->filling->isFoundWet();
    }

    public function isTooCold(): bool
    {
        return $this->minutes > 0 && ($this->filling->celsius() ?? self::USUAL_CELSIUS) < self::TOO_COLD_CELSIUS;
    }
}
