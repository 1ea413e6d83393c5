<?php

declare(strict_types=1);

namespace Aequus\Cut;

use Aequus\Adjust\Network\AdjustedNetwork;
use Aequus\Adjust\Network\Station;
use Aequus\Adjust\Placement\FewestMoves;

/** The tops of a frame, out of where the stakes stand and how the posts lean: which corner is out. */
final readonly class TopSquare
{
    /** @var array<string, array{float, float}> x and y of each top by name, mm */
    public array $tops;

    /**
     * @param  non-empty-list<Station>  $design
     * @param  array<string, TopLean>  $leans  by name, every post
     */
    public function __construct(private array $design, AdjustedNetwork $stakes, array $leans)
    {
        $tops = [];
        foreach ($design as $post) {
            [$x, $y] = $stakes->at[$post->name];
            [$dx, $dy] = $leans[$post->name]->offset();
            $tops[$post->name] = [$x + $dx, $y + $dy];
        }
        $this->tops = $tops;
    }

    /** @return list<string> the corners that must move, fewest first chosen; none when all stand within the tolerance */
    public function cornersOut(float $tolerance): array
    {
        $places = [];
        foreach ($this->design as $post) {
            $places[$post->name] = [$post->x, $post->y];
        }
        $moves = FewestMoves::placement($places, $this->tops, $tolerance, anyThatFits: true)?->moves($places, $this->tops) ?? [];

        return array_map(strval(...), array_keys(array_filter($moves, fn (array $move) => hypot(...$move) > $tolerance)));
    }
}
