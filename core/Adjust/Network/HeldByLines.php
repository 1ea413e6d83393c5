<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

use Aequus\Measure\Vector;

/**
 * What offsets from fixed lines hold of a layout: the rank of their derivatives by a shift along x, along y, and a turn. Two stations along
 * one line hold its direction and its place across; lines in two directions hold the place both ways.
 */
final readonly class HeldByLines
{
    /** Below this share a direction counts as not read at all. */
    private const NOTHING = 1e-6;

    /**
     * @param  list<array{string, Vector}>  $offsets  station, and the unit vector in which its offset is read
     * @param  bool  $direction  whether a turn of the whole would show
     * @param  int  $places  in how many directions a shift of the whole would show
     * @param  ?Vector  $normal  the one direction in which it would, where there is only one
     */
    private function __construct(public array $offsets, public bool $direction, public int $places, private ?Vector $normal)
    {
    }

    /**
     * @param  list<Reading>  $readings  of which the offsets to fixed lines are taken
     * @param  non-empty-array<string, Vector>  $at  where the stations stand, or should
     */
    public static function by(array $readings, array $at): self
    {
        $offsets = $rows = [];
        $centre = Vector::centre($at);
        [$least, $greatest] = Vector::extent($at);
        $extent = max(1.0, $greatest->x - $least->x, $greatest->y - $least->y);
        foreach ($readings as $reading) {
            if ($reading instanceof LineOffset) {
                $station = $reading->stations()[0];
                $normal = $reading->normal();
                $offsets[] = [$station, $normal];
                $rows[] = [$normal->x, $normal->y, $at[$station]->minus($centre)->cross($normal) / $extent];
            }
        }
        $places = self::rank(array_map(fn (array $row) => [$row[0], $row[1]], $rows));

        return new self($offsets, self::rank($rows) > $places, $places, $places === 1 ? $offsets[0][1] : null);
    }

    public function nothing(): bool
    {
        return $this->places === 0;
    }

    public function holdsAll(): bool
    {
        return $this->direction && $this->places === 2;
    }

    /** @return list<Vector> unit vectors along which lines say where the layout is */
    public function across(): array
    {
        return $this->normal !== null ? [$this->normal] : ($this->places === 2 ? [new Vector(1.0, 0.0), new Vector(0.0, 1.0)] : []);
    }

    /** The unit vector along which the layout may still be shifted; null where there is none, or any. */
    public function along(): ?Vector
    {
        return $this->normal === null ? null : new Vector($this->normal->y, -$this->normal->x);
    }

    /**
     * The least shift of the whole that comes nearest to these amounts, one for each offset along its own unit vector: N⁺ times them.
     *
     * @param  list<float>  $amounts
     */
    public function leastShift(array $amounts): Vector
    {
        [$xx, $xy, $yy, $x, $y] = [0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($this->offsets as $i => [, $normal]) {
            [$nx, $ny] = [$normal->x, $normal->y];
            [$xx, $xy, $yy] = [$xx + $nx * $nx, $xy + $nx * $ny, $yy + $ny * $ny];
            [$x, $y] = [$x + $nx * $amounts[$i], $y + $ny * $amounts[$i]];
        }
        if ($this->normal !== null) {
            return $this->normal->times($this->normal->dot(new Vector($x, $y)) / ($xx + $yy));
        }
        $determinant = $xx * $yy - $xy * $xy;

        return new Vector(($yy * $x - $xy * $y) / $determinant, ($xx * $y - $xy * $x) / $determinant);
    }

    /**
     * Rank by elimination with the largest pivot first.
     *
     * @param  list<list<float>>  $rows
     */
    private static function rank(array $rows): int
    {
        $rank = 0;
        for ($columns = count($rows[0] ?? []); $rank < $columns; $rank++) {
            [$pivot, $at] = [0.0, null];
            foreach ($rows as $i => $row) {
                foreach ($row as $j => $part) {
                    if (abs($part) > abs($pivot)) {
                        [$pivot, $at] = [$part, [$i, $j]];
                    }
                }
            }
            if ($at === null || abs($pivot) < self::NOTHING) {
                break;
            }
            $chosen = $rows[$at[0]];
            unset($rows[$at[0]]);
            foreach ($rows as $i => $row) {
                $times = $row[$at[1]] / $pivot;
                foreach ($row as $j => $part) {
                    $rows[$i][$j] = $j === $at[1] ? 0.0 : $part - $times * $chosen[$j];
                }
            }
        }

        return $rank;
    }
}
