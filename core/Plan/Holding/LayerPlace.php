<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** Which part of a hole a layer fills, seen from above. */
enum LayerPlace
{
    /** The whole hole, less the post where it stands in it. */
    case Hole;

    /** The form tube of a pier. */
    case Tube;

    /** The hole, less the tube. */
    case RoundTheTube;

    /** Above the ground, sloping from the post to the edge of the hole. */
    case Mound;
}
