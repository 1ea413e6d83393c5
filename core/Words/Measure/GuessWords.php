<?php

declare(strict_types=1);

namespace Aequus\Words\Measure;

use Aequus\Measure\Edge;
use Aequus\Measure\Guess;

/** What may have been meant by a figure, as it is asked across a yard. */
final class GuessWords
{
    public static function asks(Guess $guess): string
    {
        return match ($guess) {
            Guess::PostWidth => 'A post’s width: was {edge} held instead of the middle at both ends, or outside to outside?',
            Guess::HalfPostWidth => 'Half a post’s width: was {edge} held instead of the middle?',
            Guess::HoleWidth => 'A hole’s width: was {edge} of the hole held?',
            Guess::Foot => 'One foot: was a foot mark misread?',
            Guess::Inch => 'One inch: was the tape held at its one-inch mark, or an inch misread?',
            Guess::TenCentimetres => 'Ten centimetres: was the tape held at 10, or a hand misread?',
            Guess::Bay => 'A whole bay: was it held at another stake?',
            Guess::DigitTooMany => 'A digit too many?',
            Guess::DigitMissing => 'A digit missing?',
            Guess::MillimetresForCentimetres => 'Millimetres taken for centimetres?',
            Guess::MillimetresForMetres => 'Millimetres taken for metres?',
            Guess::MillimetresForInches => 'Millimetres taken for inches?',
            Guess::MillimetresForFeet => 'Millimetres taken for feet?',
            Guess::CentimetresForMillimetres => 'Centimetres taken for millimetres?',
            Guess::MetresForMillimetres => 'Metres taken for millimetres?',
            Guess::InchesForMillimetres => 'Inches taken for millimetres?',
            Guess::FeetForMillimetres => 'Feet taken for millimetres?',
            Guess::MetresForFeet => 'Metres taken for feet?',
            Guess::FeetForMetres => 'Feet taken for metres?',
            Guess::InchesForFeet => 'Inches taken for feet?',
            Guess::FeetForInches => 'Feet taken for inches?',
        };
    }

    public static function edge(Edge $edge): string
    {
        return match ($edge) {
            Edge::Far => 'the far edge',
            Edge::Near => 'the near edge',
        };
    }
}
