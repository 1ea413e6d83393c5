<?php

declare(strict_types=1);

namespace Aequus\Level;

/** One way round through readings that ends where it began, and what it misses by. */
final readonly class LevelLoop
{
    /**
     * @param  list<string>  $through  names in the network, the first again at the end
     * @param  list<string>  $readings  their ids
     */
    public function __construct(public array $through, public array $readings, public SingleChain $chain)
    {
    }
}
