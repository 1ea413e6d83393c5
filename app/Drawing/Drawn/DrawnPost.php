<?php

declare(strict_types=1);

namespace App\Drawing\Drawn;

use Aequus\Plan\Posts\Post;

/** A post on a drawing, in drawing units. */
final readonly class DrawnPost
{
    /**
     * @param  string  $shape  planned, staked, dug, short, set, leaning or cut
     * @param  string  $words  the same for those who can't see it
     * @param  string  $note  a figure to write under the label, already typeset; may be empty
     */
    public function __construct(
        public Post $post,
        public float $x,
        public float $y,
        public string $shape,
        public string $words,
        public string $note = '',
        public bool $next = false,
    ) {
    }
}
