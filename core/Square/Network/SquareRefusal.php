<?php

declare(strict_types=1);

namespace Aequus\Square\Network;

/** Why something can’t be taken. */
enum SquareRefusal
{
    case KnownPointsCoincide;
    case SteeperThanTheTape;
    case StationsCoincide;
    case ComparedOverOneLength;
}
