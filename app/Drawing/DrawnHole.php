<?php

declare(strict_types=1);

namespace App\Drawing;

use Aequus\Plan\Post;

/** One hole in a section, in drawing units; y grows downward. */
final readonly class DrawnHole
{
    /** @param  string  $state to-dig, dug or short */
    public function __construct(
        public Post $post,
        public float $x,
        public float $half,
        public float $groundY,
        public float $bottomY,
        public float $requiredY,
        public float $footY,
        public float $padY,
        public float $postHalf,
        public string $state,
        public string $depth,
        public bool $set,
    ) {
    }
}
