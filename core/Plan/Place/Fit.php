<?php

declare(strict_types=1);

namespace Aequus\Plan\Place;

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
}
