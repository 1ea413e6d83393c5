<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Level;

use Aequus\Guide\Level\SettleHeights;

final class SettleHeightsWords
{
    public static function of(SettleHeights $is): string
    {
        return match ($is) {
            SettleHeights::ReadAgain => 'Read again: {reading}',
            SettleHeights::SettleHeights => 'Find out why the heights disagree',
            SettleHeights::HeightTooMuch => 'It reads {misfit} too much: all others agree with each other and not with this one. '
                .'It is left out until it is read again.',
            SettleHeights::HeightTooLittle => 'It reads {misfit} too little: all others agree with each other and not with this one. '
                .'It is left out until it is read again.',
            SettleHeights::HeightsNotAllTrue => '{count: # reading|# readings} can’t all be true: {readings,}. A mistake in any of them would '
                .'look the same.',
            SettleHeights::HeightsAndMoreNotAllTrue => '{count: # reading|# readings} can’t all be true: {readings,} and more. A mistake in any '
                .'of them would look the same.',
            SettleHeights::TheRod => 'the rod on {point} from set-up {set_up}',
            SettleHeights::TheDifference => '{from} to {to}, {instrument}',
            SettleHeights::TheEntry => 'entry {entry}',
            SettleHeights::AgainDecides => 'Reading this one again decides.',
            SettleHeights::AThirdDecides => 'A third reading decides.',
            SettleHeights::StillDisagree => 'They were read again and still disagree: check that {points} did not move and the instrument stands '
                .'level; '
                .'or take the heights with a reason.',
        };
    }
}
