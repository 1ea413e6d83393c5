<?php

declare(strict_types=1);

namespace App\Drawing\Drawn;

use Aequus\Plan\Posts\Post;

/** A stake on the working drawing: its place by the plan, what is left open of it, and where it must go. Drawing units. */
final readonly class DrawnStake
{
    /**
     * @param  string  $shape  within, out, undetermined, free or held: drawn by shape and said in words
     * @param  string  $words  the same for those who can’t see it
     * @param  float  $rx  half-axes of the ring, enlarged; 0 where nothing is known
     * @param  float  $turn  of the ring, degrees clockwise on the screen
     * @param  ?array{float, float}  $stands  where it stands, enlarged; null where it need not move
     */
    public function __construct(
        public Post $post,
        public float $x,
        public float $y,
        public string $shape,
        public string $words,
        public float $rx,
        public float $ry,
        public float $turn,
        public ?array $stands,
        public bool $next,
        public bool $chosen,
    ) {
    }

    /** From where it stands to where it belongs. */
    public function arrow(): DrawnArrow
    {
        return new DrawnArrow($this->stands ?? [$this->x, $this->y], $this->x, $this->y);
    }
}
