<?php

declare(strict_types=1);

namespace Aequus\Days;

/** Whether the sun rises and sets on a day. */
enum Light: string
{
    case Rises = 'rises';
    case PolarDay = 'polar_day';
    case PolarNight = 'polar_night';
}
