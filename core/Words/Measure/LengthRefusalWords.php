<?php

declare(strict_types=1);

namespace Aequus\Words\Measure;

use Aequus\Measure\LengthRefusal;

/** What was wrong, where, and what to enter instead. */
final class LengthRefusalWords
{
    public static function of(LengthRefusal $is): string
    {
        return match ($is) {
            LengthRefusal::NothingTyped => 'Nothing was typed here. Enter a length such as 12\' 6 3/4" or 2400 mm.',
            LengthRefusal::Unexpected => '“{piece}” was not understood. Enter a length such as 12\' 6 3/4" or 2400 mm.',
            LengthRefusal::UnknownUnit => '“{piece}” is not a unit known here. Use \' and ", ft and in, mm, cm or m.',
            LengthRefusal::AmbiguousComma => '“{piece}” could mean two things. Leave the comma out of thousands, or write decimals with a point.',
            LengthRefusal::AmbiguousPoint => '“{piece}” could be a thousand and more, or a decimal. Leave the point out of thousands, or '
                .'add the unit.',
            LengthRefusal::AmbiguousThousands => '“{piece}” could be thousands, or feet and inches. Leave the mark out of thousands.',
            LengthRefusal::MetricBesideFeet => '“{piece}” can’t stand beside feet. Write all of it in one system.',
            LengthRefusal::NotATapeFraction => '“{piece}” is not a fraction on a tape. Use halves to sixty-fourths below one, such as 3/8.',
            LengthRefusal::FractionWithoutInches => '“{piece}” is a fraction, and lengths here are decimal figures. Add " if inches are meant.',
            LengthRefusal::InchesBesideFeet => '“{piece}” inches beside feet is a foot or more. Carry it into the feet.',
            LengthRefusal::DecimalFeetBesideInches => '“{piece}” feet is not whole, yet inches follow. Use whole feet with inches.',
            LengthRefusal::TooLong => '“{piece}” is longer than ten kilometres. Check the unit.',
        };
    }
}
