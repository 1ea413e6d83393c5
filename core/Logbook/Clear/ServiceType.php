<?php

declare(strict_types=1);

namespace Aequus\Logbook\Clear;

/** What a buried line carries; the colours are the public marking colours of APWA. */
enum ServiceType: string
{
    case Power = 'power';
    case Gas = 'gas';
    case Communication = 'communication';
    case Water = 'water';
    case Sewer = 'sewer';
    case Reclaimed = 'reclaimed';

    public function markingColour(): string
    {
        return match ($this) {
            self::Power => 'red',
            self::Gas => 'yellow',
            self::Communication => 'orange',
            self::Water => 'blue',
            self::Sewer => 'green',
            self::Reclaimed => 'purple',
        };
    }
}
