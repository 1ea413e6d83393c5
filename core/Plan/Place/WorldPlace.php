<?php

declare(strict_types=1);

namespace Aequus\Plan\Place;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\PostId;

/** Where a plan lies in the world, as far as that was said: posts whose coordinates there are known. */
final readonly class WorldPlace
{
    /**
     * @param  list<array{PostId, Length, Length}>  $points  a post with its east and north
     * @param  ?Length  $zeroHeight  of the benchmark’s zero in the world; null where heights are not carried over
     * @param  float  $factor  of grid to ground distance, where that was typed
     * @param  string  $system  number of the EPSG list, where that was said; empty for none
     */
    public function __construct(public array $points, public ?Length $zeroHeight = null, public float $factor = 1.0, public string $system = '')
    {
    }
}
