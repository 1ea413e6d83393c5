<?php

declare(strict_types=1);

namespace Aequus\Logbook\Clear;

/** What a buried line carries. */
enum ServiceType: string
{
    case Power = 'power';
    case Gas = 'gas';
    case Communication = 'communication';
    case Water = 'water';
    case Sewer = 'sewer';
    case Reclaimed = 'reclaimed';
}
