<?php

declare(strict_types=1);

namespace App\Exchange;

/** Why no points could be read out of a table. */
enum PointsRefusal: string
{
    case NoPoints = 'no_points';
    case TooMany = 'too_many';
    /** It tells east and north, and the plan is not placed. */
    case LiesNowhere = 'lies_nowhere';
}
