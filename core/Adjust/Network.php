<?php

declare(strict_types=1);

namespace Aequus\Adjust;

/**
 * A network of tapes, adjusted by least squares (Gauss–Newton from the design). Station P keeps its place and station Q moves only
 * along the line from P to Q, so that nothing but the readings decides the shape.
 */
final readonly class Network
{
    private const SETTLED_MILLIMETRES = 1e-4;

    private const MOST_ROUNDS = 50;

    /** @var array<string, array<int, array{int, float, float}>> the unknowns of each station with their direction */
    private array $unknowns;

    /** @var array<string, array{float, float}> */
    private array $design;

    /**
     * @param  list<Station>  $stations
     * @param  list<Reading>  $readings
     * @param  string  $p  name of the station that stays
     * @param  string  $q  name of the station that gives the direction
     */
    public function __construct(array $stations, private array $readings, string $p, string $q)
    {
        $design = $unknowns = [];
        foreach ($stations as $station) {
            $design[$station->name] = [$station->x, $station->y];
        }
        $next = 0;
        foreach ($stations as $station) {
            if ($station->name === $p) {
                $unknowns[$p] = [];
            } elseif ($station->name === $q) {
                [$dx, $dy] = [$design[$q][0] - $design[$p][0], $design[$q][1] - $design[$p][1]];
                $length = hypot($dx, $dy);
                $unknowns[$q] = [[$next++, $dx / $length, $dy / $length]];
            } else {
                $unknowns[$station->name] = [[$next++, 1.0, 0.0], [$next++, 0.0, 1.0]];
            }
        }
        [$this->design, $this->unknowns] = [$design, $unknowns];
    }

    /** @throws NotDetermined naming the stations that the readings leave free, or that find no place */
    public function adjust(): AdjustedNetwork
    {
        $at = $this->design;
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $normal = new NormalEquations($this->profile());
            foreach ($this->readings as $reading) {
                $normal->add($this->row($reading, $at), 1 / $reading->sigma() ** 2, $reading->observed() - $reading->computed($at));
            }
            $free = $normal->factor();
            if ($free !== null) {
                throw NotDetermined::stations($this->namesOf($free));
            }
            $step = $normal->solve();
            foreach ($this->unknowns as $name => $parts) {
                foreach ($parts as [$unknown, $ux, $uy]) {
                    $at[$name] = [$at[$name][0] + $ux * $step[$unknown], $at[$name][1] + $uy * $step[$unknown]];
                }
            }
            if ($step === [] || max(array_map(abs(...), $step)) < self::SETTLED_MILLIMETRES) {
                return new AdjustedNetwork($at, $this->deviations($normal), $this->residuals($at), $this->sumOfSquares($at), count($this->readings) - count($this->profile()));
            }
        }
        throw NotDetermined::doesNotSettle($this->namesOf(array_keys(array_filter($step, fn (float $part) => abs($part) >= self::SETTLED_MILLIMETRES))));
    }

    /** @return list<int> for every unknown the first one that any reading joins with it */
    private function profile(): array
    {
        $first = array_column(array_merge(...array_values($this->unknowns)), 0);
        foreach ($this->readings as $reading) {
            $row = array_keys($this->row($reading, $this->design));
            foreach ($row as $i) {
                $first[$i] = min($first[$i], ...$row);
            }
        }

        return array_values($first);
    }

    /**
     * @param  array<string, array{float, float}>  $at
     * @return array<int, float>
     */
    private function row(Reading $reading, array $at): array
    {
        $row = [];
        foreach ($reading->slopes($at) as $name => [$sx, $sy]) {
            foreach ($this->unknowns[$name] as [$unknown, $ux, $uy]) {
                $row[$unknown] = $sx * $ux + $sy * $uy;
            }
        }

        return $row;
    }

    /** @return array<string, array{float, float}> standard deviation of x and y by name */
    private function deviations(NormalEquations $normal): array
    {
        $deviations = [];
        foreach ($this->unknowns as $name => $parts) {
            $xx = $yy = 0.0;
            foreach ($parts as [$unknown, $ux, $uy]) {
                $variance = $normal->cofactors($unknown)[$unknown];
                [$xx, $yy] = [$xx + $ux * $ux * $variance, $yy + $uy * $uy * $variance];
            }
            $deviations[$name] = [sqrt($xx), sqrt($yy)];
        }

        return $deviations;
    }

    /**
     * @param  array<string, array{float, float}>  $at
     * @return array<string, float> computed less observed, by the reading’s id
     */
    private function residuals(array $at): array
    {
        $residuals = [];
        foreach ($this->readings as $reading) {
            $residuals[$reading->id()] = $reading->computed($at) - $reading->observed();
        }

        return $residuals;
    }

    /** @param  array<string, array{float, float}>  $at */
    private function sumOfSquares(array $at): float
    {
        return array_sum(array_map(fn (Reading $r) => (($r->computed($at) - $r->observed()) / $r->sigma()) ** 2, $this->readings));
    }

    /**
     * @param  list<int>  $unknowns
     * @return list<string>
     */
    private function namesOf(array $unknowns): array
    {
        $names = array_filter($this->unknowns, fn (array $parts) => array_intersect(array_column($parts, 0), $unknowns) !== []);

        return array_map(strval(...), array_keys($names));
    }
}
