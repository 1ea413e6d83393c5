<?php

declare(strict_types=1);

namespace Aequus\Logbook;

/** What a builder may knowingly decide, against or beside a rule, with a recorded reason. */
enum DecisionAbout: string
{
    case DigByHand = 'dig_by_hand';
    case AcceptOutline = 'accept_outline';
    case AcceptHeights = 'accept_heights';
    case AcceptShortHole = 'accept_short_hole';
    case AsEngineerSays = 'as_engineer_says';
    case AcceptLean = 'accept_lean';
    case AcceptShortPost = 'accept_short_post';

    public function inWords(): string
    {
        return match ($this) {
            self::DigByHand => 'Dig this hole by hand',
            self::AcceptOutline => 'Take the layout as it stands',
            self::AcceptHeights => 'Take the heights as they are',
            self::AcceptShortHole => 'Take the hole as it is',
            self::AsEngineerSays => 'Build it as the engineer says',
            self::AcceptLean => 'Take the lean as it is',
            self::AcceptShortPost => 'Take the post as it is',
        };
    }
}
