<?php

declare(strict_types=1);

namespace Aequus\Thing\Terms;

/** Where something lies to a band: too near or too low, right, too far or too high. */
enum InBand
{
    case Below;
    case Within;
    case Above;
}
