<?php

declare(strict_types=1);

namespace Aequus\Plan\Grid;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;

/** A board cut to length that holds two posts apart while one person works: between their near faces, or corner to corner across a bay. */
final readonly class Gauge
{
    /** @param  non-empty-list<array{Post, Post}>  $between  in the order in which it is used */
    public function __construct(public Length $length, public bool $isDiagonal, public array $between)
    {
    }
}
