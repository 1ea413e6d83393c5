<?php

declare(strict_types=1);

namespace Aequus\Plan\Place;

use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Posts\Section;

/** What the layout must leave room for. */
final readonly class Fit
{
    /**
     * @param  list<MustFit>  $things
     * @param  list<FixedLine>  $neighbours  that a distance is kept from
     */
    public function __construct(public array $things = [], public array $neighbours = [])
    {
    }

    /** @return list<FittingThing> those whose two posts still stand in the grid */
    public function openings(Grid $grid, Section $post): array
    {
        $openings = [];
        foreach ($this->things as $thing) {
            [$from, $to] = [$grid->find($thing->from), $grid->find($thing->to)];
            if ($from !== null && $to !== null) {
                $openings[] = new FittingThing($thing, $from, $to, $post);
            }
        }

        return $openings;
    }

    /** @return list<KeptDistance> */
    public function distances(Grid $grid, Section $post): array
    {
        return array_map(fn (FixedLine $neighbour) => new KeptDistance($neighbour, $grid, $post), $this->neighbours);
    }
}
