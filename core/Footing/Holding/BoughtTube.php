<?php

declare(strict_types=1);

namespace Aequus\Footing\Holding;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use Aequus\Stock\Stock;

/** One form tube as it is sold, and what stands of it at which posts. */
final readonly class BoughtTube
{
    /** Left over, the saw’s cuts with it. */
    public Length $rest;

    /** @param  list<array{Post, Length}>  $pieces  longest first */
    public function __construct(public Stock $stock, public array $pieces)
    {
        $this->rest = $stock->length->minus(Length::sum(array_column($pieces, 1)));
    }
}
