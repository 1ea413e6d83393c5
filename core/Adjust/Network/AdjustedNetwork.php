<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

use Aequus\Adjust\Solve\Adjusted;
use Aequus\Adjust\Solve\ErrorEllipse;
use Aequus\Adjust\Solve\Observation;
use Aequus\Adjust\Solve\Solution;
use Aequus\Measure\Vector;

/** Where the stations of a network stand, as far as the readings say, and how well. Millimetres. */
final readonly class AdjustedNetwork implements Adjusted
{
    /**
     * @param  non-empty-array<string, Vector>  $at  by name
     * @param  array<string, float>  $constants  constant error by tape, positive where it shows too much
     */
    public function __construct(
        public array $at,
        public array $constants,
        public Solution $solution,
        public Unknowns $unknowns,
    ) {
    }

    public function solution(): Solution
    {
        return $this->solution;
    }

    public function ellipse(string $station): ErrorEllipse
    {
        [$xx, $xy, $yy] = $this->covariance($station);

        return ErrorEllipse::of($xx, $xy, $yy);
    }

    /** @return array{float, float, float} variance of x, covariance of both, variance of y */
    public function covariance(string $station): array
    {
        $xx = $xy = $yy = 0.0;
        foreach ($this->unknowns->ofStation($station) as [$i, $ix, $iy]) {
            foreach ($this->unknowns->ofStation($station) as [$j, $jx, $jy]) {
                $cofactor = $this->solution->cofactor($i, $j);
                $xx += $ix * $jx * $cofactor;
                $xy += $ix * $jy * $cofactor;
                $yy += $iy * $jy * $cofactor;
            }
        }

        return [$xx, $xy, $yy];
    }

    /** Standard deviation of a tape’s constant error. */
    public function constantDeviation(string $tape): float
    {
        $unknown = $this->unknowns->ofTape($tape);

        return sqrt($this->solution->cofactor($unknown, $unknown));
    }

    public function residual(string $reading): float
    {
        return $this->solution->observation($reading)->residual;
    }

    /**
     * Covariance of every station with a combination of stations.
     *
     * @param  array<string, Vector>  $slopes  the combination, by station
     * @return array<string, Vector>
     */
    public function spread(array $slopes): array
    {
        return $this->unknowns->shifts($this->solution->spread($this->unknowns->row($slopes)));
    }

    public function distance(string $from, string $to): float
    {
        return $this->at[$to]->minus($this->at[$from])->length();
    }

    /** One more distance as it would be read, if it were read. */
    public function wouldRead(string $from, string $to, float $sigma): Observation
    {
        $distance = new Distance("{$from} {$to}", $from, $to, 0.0, $sigma);

        return new Observation($distance->id(), $this->unknowns->row($distance->slopes($this->at)), $sigma, 0.0);
    }
}
