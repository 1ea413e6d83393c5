<?php

declare(strict_types=1);

namespace Aequus\Footing\Holes;

use Aequus\Measure\Length;

/** One way out for a hole that did not come out as planned, with what it does. */
final readonly class HoleOption
{
    /**
     * @param  ?Length  $number  the figure to carry to the hole; null where there is none
     * @param  string  $effect  on position, frost, embedment and the length of the post
     * @param  bool  $open  whether this job’s rules allow it here
     */
    public function __construct(public string $do, public ?Length $number, public string $effect, public bool $open)
    {
    }
}
