<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Fact\Named;

/** What was done with the fill of one hole. */
enum FillStep: string implements Named
{
    case Started = 'started';
    case Done = 'done';
    case StillWet = 'still_wet';
    case Stripped = 'stripped';

    public function inWords(): string
    {
        return match ($this) {
            self::Started => 'filling begun',
            self::Done => 'filled',
            self::StillWet => 'surface still wet',
            self::Stripped => 'braces off',
        };
    }
}
