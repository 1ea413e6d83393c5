<?php

declare(strict_types=1);

namespace Aequus\Square;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Shift;

/** What one post takes of a difference: its anchor or notch where it is cast, its hole where that is dug, its new mark otherwise. */
final readonly class TakenUp
{
    /**
     * @param  Length  $x  toward +x positive, of the anchor on the pier or of the mark on the strings
     * @param  ?Length  $most  that can be taken up there; null for anything
     */
    public function __construct(
        public Post $post,
        public Length $x,
        public Length $y,
        public ?Length $most,
        public bool $isDug,
    ) {
    }

    /** @return list<Shift> in whole marks of the job */
    public function told(Length $mark): array
    {
        return Shift::told($this->x, $this->y, $mark);
    }

    public function size(): Length
    {
        return Length::millimetres(hypot($this->x->inMillimetres(), $this->y->inMillimetres()));
    }

    public function can(): bool
    {
        return $this->most === null || ! $this->size()->isLongerThan($this->most);
    }
}
