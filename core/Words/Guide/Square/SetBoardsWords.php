<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Square;

use Aequus\Guide\Square\SetBoards;

final class SetBoardsWords
{
    public static function of(SetBoards $is): string
    {
        return match ($is) {
            SetBoards::SetStakesNearer => 'Set the stakes nearer and pull {from}–{to} again',
            SetBoards::SetStakeNearer => 'Set the stake nearer and measure {stake} off {line} again',
            SetBoards::SetBoards => 'Set the batter boards and pull the strings',
            SetBoards::RoughTooMuch => 'It reads {misfit} too much. Before there are boards a stake stands within {hand} of its place.',
            SetBoards::RoughTooLittle => 'It reads {misfit} too little. Before there are boards a stake stands within {hand} of its place.',
            SetBoards::OuterStakesStand => 'The outer stakes stand within {hand}; those between take their places from the strings. Digging '
                .'takes them away; '
                .'nails on boards and the strings between them stay. Where each board and nail stands is told under Setting out. '
                .'Then the layout is proved to {within} on the nails.',
        };
    }
}
