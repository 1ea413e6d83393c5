<?php

declare(strict_types=1);

namespace Aequus\Measure;

use Aequus\Fact\Fact;

/** What may have been meant by a figure that does not fit. */
enum Guess: string
{
    case PostWidth = "a post's width";
    case HalfPostWidth = "half a post's width";
    case HoleWidth = "a hole's width";
    case Foot = 'one foot';
    case Inch = 'one inch';
    case TenCentimetres = 'ten centimetres';
    case Bay = 'a bay';
    case DigitTooMany = 'a digit too many';
    case DigitMissing = 'a digit missing';
    case MillimetresForCentimetres = 'mm taken for cm';
    case MillimetresForMetres = 'mm taken for m';
    case MillimetresForInches = 'mm taken for inches';
    case MillimetresForFeet = 'mm taken for feet';
    case CentimetresForMillimetres = 'cm taken for mm';
    case MetresForMillimetres = 'm taken for mm';
    case InchesForMillimetres = 'inches taken for mm';
    case FeetForMillimetres = 'feet taken for mm';
    case MetresForFeet = 'm taken for feet';
    case FeetForMetres = 'feet taken for m';
    case InchesForFeet = 'inches taken for feet';
    case FeetForInches = 'feet taken for inches';

    /** As a fact to be asked about: with the edge that may have been held. */
    public function asks(bool $tooMuch): Fact
    {
        return Fact::of($this, edge: $tooMuch ? Edge::Far : Edge::Near);
    }

    /** How many times too large a figure comes out when a number in one unit is taken as one in another; null where it is no matter of units. */
    public function ratio(): ?float
    {
        return match ($this) {
            self::MillimetresForCentimetres => 10.0,
            self::MillimetresForMetres => 1000.0,
            self::MillimetresForInches => 25.4,
            self::MillimetresForFeet => 304.8,
            self::CentimetresForMillimetres => 1 / 10.0,
            self::MetresForMillimetres => 1 / 1000.0,
            self::InchesForMillimetres => 1 / 25.4,
            self::FeetForMillimetres => 1 / 304.8,
            self::MetresForFeet => 304.8 / 1000.0,
            self::FeetForMetres => 1000.0 / 304.8,
            self::InchesForFeet => 12.0,
            self::FeetForInches => 1 / 12.0,
            default => null,
        };
    }
}
