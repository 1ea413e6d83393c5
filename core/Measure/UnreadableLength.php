<?php

declare(strict_types=1);

namespace Aequus\Measure;

use Aequus\Fact\Fact;

/** A typed length that was not understood; the message names the piece. */
final class UnreadableLength extends Refusal
{
    public static function nothingTyped(): self
    {
        return new self(Fact::of(LengthRefusal::NothingTyped));
    }

    public static function unexpected(string $piece): self
    {
        return new self(Fact::of(LengthRefusal::Unexpected, piece: $piece));
    }

    public static function unknownUnit(string $piece): self
    {
        return new self(Fact::of(LengthRefusal::UnknownUnit, piece: $piece));
    }

    public static function ambiguousComma(string $piece): self
    {
        return new self(Fact::of(LengthRefusal::AmbiguousComma, piece: $piece));
    }

    public static function ambiguousPoint(string $piece): self
    {
        return new self(Fact::of(LengthRefusal::AmbiguousPoint, piece: $piece));
    }

    public static function ambiguousThousands(string $piece): self
    {
        return new self(Fact::of(LengthRefusal::AmbiguousThousands, piece: $piece));
    }

    public static function metricBesideFeet(string $piece): self
    {
        return new self(Fact::of(LengthRefusal::MetricBesideFeet, piece: $piece));
    }

    public static function notATapeFraction(string $piece): self
    {
        return new self(Fact::of(LengthRefusal::NotATapeFraction, piece: $piece));
    }

    public static function fractionWithoutInches(string $piece): self
    {
        return new self(Fact::of(LengthRefusal::FractionWithoutInches, piece: $piece));
    }

    public static function inchesBesideFeet(string $piece): self
    {
        return new self(Fact::of(LengthRefusal::InchesBesideFeet, piece: $piece));
    }

    public static function decimalFeetBesideInches(string $piece): self
    {
        return new self(Fact::of(LengthRefusal::DecimalFeetBesideInches, piece: $piece));
    }

    public static function tooLong(string $piece): self
    {
        return new self(Fact::of(LengthRefusal::TooLong, piece: $piece));
    }
}
