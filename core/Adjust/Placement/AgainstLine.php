<?php

declare(strict_types=1);

namespace Aequus\Adjust\Placement;

use Aequus\Adjust\Network\AdjustedNetwork;
use Aequus\Adjust\Network\HeldByLines;
use Aequus\Adjust\Network\LineOffset;
use Aequus\Adjust\Statistics\NormalDistribution;
use Aequus\Measure\Vector;

/**
 * How the stakes, as they fit the design among themselves, lie to a fixed line: turned against it, and too near or too far as a whole.
 * Millimetres and radians.
 */
final readonly class AgainstLine
{
    /**
     * @param  string  $line  by its name
     * @param  ?float  $angle  of the stakes against the line, counter-clockwise; null where the offsets do not hold a direction
     * @param  float  $over  extent of the grid along the line
     * @param  float  $turned  what the angle makes over that extent
     * @param  float  $across  how much too far off the line the stakes stand, left of it positive
     */
    private function __construct(
        public string $line,
        public ?float $angle,
        public float $over,
        public float $turned,
        public float $turnedDeviation,
        public float $across,
        public float $acrossDeviation,
        private float $tolerance,
    ) {
    }

    /**
     * @param  PlacedNetwork  $free  by fewest moves, as if no line held it
     * @param  non-empty-array<string, Vector>  $design
     */
    public static function of(
        AdjustedNetwork $network, PlacedNetwork $free, HeldByLines $lines, LineOffset $first, array $design, float $tolerance,
    ): self {
        $normal = $first->normal();
        $along = array_map(fn (Vector $at) => $at->cross($normal), $design);
        $over = max($along) - min($along);
        $inliers = count($free->fixing) < 2 ? array_map(strval(...), array_keys($design)) : $free->fixing;
        $n = count($inliers);
        $across = 0.0;
        foreach ($inliers as $name) {
            $across += $normal->dot($network->at[$name]->minus($design[$name])) / $n;
        }
        $mean = array_fill_keys($inliers, $normal->times(1 / $n));
        $variance = 0.0;
        foreach ($network->spread($mean) as $name => $part) {
            $variance += isset($mean[$name]) ? $mean[$name]->dot($part) : 0.0;
        }

        return new self(
            $first->line, $lines->direction ? $free->placement->rotation : null, $over, $free->placement->rotation * $over,
            $free->covariance->turnDeviation() * $over, $across, sqrt(max(0.0, $variance)), $tolerance,
        );
    }

    /** Whether the stakes are turned against the line by more than the tolerance, beyond doubt. */
    public function isOutOfParallel(): bool
    {
        return $this->angle !== null && abs($this->turned) - NormalDistribution::BELOW_99 * $this->turnedDeviation > $this->tolerance;
    }

    /** Whether all of them stand too near or too far by more than the tolerance, beyond doubt. */
    public function isOffPlace(): bool
    {
        return abs($this->across) - NormalDistribution::BELOW_99 * $this->acrossDeviation > $this->tolerance;
    }
}
