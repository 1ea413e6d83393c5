<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

use Aequus\Measure\Length;

/** What a tape must read from corner to far corner of a true rectangle: √(L² + W²). */
final class Diagonal
{
    public static function of(Length $length, Length $width): Length
    {
        return Length::nanometres((int) round(hypot($length->nanometres, $width->nanometres)));
    }
}
