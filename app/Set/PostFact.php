<?php

declare(strict_types=1);

namespace App\Set;

use Aequus\Words\Sentence;

/** One line of what is known of a post. */
final readonly class PostFact
{
    /** @param  string  $state  fits, doubt, off, to-pull, or empty where it is no verdict */
    public function __construct(public string $about, public string|Sentence $says, public string $state = '')
    {
    }
}
