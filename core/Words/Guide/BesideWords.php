<?php

declare(strict_types=1);

namespace Aequus\Words\Guide;

use Aequus\Guide\Move\Beside;

/** What the number of a move is. */
final class BesideWords
{
    public static function of(Beside $is): string
    {
        return match ($is) {
            Beside::InsideTheBand => 'inside the no-dig band',
            Beside::OrHigher => 'up, or higher',
            Beside::OrLower => 'up, or lower',
            Beside::LongestLeg => 'at most along the beam',
            Beside::Further => 'further',
            Beside::TooNear => 'too near',
            Beside::WhatWasRead => 'is what was read',
            Beside::TooMuch => 'too much',
            Beside::TooLittle => 'too little',
            Beside::NailToNail => 'from nail to nail',
            Beside::StakeToStake => 'from stake to stake',
            Beside::TheString => 'beside the string',
            Beside::SquareOffIt => 'square off it',
            Beside::StraightUp => 'straight up',
            Beside::LargestMisfit => 'is the largest misfit',
            Beside::MovesMost => 'at {post}, which moves most',
            Beside::Toward => 'toward the {side}',
            Beside::TowardBoth => 'toward the {side} and {also}',
            Beside::OffTheLine => 'off the line',
            Beside::OutOfParallel => 'out of parallel over the whole length',
            Beside::OffItsPlace => 'off its place',
            Beside::EitherWay => 'either way',
            Beside::AboveTheOthers => 'above the others',
            Beside::BelowTheOthers => 'below the others',
            Beside::AreMissing => 'are missing',
            Beside::MoreToCleanGround => 'more, to clean ground',
            Beside::Deep => 'deep',
            Beside::FootToTop => 'from foot to top',
            Beside::AsItWasCut => 'as it was cut',
            Beside::LeastLength => 'least length',
            Beside::TooShort => 'too short',
            Beside::AboveTheLine => 'above the datum line',
        };
    }
}
