<?php

declare(strict_types=1);

namespace Aequus\Days;

/**
 * How long concrete waits in the weather that comes: until its maturity (degrees above the datum × hours, Nurse and Saul, as in ASTM C1074) is that
 * of so many hours at 20 °C.
 */
final readonly class CureWait
{
    /** °C at which its hours are counted. */
    public const AT = 20.0;

    /** Minutes in which the temperature is taken as that of the middle. */
    private const STEP = 15;

    /** Degrees × hours. */
    public float $needed;

    /** Reached when it ends, or by the end of the days that are known. */
    public float $maturity;

    /** Minutes from the first midnight; null where the days known do not suffice. */
    public ?float $ends;

    /**
     * @param  int  $start  minutes from the first midnight
     * @param  float  $hours  at 20 °C
     * @param  float  $datum  °C, below which nothing ripens
     * @param  float  $kept  by how much blankets or a box keep it warmer, °C
     * @param  int  $until  it is looked at no longer than that
     */
    public function __construct(Forecast $forecast, int $start, float $hours, float $datum = 0.0, float $kept = 0.0, int $until = PHP_INT_MAX)
    {
        $this->needed = (self::AT - $datum) * $hours;
        [$maturity, $ends] = [0.0, $this->needed <= 0.0 ? (float) $start : null];
        for (
            $at = $start; $ends === null && $forecast->knows($at) && $forecast->knows($at + self::STEP)
                && $at + self::STEP <= $until; $at += self::STEP
        ) {
            $gained = max(0.0, $forecast->temperature($at + self::STEP / 2) + $kept - $datum) * self::STEP / 60;
            if ($gained > 0.0 && $maturity + $gained >= $this->needed) {
                $ends = $at + self::STEP * ($this->needed - $maturity) / $gained;
                $maturity = $this->needed;
            } else {
                $maturity += $gained;
            }
        }
        [$this->maturity, $this->ends] = [$maturity, $ends];
    }
}
