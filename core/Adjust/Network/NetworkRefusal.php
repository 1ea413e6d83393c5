<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

/** Why a network has no solution. */
enum NetworkRefusal
{
    case StationsFree;
    case HeightsFree;
    case ComesToNoRest;
}
