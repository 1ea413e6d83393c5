<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Clear;

use Aequus\Guide\Clear\WaitForOthers;

final class WaitForOthersWords
{
    public static function of(WaitForOthers $is): string
    {
        return match ($is) {
            WaitForOthers::WaitForIt => 'Wait: {thing}',
            WaitForOthers::AskForADay => 'Ask for a day: {thing}',
            WaitForOthers::AskAgain => 'Ask again: {thing}',
            WaitForOthers::PutRightAndBookAgain => 'Put it right, and book again: {thing}',
            WaitForOthers::SayWhatCameOfIt => 'Write down what came of it: {thing}',
            WaitForOthers::BookedFor => 'It is booked for {day}. What can be done before then stands on the page of days.',
            WaitForOthers::NoDayNamed => 'It was asked for on {day}, and nobody named a day. Nothing that waits for it is begun.',
            WaitForOthers::DidNotCome => 'On {day} it was refused, or did not come. {says}',
            WaitForOthers::NotPassed => 'On {day} it was not passed. {says} Nothing is covered up before it is.',
            WaitForOthers::HireIsOver => 'It went back on {day}, and holes are left: hire it again, or dig them by hand and call it off.',
            WaitForOthers::WasBookedFor => 'It was booked for {day}, and that day is over.',
        };
    }
}
