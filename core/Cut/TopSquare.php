<?php

declare(strict_types=1);

namespace Aequus\Cut;

use Aequus\Adjust\Network\AdjustedNetwork;
use Aequus\Adjust\Network\Station;
use Aequus\Adjust\Placement\Allowed;
use Aequus\Adjust\Placement\FewestMoves;
use Aequus\Measure\Vector;

/** The tops of a frame, out of where the stakes stand and how the posts lean: which corner is out. */
final readonly class TopSquare
{
    /** @var array<string, Vector> each top by name, mm */
    public array $tops;

    /**
     * @param  non-empty-list<Station>  $design
     * @param  array<string, TopLean>  $leans  by name, every post
     */
    public function __construct(private array $design, AdjustedNetwork $stakes, array $leans)
    {
        $tops = [];
        foreach ($design as $post) {
            $tops[$post->name] = $stakes->at[$post->name]->plus($leans[$post->name]->offset());
        }
        $this->tops = $tops;
    }

    /** @return list<string> the corners that must move, fewest first chosen; none when all stand within the tolerance */
    public function cornersOut(Allowed $allowed): array
    {
        $places = [];
        foreach ($this->design as $post) {
            $places[$post->name] = $post->design;
        }
        $placed = FewestMoves::placement($places, $this->tops, $allowed, anyThatFits: true);
        $ground = $allowed->turned($placed->rotation ?? 0.0);
        $moves = $placed?->moves($places, $this->tops) ?? [];

        return array_values(array_filter(array_map(strval(...), array_keys($moves)), fn (string $name) => ! $ground->isWithin($name, $moves[$name])));
    }
}
