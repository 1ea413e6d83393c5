<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Set;

use Aequus\Guide\Set\SettleFoot;

final class SettleFootWords
{
    public static function of(SettleFoot $is): string
    {
        return match ($is) {
            SettleFoot::ReadLineAgain => 'Read the line on {post} again',
            SettleFoot::TakeOutAndDeepen => 'Take {post} out and dig deeper',
            SettleFoot::FootStaysHigh => 'Decide about {post}: its foot is not deep enough',
            SettleFoot::FootByLine => 'By the line on it the foot is {line} deep.',
            SettleFoot::FootByLineAndHole => 'By the line on it the foot is {line} deep, by its hole {hole}.',
            SettleFoot::FootLeast => 'It must be {least} deep at least.',
            SettleFoot::LineTwiceAlike => 'Look whether the line was drawn from the foot, and read it again: read twice alike, it is believed '
                .'before the hole.',
            SettleFoot::HoleFellIn => 'A side may have fallen in. Clean the bottom, set the post again, and read its line again.',
            SettleFoot::FilledAsItStands => 'It is filled and can’t be moved any more. Ask whoever made the rule whether it may stay, and write '
                .'down the answer.',
        };
    }
}
