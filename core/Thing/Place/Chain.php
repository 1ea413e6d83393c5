<?php

declare(strict_types=1);

namespace Aequus\Thing\Place;

use Aequus\Measure\Length;

/** From an edge to the hole: the face that a rule speaks of, then the centre of the post behind it. Positions grow away from the edge. */
final readonly class Chain
{
    public Length $face;

    public Length $centre;

    /**
     * @param  Length  $edge  its position; zero where one measures from it
     * @param  Length  $setback  from the edge to the face
     * @param  Length  $reach  from the face to the centre of the post; below zero where the face is behind it
     */
    public function __construct(Length $edge, public Length $setback, public Length $reach)
    {
        $this->face = $edge->plus($setback);
        $this->centre = $this->face->plus($reach);
    }
}
