<?php

declare(strict_types=1);

namespace Aequus\Plan\Place;

use Aequus\Measure\Length;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\Section;

/** How near the nearest post comes to a neighbour. */
final readonly class KeptDistance
{
    public Post $nearest;

    /** From its nearest face; negative when the post stands across the line. */
    public Length $room;

    public bool $kept;

    /** @param  callable(Post): Section  $section  of a post */
    public function __construct(public FixedLine $neighbour, Grid $grid, callable $section)
    {
        $room = null;
        $nearest = $grid->posts[0];
        foreach ($grid->posts as $one) {
            $face = $neighbour->room($one, $section($one));
            if ($room === null || $face->isShorterThan($room)) {
                [$nearest, $room] = [$one, $face];
            }
        }
        $this->nearest = $nearest;
        $this->room = $room;
        $this->kept = ! $this->room->isShorterThan($neighbour->least ?? Length::zero());
    }
}
