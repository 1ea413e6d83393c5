<?php

declare(strict_types=1);

namespace Aequus\Square\Readings;

use Aequus\Adjust\Statistics\NormalDistribution;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;

/** All that was taped between two stakes: one or more readings and the level distance they come to. */
final readonly class Taped
{
    /** The mean of the level distances. */
    public Length $distance;

    /** Standard deviation of the mean, in millimetres, from the class of tape. */
    public float $sigma;

    /** Longest less shortest. */
    public Length $spread;

    /**
     * @param  non-empty-array<int, TapeReading>  $readings  by sequence in the logbook
     * @param  non-empty-array<int, Length>  $levels  the level distance of each
     */
    public function __construct(public Pair $pair, public array $readings, public array $levels)
    {
        $n = count($readings);
        $nanometres = array_map(fn (Length $level) => $level->nanometres, $levels);
        $this->distance = Length::nanometres((int) round(array_sum($nanometres) / $n));
        $this->spread = Length::nanometres(max($nanometres) - min($nanometres));
        $variances = array_map(fn (TapeReading $reading, Length $level) => $reading->tape->sigma($level) ** 2, $readings, $levels);
        $this->sigma = sqrt(array_sum($variances)) / $n;
    }

    /** Whether repeated readings lie further apart than the tape explains. */
    public function disagreesWithItself(): bool
    {
        $n = count($this->readings);
        if ($n < 2) {
            return false;
        }
        $ofOne = $this->sigma * sqrt($n);

        return $this->spread->inMillimetres() > NormalDistribution::critical(intdiv($n * ($n - 1), 2)) * $ofOne * M_SQRT2;
    }
}
