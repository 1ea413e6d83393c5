<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Move;

use Aequus\Guide\Move\Beside;

final class BesideWords
{
    public static function of(Beside $is): string
    {
        return match ($is) {
            Beside::WhatWasRead => 'is what was read',
            Beside::TooMuch => 'too much',
            Beside::TooLittle => 'too little',
            Beside::NailToNail => 'from nail to nail',
            Beside::SquareOffIt => 'square off it',
            Beside::LargestMisfit => 'is the largest misfit',
            Beside::Toward => 'toward the {side}',
            Beside::TowardBoth => 'toward the {side} and {also}',
        };
    }
}
