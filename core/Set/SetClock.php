<?php

declare(strict_types=1);

namespace Aequus\Set;

use Aequus\Logbook\Set\FillStep;
use Aequus\Plan\Holding\BracesOff;
use Aequus\Plan\Holding\CureDatum;
use Aequus\Plan\Holding\Customs;
use Aequus\Plan\Holding\Hold;
use DateInterval;
use DateTimeImmutable;

/**
 * When the braces of one filled post may come off and it may be cut, by method and temperature. Concrete sets slower in the cold by its maturity
 * (Nurse and Saul, as in ASTM C1074): time × degrees above the datum temperature is the same. At freezing it stands still, whatever the datum. The
 * label of the bag and a surface that is still wet come before it.
 */
final readonly class SetClock
{
    private const USUAL_CELSIUS = 20.0;

    /** Below this nothing is poured without cover and warmth. */
    public const TOO_COLD_CELSIUS = 5.0;

    /** So near to freezing, or to its datum, a mix is taken to stand still. */
    private const STANDS_STILL_KELVIN = 0.5;

    /** Minutes from the end of the fill until braces come off; zero where nothing sets, null where it does not set for the cold. */
    public ?int $minutes;

    /** Null until it is filled, and while it does not set. */
    public ?DateTimeImmutable $off;

    private function __construct(public Filling $filling, Hold $hold, Customs $customs)
    {
        $this->minutes = self::minutesAt(self::usualMinutes($hold, $customs), $filling->celsius(), $customs->cureDatum);
        $this->off = $this->minutes === null ? null : $filling->at(FillStep::Done)?->add(new DateInterval("PT{$this->minutes}M"));
    }

    /** Minutes at 20 °C until braces come off; zero where nothing sets. */
    public static function usualMinutes(Hold $hold, Customs $customs): int
    {
        return match (true) {
            $hold === Hold::Foam => 15,
            ! $hold->isPoured() => 0,
            default => match ($customs->bracesOff) {
                BracesOff::Day => 24 * 60,
                BracesOff::Night => 12 * 60,
                // Minutes are for foam; the quickest mix is given an hour.
                BracesOff::Hour, BracesOff::Minutes => 60,
            },
        };
    }

    /** @return ?int minutes of the same maturity as so many at 20 °C, a temperature nobody noted taken as that; null where it stands still */
    public static function minutesAt(int $usual, ?float $celsius, CureDatum $datum = new CureDatum): ?int
    {
        $warmth = $celsius ?? self::USUAL_CELSIUS;

        return match (true) {
            $usual === 0 => 0,
            $warmth - max(0.0, $datum->celsius) < self::STANDS_STILL_KELVIN => null,
            default => (int) round($usual * (self::USUAL_CELSIUS - $datum->celsius) / ($warmth - $datum->celsius)),
        };
    }

    public static function of(Filling $filling, Hold $hold, Customs $customs = new Customs): self
    {
        return new self($filling, $hold, $customs);
    }

    /** Whether it was filled so cold that it does not set at all. */
    public function standsStill(): bool
    {
        return $this->minutes === null && $this->filling->isDone() && ! $this->filling->isStripped();
    }

    /** Whether what was poured has had its time, and nobody found it wet since: then braces may come off, and the post be cut and loaded. */
    public function isHard(DateTimeImmutable $now): bool
    {
        return $this->minutes === 0 || $this->filling->isStripped() || $this->mayStrip($now);
    }

    /** Minutes still to wait; zero when the time is over; null while nothing waits, or nothing sets. */
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
        return $this->minutes !== 0 && ($this->filling->celsius() ?? self::USUAL_CELSIUS) < self::TOO_COLD_CELSIUS;
    }
}
