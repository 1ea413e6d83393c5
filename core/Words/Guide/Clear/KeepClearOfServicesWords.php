<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Clear;

use Aequus\Guide\Clear\KeepClearOfServices;

final class KeepClearOfServicesWords
{
    public static function of(KeepClearOfServices $is): string
    {
        return match ($is) {
            KeepClearOfServices::KeepHoleClear => 'Keep hole {post} clear of the {service}',
            KeepClearOfServices::LineThroughHole => 'The line as entered runs through the hole. Move the post in a new plan, or have the owner of '
                .'the '
                .'line say how.',
            KeepClearOfServices::HoleNearLine => 'Its edge stands {room} from the line; {asked} is asked for. Move the post in a new plan, or decide '
                .'to dig it by hand.',
            KeepClearOfServices::InsideTheBand => 'inside the no-dig band',
        };
    }
}
