<?php

declare(strict_types=1);

namespace Aequus\Square;

use Aequus\Measure\Length;
use Aequus\Plan\Grid\Corners;
use Aequus\Square\Readings\Pair;
use Aequus\Square\Readings\TakenReadings;
use Aequus\Square\Readings\Taped;
use Aequus\Square\SettingOut\Rack;

/** The four corners with their sides and diagonals, as people check them by hand: which way the outline leans, and by how much. */
final readonly class Outline
{
    /** @var list<?Taped> sides ab, bc, cd, da, then diagonals ac, bd */
    private array $taped;

    public function __construct(public Corners $corners, TakenReadings $taken)
    {
        $this->taped = array_map($taken->find(...), [
            new Pair($corners->a, $corners->b), new Pair($corners->b, $corners->c),
            new Pair($corners->c, $corners->d), new Pair($corners->d, $corners->a),
            new Pair($corners->a, $corners->c), new Pair($corners->b, $corners->d),
        ]);
    }

    public function hasSides(): bool
    {
        return ! in_array(null, array_slice($this->taped, 0, 4), true);
    }

    public function hasDiagonals(): bool
    {
        return $this->taped[4] !== null && $this->taped[5] !== null;
    }

    /** Difference of the diagonals, BD less AC; null until both are read. */
    public function diagonalDifference(): ?Length
    {
        [$ac, $bd] = [$this->taped[4], $this->taped[5]];

        return $ac === null || $bd === null ? null : $bd->distance->minus($ac->distance);
    }

    /** How far the far side must shift along x to make the diagonals equal; null until sides and diagonals are read. */
    public function farSideShift(): ?Length
    {
        [$ab, , $cd, , $ac, $bd] = $this->taped;
        if (! $this->hasSides() || $ab === null || $cd === null || $ac === null || $bd === null) {
            return null;
        }

        return Rack::farSideShift($ac->distance, $bd->distance, $ab->distance->plus($cd->distance)->half());
    }
}
