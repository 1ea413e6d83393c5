<?php

declare(strict_types=1);

namespace App\Exchange\Drawn;

use Aequus\Measure\Vector;

/** One thing that a drawing shows, in the drawing’s own unit: a place, or a line through several. */
final readonly class Shape
{
    /**
     * @param  non-empty-list<Vector>  $points  one for a place
     * @param  bool  $isClosed  the last is joined to the first
     * @param  string  $name  where it has one
     */
    public function __construct(public string $layer, public array $points, public bool $isClosed = false, public string $name = '')
    {
    }

    public function isSpot(): bool
    {
        return count($this->points) === 1;
    }
}
