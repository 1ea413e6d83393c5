<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

use Aequus\Measure\Vector;

/** What is taken as fixed, so that distances alone say where stakes stand. */
final readonly class Datum
{
    /**
     * @param  ?string  $p  the stake whose place is taken as planned, as far as nothing else says it; null where lines hold everything
     * @param  ?string  $q  the stake that only moves with P and along the line from P to it; null where lines hold the direction
     * @param  list<Vector>  $free  unit vectors along which P may move all the same
     */
    private function __construct(public ?string $p, public ?string $q, private array $free)
    {
    }

    /** P stays where the design has it; Q only moves along the line from P to it. */
    public static function baseLine(string $p, string $q): self
    {
        return new self($p, $q, []);
    }

    /**
     * P keeps its x, or its y where the line runs more along y than along x; all else comes from at least two offsets to that line.
     *
     * @param  Vector  $from  first point of the line
     * @param  Vector  $to  second point
     */
    public static function fixedLine(string $p, Vector $from, Vector $to): self
    {
        return new self($p, null, [abs($to->x - $from->x) >= abs($to->y - $from->y) ? new Vector(0.0, 1.0) : new Vector(1.0, 0.0)]);
    }

    /** What lines that bind leave free is kept at P, and a direction at P and Q. */
    public static function lines(HeldByLines $held, string $p, string $q): self
    {
        return match (true) {
            $held->holdsAll() => new self(null, null, []),
            $held->nothing() => self::baseLine($p, $q),
            default => new self($p, $held->direction ? null : $q, $held->across()),
        };
    }

    /**
     * The unknowns of a station: whose number each is, and the unit vector along which it moves the station.
     *
     * @param  array<string, Vector>  $design
     * @return array<string, Vector> by a name of the unknown
     */
    public function directions(string $station, array $design): array
    {
        if ($station === $this->p) {
            return $this->ofP();
        }
        if ($station === $this->q) {
            return [...$this->ofP(), "{$station} along" => $design[$this->q]->minus($design[$this->p])->unit()];
        }

        return ["{$station} x" => new Vector(1.0, 0.0), "{$station} y" => new Vector(0.0, 1.0)];
    }

    /** @return array<string, Vector> */
    private function ofP(): array
    {
        $parts = [];
        foreach ($this->free as $i => $direction) {
            $parts["{$this->p} {$i}"] = $direction;
        }

        return $parts;
    }
}
