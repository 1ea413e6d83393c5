<?php

declare(strict_types=1);

namespace Aequus\Footing\Holes;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;

/** One way out for a hole that did not come out as planned, with what it does. */
final readonly class HoleOption
{
    /**
     * @param  ?Length  $number  the figure to carry to the hole; null where there is none
     * @param  Fact  $do  a HoleRemedy
     * @param  list<Fact>  $effect  each a HoleEffect
     * @param  bool  $open  whether this job’s rules allow it here
     */
    public function __construct(public Fact $do, public ?Length $number, public array $effect, public bool $open)
    {
    }
}
