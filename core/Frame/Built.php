<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Fact\Fact;

/** Pieces of one layer, how often they cross what they lie on, and what could not be made of the stock. */
final readonly class Built
{
    /**
     * @param  list<Piece>  $pieces
     * @param  list<Fact>  $hindered
     */
    public function __construct(public array $pieces, public int $crossings = 0, public array $hindered = [])
    {
    }
}
