<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

use Aequus\Measure\Vector;

/** The numbers that an adjustment looks for: up to two of each station, and the constant error of each tape that may have one. */
final readonly class Unknowns
{
    /** @var array<string, list<array{int, float, float}>> by station: the unknown, and the direction in which it moves the station */
    private array $ofStation;

    /** @var array<string, int> by tape */
    private array $ofTape;

    public int $count;

    /**
     * @param  non-empty-array<string, Vector>  $design  by station
     * @param  list<string>  $tapes
     */
    public function __construct(array $design, Datum $datum, array $tapes)
    {
        $numbers = $ofTape = [];
        $ofStation = array_fill_keys(array_keys($design), []);
        foreach (self::sweep($design) as $name) {
            foreach ($datum->directions($name, $design) as $unknown => $direction) {
                $ofStation[$name][] = [$numbers[$unknown] ??= count($numbers), $direction->x, $direction->y];
            }
        }
        $next = count($numbers);
        foreach ($tapes as $tape) {
            $ofTape[$tape] = $next++;
        }
        [$this->ofStation, $this->ofTape, $this->count] = [$ofStation, $ofTape, $next];
    }

    /**
     * A derivative by station and tape, as coefficients of the unknowns.
     *
     * @param  array<string, Vector>  $slopes
     * @return array<int, float>
     */
    public function row(array $slopes, ?string $tape = null): array
    {
        $row = [];
        foreach ($slopes as $name => $slope) {
            foreach ($this->ofStation[$name] as [$unknown, $x, $y]) {
                $row[$unknown] = ($row[$unknown] ?? 0.0) + $slope->x * $x + $slope->y * $y;
            }
        }
        if ($tape !== null) {
            $row[$this->ofTape[$tape]] = 1.0;
        }

        return $row;
    }

    /**
     * A step of the unknowns, as a shift of every station.
     *
     * @param  array<int, float>  $step
     * @return array<string, Vector>
     */
    public function shifts(array $step): array
    {
        $shifts = [];
        foreach ($this->ofStation as $name => $parts) {
            $x = $y = 0.0;
            foreach ($parts as [$unknown, $ux, $uy]) {
                $x += $ux * $step[$unknown];
                $y += $uy * $step[$unknown];
            }
            $shifts[$name] = new Vector($x, $y);
        }

        return $shifts;
    }

    public function ofTape(string $tape): int
    {
        return $this->ofTape[$tape];
    }

    /** @return list<array{int, float, float}> the unknowns of a station, each with its direction */
    public function ofStation(string $name): array
    {
        return $this->ofStation[$name];
    }

    /**
     * @param  list<int>  $unknowns
     * @return list<string> the stations, or tapes, that these belong to
     */
    public function owners(array $unknowns): array
    {
        $asked = array_flip($unknowns);
        $stations = array_filter($this->ofStation, fn (array $parts) => array_filter($parts, fn (array $part) => isset($asked[$part[0]])) !== []);
        $tapes = array_filter($this->ofTape, fn (int $unknown) => isset($asked[$unknown]));

        return array_map(strval(...), [...array_keys($stations), ...array_keys($tapes)]);
    }

    /**
     * Swept across the longer side, so that neighbours get numbers close together and the equations stay narrow.
     *
     * @param  non-empty-array<string, Vector>  $design
     * @return list<string>
     */
    private static function sweep(array $design): array
    {
        [$least, $greatest] = Vector::extent($design);
        $alongX = $greatest->x - $least->x >= $greatest->y - $least->y;
        $order = array_map(fn (Vector $at) => $alongX ? [$at->x, $at->y] : [$at->y, $at->x], $design);
        $names = array_map(strval(...), array_keys($design));
        usort($names, fn (string $a, string $b) => $order[$a] <=> $order[$b]);

        return $names;
    }
}
