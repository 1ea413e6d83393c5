<?php

declare(strict_types=1);

namespace App\World;

/** What an inspector finds. */
enum Fault: string
{
    case WaterInTheHole = 'water';
    case LooseEarth = 'loose';
    case TooShallow = 'shallow';
    case BarsTooNear = 'bars';
}
