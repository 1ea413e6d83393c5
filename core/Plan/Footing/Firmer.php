<?php

declare(strict_types=1);

namespace Aequus\Plan\Footing;

use Aequus\Fact\Named;

/** Which posts must stand firmer than their neighbours. */
enum Firmer: string implements Named
{
    case CornersAndNamed = 'corners_and_named';
    case OnlyNamed = 'only_named';

    public function inWords(): string
    {
        return match ($this) {
            self::CornersAndNamed => 'corners, and those named',
            self::OnlyNamed => 'only those named',
        };
    }
}
