<?php

declare(strict_types=1);

namespace Aequus\Cut;

/** Why something can’t be taken. */
enum CutRefusal
{
    case MembersDoNotFit;
    case NotchThroughThePost;
    case MarkBelowGround;
}
