<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

/** How a lean was read. The value is stored and never changes. */
enum LeanWay: string
{
    case Gap = 'gap';
    case Angle = 'angle';
    case Bob = 'bob';
    case Bubble = 'bubble';
    case Phone = 'phone';
}
