<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** When a layer goes in. */
enum LayerTime
{
    /** Before the post stands, or before a pier is poured. */
    case First;

    /** Round the post as it stands, or into the tube. */
    case Fill;

    /** Over the fill, once it is hard. */
    case Last;
}
