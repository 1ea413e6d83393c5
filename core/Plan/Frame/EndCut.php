<?php

declare(strict_types=1);

namespace Aequus\Plan\Frame;

/** How the end of a sloped member is cut. */
enum EndCut: string
{
    case Plumb = 'plumb';
    case Square = 'square';
    case Level = 'level';
}
