<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Fact\Named;

/** How a lean was read. The value is stored and never changes. */
enum LeanWay: string implements Named
{
    case Gap = 'gap';
    case Angle = 'angle';
    case Bob = 'bob';
    case Bubble = 'bubble';

    public function inWords(): string
    {
        return match ($this) {
            self::Gap => 'a gap under the level',
            self::Angle => 'an angle',
            self::Bob => 'a bob’s distance',
            self::Bubble => 'the bubble against its lines',
        };
    }
}
