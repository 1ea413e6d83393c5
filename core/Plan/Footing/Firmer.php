<?php

declare(strict_types=1);

namespace Aequus\Plan\Footing;

/** Which posts must stand firmer than their neighbours. */
enum Firmer: string
{
    case CornersAndNamed = 'corners_and_named';
    case OnlyNamed = 'only_named';
}
