<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Plan\Posts\Post;

/** Posts in one line under a beam, in their order, as the plan has them; along the beams and across them, mm. */
final readonly class PostLine
{
    /**
     * @param  non-empty-list<Post>  $posts  two or more
     * @param  int  $number  from 1, counted across the beams
     */
    public function __construct(public array $posts, public float $from, public float $to, public float $across, public int $number = 1)
    {
    }
}
