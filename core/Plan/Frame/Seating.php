<?php

declare(strict_types=1);

namespace Aequus\Plan\Frame;

/** How a beam sits on its posts. */
enum Seating: string
{
    case OnTop = 'on_top';
    /** In a notch cut out of the post’s outer face, its foot so far below the post’s top. */
    case InNotch = 'in_notch';
    /** Its plies on both sides of the posts, a single one on the outer side, flush with the tops. */
    case OnSides = 'on_sides';
    /** On a steel cap, whose plate lifts it. */
    case InCap = 'in_cap';
}
