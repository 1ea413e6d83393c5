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

    /** Whether people stand on what the posts carry: then it is loaded as a floor, not as a roof. */
    public function carriesPeople(): bool
    {
        return in_array($this, [self::Deck, self::Boardwalk, self::PlayStructure], true);
    }
}
