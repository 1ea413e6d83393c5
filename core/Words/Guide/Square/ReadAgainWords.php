<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Square;

use Aequus\Guide\Square\ReadAgain;

final class ReadAgainWords
{
    public static function of(ReadAgain $is): string
    {
        return match ($is) {
            ReadAgain::PullAgain => 'Pull {from}–{to} again',
            ReadAgain::MeasureOffStringAgain => 'Measure {stake} off the string {from}–{to} again',
            ReadAgain::MeasureOffLineAgain => 'Measure {stake} off {line} again',
            ReadAgain::ReadTwiceApart => 'It was read more than once, {spread} apart. Read it once more and correct the wrong one.',
            ReadAgain::TooMuchAgainstAll => 'It reads {misfit} too much: all other readings agree with each other and not with this one. '
                .'It is left out until it is read again.',
            ReadAgain::TooLittleAgainstAll => 'It reads {misfit} too little: all other readings agree with each other and not with this one. '
                .'It is left out until it is read again.',
        };
    }
}
