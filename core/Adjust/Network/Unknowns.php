<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

/** The numbers that an adjustment looks for: up to two of each station, and the constant error of each tape that may have one. */
final readonly class Unknowns
{
    /** @var array<string, list<array{int, float, float}>> by station: the unknown, and the direction in which it moves the station */
    private array $ofStation;

    /** @var array<string, int> by tape */
    private array $ofTape;

    public int $count;

    /**
     * @param  non-empty-array<string, array{float, float}>  $design  x and y by station
     * @param  list<string>  $tapes
     */
    public function __construct(array $design, Datum $datum, array $tapes)
    {
        $numbers = $ofTape = [];
        $ofStation = array_fill_keys(array_keys($design), []);
        foreach (self::sweep($design) as $name) {
            foreach ($datum->directions($name, $design) as $unknown => [$x, $y]) {
                $ofStation[$name][] = [$numbers[$unknown] ??= count($numbers), $x, $y];
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
     * @param  array<string, array{float, float}>  $slopes
     * @return array<int, float>
     */
    public function row(array $slopes, ?string $tape = null): array
    {
        $row = [];
        foreach ($slopes as $name => [$sx, $sy]) {
            foreach ($this->ofStation[$name] as [$unknown, $x, $y]) {
                $row[$unknown] = ($row[$unknown] ?? 0.0) + $sx * $x + $sy * $y;
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
     * @return array<string, array{float, float}>
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
            $shifts[$name] = [$x, $y];
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
     * @param  non-empty-array<string, array{float, float}>  $design
     * @return list<string>
     */
    private static function sweep(array $design): array
    {
        [$xs, $ys] = [array_column($design, 0), array_column($design, 1)];
        $along = max($xs) - min($xs) >= max($ys) - min($ys) ? 0 : 1;
        $names = array_map(strval(...), array_keys($design));
        usort($names, fn (string $a, string $b) => [$design[$a][$along], $design[$a][1 - $along]] <=> [$design[$b][$along], $design[$b][1 - $along]]);

        return $names;
    }
}
