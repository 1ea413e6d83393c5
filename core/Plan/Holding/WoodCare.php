<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** How buried wood is kept from rotting. */
enum WoodCare: string implements Custom
{
    case Factory = 'factory';
    case Charred = 'charred';
    case Brushed = 'brushed';
    case Coated = 'coated';
    case Nothing = 'nothing';

    public function suits(): string
    {
        return match ($this) {
            self::Factory => 'wood in the ground, as most codes ask; cut ends are brushed',
            self::Charred => 'untreated round timber, by the day’s fire rules',
            self::Brushed => 'cut ends and notches of treated timber',
            self::Coated => 'posts in concrete, where an inspector asks for it',
            self::Nothing => 'heartwood of lasting kinds, steel, or a few seasons',
        };
    }

    public function speaksAgainst(): string
    {
        return match ($this) {
            self::Factory => 'dust and offcuts are kept from gardens and fires',
            self::Charred => 'only on untreated wood; thin char protects little',
            self::Brushed => 'it stays near the surface',
            self::Coated => 'water behind it has no way out: open at the foot',
            self::Nothing => 'it rots first at the ground line',
        };
    }
}
