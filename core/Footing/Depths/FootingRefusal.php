<?php

declare(strict_types=1);

namespace Aequus\Footing\Depths;

/** Why something can’t be taken. */
enum FootingRefusal
{
    case BellDoesNotFit;
    case SoldByNothing;
    case TubeTooNarrow;
    case PierInTheGround;
    case PierAboveThePost;
    case PlaneTooHigh;
}
