<?php

declare(strict_types=1);

namespace Aequus\Days;

/** What in the weather holds a piece of work. */
enum WeatherHold: string
{
    case ColdAtThePour = 'cold_at_the_pour';
    case FrostAfterThePour = 'frost_after_the_pour';
    case RainInOpenTubes = 'rain_in_open_tubes';
    case Gusts = 'gusts';
    case Thunder = 'thunder';
    case NotKnown = 'weather_not_known';
}
