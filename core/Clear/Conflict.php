<?php

declare(strict_types=1);

namespace Aequus\Clear;

use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;

/** A hole that reaches into the no-dig band of a buried line. */
final readonly class Conflict
{
    public function __construct(
        public Post $post,
        public ServiceLine $service,
        /** From the hole's edge to the line itself; negative when the line runs through the hole. */
        public Length $room,
        /** How far the edge lies inside the band. */
        public Length $inside,
    ) {
    }
}
