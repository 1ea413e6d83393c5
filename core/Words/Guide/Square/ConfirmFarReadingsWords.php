<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Square;

use Aequus\Guide\Square\ConfirmFarReadings;

final class ConfirmFarReadingsWords
{
    public static function of(ConfirmFarReadings $is): string
    {
        return match ($is) {
            ConfirmFarReadings::SayTheUnit => 'Say in which unit the tapes were read',
            ConfirmFarReadings::TimesTooMuch => 'Taken together they read {times} times too much.',
            ConfirmFarReadings::TimesTooLittle => 'Taken together they read {times} times too little.',
            ConfirmFarReadings::AnotherPlan => 'Is this the plan they belong to?',
            ConfirmFarReadings::EnterThemAnew => 'Strike them and enter them again, or correct the plan.',
            ConfirmFarReadings::TooMuchByThePlan => 'It reads {misfit} too much by the plan.',
            ConfirmFarReadings::TooLittleByThePlan => 'It reads {misfit} too little by the plan.',
            ConfirmFarReadings::CountsForNothing => 'It counts for nothing until it is pulled again, or entered once more as right.',
        };
    }
}
