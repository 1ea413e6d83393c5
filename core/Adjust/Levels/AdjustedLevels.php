<?php

declare(strict_types=1);

namespace Aequus\Adjust\Levels;

use Aequus\Adjust\Solve\Adjusted;
use Aequus\Adjust\Solve\Solution;

/** Heights of all points, heights of instrument and levels’ own errors, as far as the readings say, and how well. */
final readonly class AdjustedLevels implements Adjusted
{
    /**
     * @param  array<string, float>  $values  heights in mm, own errors in mm per mm, by name
     * @param  array<string, int>  $places  of the unknowns by name
     */
    public function __construct(public array $values, private array $places, public Solution $solution)
    {
    }

    public function solution(): Solution
    {
        return $this->solution;
    }

    /** Whether a reading took part. */
    public function has(string $reading): bool
    {
        return $this->solution->has($reading);
    }

    /** N⁻¹ times the row of a reading, at one unknown. */
    public function covarianceWith(string $name, string $reading): float
    {
        return $this->solution->spreadOf($reading)[$this->places[$name]];
    }

    /** Standard deviation; zero for a benchmark. */
    public function deviation(string $name): float
    {
        return isset($this->places[$name]) ? sqrt(max(0.0, $this->solution->cofactor($this->places[$name], $this->places[$name]))) : 0.0;
    }
}
