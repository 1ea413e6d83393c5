<?php

declare(strict_types=1);

namespace Aequus\Adjust\GrossErrors;

use Aequus\Adjust\Solve\Solution;
use Aequus\Adjust\Statistics\StudentT;

/** How rough the readings are taken to be where a mistake is looked for, and what a residual must exceed then. */
final class Scatter
{
    /** How many readings the class of the tape counts as, when the scatter is estimated from those at hand. */
    private const CLASS_COUNTS = 5;

    /**
     * How much rougher than its class a tape is taken to be, the class counting as five readings; never finer.
     *
     * @param  float  $squares  of what is left, each in its standard deviations
     */
    public static function estimated(float $squares, int $freedom): float
    {
        return sqrt(max(1.0, (self::CLASS_COUNTS + $squares) / (self::CLASS_COUNTS + $freedom)));
    }

    /** The size that a standardised residual must exceed when the scatter is estimated, in units of that scatter. */
    public static function limit(Solution $solution, int $freedom): float
    {
        return StudentT::critical(count($solution->testable()), self::CLASS_COUNTS + $freedom);
    }
}
