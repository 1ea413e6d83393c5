<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;

/** What both tapes show where they cross at one post. */
final readonly class HoldNumber
{
    /**
     * @param  float  $angle  between the tapes, degrees
     * @param  bool  $isFlat  whether they cross too flat to set a stake by
     */
    public function __construct(
        public Post $post,
        public Length $fromP,
        public Length $fromQ,
        public float $angle,
        public bool $isFlat,
    ) {
    }
}
