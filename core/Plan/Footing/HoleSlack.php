<?php

declare(strict_types=1);

namespace Aequus\Plan\Footing;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Section;

/** How far a post may stand off the centre of its hole with its cover kept all round. */
final readonly class HoleSlack
{
    private function __construct(
        /** Below zero when the hole is too narrow even for a post in its centre. */
        public Length $slack,
        private bool $round,
    ) {
    }

    /** A round hole: (D − c) / 2 − k, with c the post’s diagonal or diameter and k the cover. */
    public static function round(Length $diameter, Section $post, Length $cover): self
    {
        return new self($diameter->minus($post->across())->half()->minus($cover), true);
    }

    /** A square hole allows (side − post) / 2 − k each way; the thicker side of the post counts. */
    public static function square(Length $side, Section $post, Length $cover): self
    {
        return new self($side->minus($post->thicker())->half()->minus($cover), false);
    }

    /** Whether a post that stands so far off the hole’s centre keeps its cover. */
    public function allows(Length $x, Length $y): bool
    {
        return $this->round
            ? hypot($x->nanometres, $y->nanometres) <= $this->slack->nanometres
            : max(abs($x->nanometres), abs($y->nanometres)) <= $this->slack->nanometres;
    }
}
