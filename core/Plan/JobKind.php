<?php

declare(strict_types=1);

namespace Aequus\Plan;

use Aequus\Fact\Named;

/** What is being built, as far as cautions and wording care. */
enum JobKind: string implements Named
{
    case Pergola = 'pergola';
    case PoleBuilding = 'pole_building';
    case Deck = 'deck';
    case LetterBox = 'letter_box';
    case PlayStructure = 'play_structure';
    case Boardwalk = 'boardwalk';
    case FenceLine = 'fence_line';
    case Other = 'other';

    /** Whether people stand on what the posts carry: then it is loaded as a floor, not as a roof. */
    public function carriesPeople(): bool
    {
        return in_array($this, [self::Deck, self::Boardwalk, self::PlayStructure], true);
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Pergola => 'Pergola or open shelter',
            self::PoleBuilding => 'Pole building',
            self::Deck => 'Deck',
            self::LetterBox => 'Letter or parcel box',
            self::PlayStructure => 'Play structure',
            self::Boardwalk => 'Boardwalk or hide on piers',
            self::FenceLine => 'Row of posts',
            self::Other => 'Something else on posts',
        };
    }
}
