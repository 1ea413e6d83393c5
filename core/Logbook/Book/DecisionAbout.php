<?php

declare(strict_types=1);

namespace Aequus\Logbook\Book;

/** What a builder may knowingly decide, against or beside a rule, with a recorded reason. */
enum DecisionAbout: string
{
    case DigByHand = 'dig_by_hand';
    case AcceptDistance = 'accept_distance';
    case AcceptOutline = 'accept_outline';
    case AcceptHeights = 'accept_heights';
    case AcceptShortHole = 'accept_short_hole';
    case AsEngineerSays = 'as_engineer_says';
    case KeepHolding = 'keep_holding';
    case WaiveFrost = 'waive_frost';
    case WaiveEmbedment = 'waive_embedment';
    case WaiveLocalMinimum = 'waive_local_minimum';
    case WaiveMakerMinimum = 'waive_maker_minimum';
    case AcceptLean = 'accept_lean';
    case AcceptShortPost = 'accept_short_post';

    /** As it is called on the quick line, and everywhere else. */
    public function spoken(): string
    {
        return match ($this) {
            self::DigByHand => 'Dig this hole by hand',
            self::AcceptDistance => 'Take the distance as it is',
            self::AcceptOutline => 'Take the layout as it stands',
            self::AcceptHeights => 'Take the heights as they are',
            self::AcceptShortHole => 'Take the hole as it is',
            self::AsEngineerSays => 'Build it as the engineer says',
            self::KeepHolding => 'Keep width and way of holding',
            self::WaiveFrost => 'Leave the frost line aside',
            self::WaiveEmbedment => 'Leave the least embedment aside',
            self::WaiveLocalMinimum => 'Leave the local minimum aside',
            self::WaiveMakerMinimum => 'Leave the maker’s minimum aside',
            self::AcceptLean => 'Take the lean as it is',
            self::AcceptShortPost => 'Take the post as it is',
        };
    }

    /** @return list<self> rules of depth that can be left aside, where heave or a shallow foot does no harm */
    public static function waivers(): array
    {
        return [self::WaiveFrost, self::WaiveEmbedment, self::WaiveLocalMinimum, self::WaiveMakerMinimum];
    }
}
