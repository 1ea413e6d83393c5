<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

use Aequus\Measure\Length;
use Aequus\Measure\TapeConditions;
use Aequus\Square\Network\SquareRefused;

/** From what a tape reads to the level distance, step by step: temperature, pull, sag, then slope. All in millimetres. */
final readonly class TapeCorrection
{
    private const EXPANSION_PER_KELVIN = 11.6e-6;

    private const CALIBRATED_CELSIUS = 20.0;

    private const SETTLED_MILLIMETRES = 1e-7;

    private function __construct(
        public float $temperature,
        public float $pull,
        public float $sag,
        public float $slope,
        public float $corrected,
    ) {
    }

    /**
     * @param  ?TapeConditions  $conditions  null for a tape of which only the slope is known, such as fibreglass
     *
     * @throws SquareRefused when the rise is not smaller than the tape
     */
    public static function of(Length $reading, Length $rise, ?TapeConditions $conditions): self
    {
        return self::ofMillimetres($reading->inMillimetres(), $rise->inMillimetres(), $conditions);
    }

    /**
     * The mark to hold so that the corrected value is the level distance wanted.
     *
     * @throws SquareRefused when the rise is not smaller than the tape
     */
    public static function holdMark(Length $levelDistance, Length $rise, ?TapeConditions $conditions): Length
    {
        $wanted = $levelDistance->inMillimetres();
        $mark = hypot($wanted, $rise->inMillimetres());
        do {
            $off = $wanted - self::ofMillimetres($mark, $rise->inMillimetres(), $conditions)->corrected;
            $mark += $off;
        } while (abs($off) > self::SETTLED_MILLIMETRES);

        return Length::millimetres($mark);
    }

    private static function ofMillimetres(float $reading, float $rise, ?TapeConditions $conditions): self
    {
        $t = $reading;
        $temperature = $pull = $sag = 0.0;
        if ($conditions !== null) {
            $newtons = $conditions->newtons ?? $conditions->calibratedNewtons;
            $temperature = $conditions->celsius === null ? 0.0 : self::EXPANSION_PER_KELVIN * $t * ($conditions->celsius - self::CALIBRATED_CELSIUS);
            $t += $temperature;
            $pull = ($newtons - $conditions->calibratedNewtons) * $t / ($conditions->area * $conditions->modulus);
            $t += $pull;
            $spans = $conditions->hangsWhole ? [$t] : array_map(fn (Length $span) => $span->inMillimetres(), $conditions->hanging);
            $perMillimetre = $conditions->weight / 1000;
            $sag = -($perMillimetre ** 2) * array_sum(array_map(fn (float $s) => $s ** 3, $spans)) / (24 * $newtons ** 2);
            $t += $sag;
        }
        if (abs($rise) >= $t) {
            throw SquareRefused::steeperThanTheTape();
        }
        $level = sqrt(($t - $rise) * ($t + $rise));

        return new self($temperature, $pull, $sag, $level - $t, $level);
    }
}
