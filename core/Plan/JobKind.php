<?php

declare(strict_types=1);

namespace Aequus\Plan;

/** What is being built, as far as cautions and wording care. */
enum JobKind: string
{
    case Pergola = 'pergola';
    case PoleBuilding = 'pole_building';
    case Deck = 'deck';
    case LetterBox = 'letter_box';
    case PlayStructure = 'play_structure';
    case Boardwalk = 'boardwalk';
    case FenceLine = 'fence_line';
    case CourtHoop = 'court_hoop';
    case CarryingPair = 'carrying_pair';
    case DrivenPosts = 'driven_posts';
    case Gateway = 'gateway';
    case SocketRepair = 'socket_repair';
    case Other = 'other';

    /** Whether it has walls or a roof that snow slides off and a ladder leans on: a building beside another. */
    public function isABuilding(): bool
    {
        return in_array($this, [self::PoleBuilding, self::Pergola, self::Other], true);
    }

    /** Whether its posts are solid timber, so that section and length tell their weight. */
    public function hasTimberPosts(): bool
    {
        return ! in_array($this, [self::CourtHoop, self::DrivenPosts], true);
    }

    /** Whether what it carries stands stiff by itself, so that posts may stand on piers. */
    public function standsOnPiers(): bool
    {
        return in_array($this, [self::Deck, self::Boardwalk, self::PoleBuilding, self::Pergola], true);
    }

    /** Whether people stand on what the posts carry: then it is loaded as a floor, not as a roof. */
    public function carriesPeople(): bool
    {
        return in_array($this, [self::Deck, self::Boardwalk, self::PlayStructure], true);
    }
}
