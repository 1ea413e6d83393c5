<?php

declare(strict_types=1);

namespace Aequus\Adjust;

/** What is taken as fixed, so that distances alone say where stakes stand. */
final readonly class Datum
{
    /** @param  array{float, float}  $free  the direction in which P may move where no Q is given */
    private function __construct(public string $p, public ?string $q, private array $free = [0.0, 1.0])
    {
    }

    /** P stays where the design has it; Q only moves along the line from P to it. */
    public static function baseLine(string $p, string $q): self
    {
        return new self($p, $q);
    }

    /**
     * P keeps its x, or its y where the line runs more along y than along x; all else comes from at least two offsets to that line.
     *
     * @param  array{float, float}  $from  first point of the line
     * @param  array{float, float}  $to  second point
     */
    public static function fixedLine(string $p, array $from, array $to): self
    {
        return new self($p, null, abs($to[0] - $from[0]) >= abs($to[1] - $from[1]) ? [0.0, 1.0] : [1.0, 0.0]);
    }

    /**
     * The directions in which a station may move, as unit vectors.
     *
     * @param  array<string, array{float, float}>  $design
     * @return list<array{float, float}>
     */
    public function directions(string $station, array $design): array
    {
        if ($station === $this->p) {
            return $this->q === null ? [$this->free] : [];
        }
        if ($station === $this->q) {
            [$dx, $dy] = [$design[$this->q][0] - $design[$this->p][0], $design[$this->q][1] - $design[$this->p][1]];
            $length = hypot($dx, $dy);

            return [[$dx / $length, $dy / $length]];
        }

        return [[1.0, 0.0], [0.0, 1.0]];
    }
}
