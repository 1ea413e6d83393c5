<?php

declare(strict_types=1);

namespace Aequus\Footing\Comparison;

/** What depth costs, in the builder’s own money; zero where it is not counted. */
final readonly class DepthPrices
{
    public const NAMES = ['post', 'concrete', 'digging', 'lengths'];

    /**
     * @param  float  $post  for a mm of post
     * @param  float  $concrete  for a mm³ of it
     * @param  float  $digging  for a mm³ of earth
     * @param  float  $lengths  for each different length of post, to measure and cut
     */
    public function __construct(public float $post, public float $concrete, public float $digging, public float $lengths)
    {
    }
}
