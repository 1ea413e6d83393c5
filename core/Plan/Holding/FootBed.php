<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** What the foot of a post stands on. */
enum FootBed: string implements Custom
{
    case Sump = 'sump';
    case Block = 'block';
    case Pad = 'pad';
    case BareSoil = 'bare_soil';

    public function suits(): string
    {
        return match ($this) {
            self::Sump => 'light posts of wood: the end grain drains',
            self::Block => 'a known level at once, no wait for a cure',
            self::Pad => 'heavy loads, soft soil: as wide as the load needs',
            self::BareSoil => 'driven or stone-free firm ground, light posts',
        };
    }

    public function speaksAgainst(): string
    {
        return match ($this) {
            self::Sump => 'it settles under a load; in clay it fills like a bucket',
            self::Block => 'no wider than it is sold; it must be bedded flat',
            self::Pad => 'a pour and a cure before any post stands',
            self::BareSoil => 'the end grain stands wet; it sinks under a load',
        };
    }
}
