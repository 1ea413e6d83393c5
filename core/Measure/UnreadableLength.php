<?php

declare(strict_types=1);

namespace Aequus\Measure;

/** A typed length that was not understood; the message names the piece. */
final class UnreadableLength extends Refusal
{
    public static function nothingTyped(): self
    {
        return new self('Nothing was typed here. Enter a length such as 12\' 6 3/4" or 2400 mm.');
    }

    public static function unexpected(string $piece): self
    {
        return new self(sprintf('“%s” was not understood. Enter a length such as 12\' 6 3/4" or 2400 mm.', $piece));
    }

    public static function unknownUnit(string $piece): self
    {
        return new self(sprintf('“%s” is not a unit known here. Use \' and ", ft and in, mm, cm or m.', $piece));
    }

    public static function ambiguousComma(string $piece): self
    {
        return new self(sprintf('“%s” could mean two things. Leave the comma out of thousands, or write decimals with a point.', $piece));
    }

    public static function ambiguousPoint(string $piece): self
    {
        return new self(sprintf('“%s” could be a thousand and more, or a decimal. Leave the point out of thousands, or add the unit.', $piece));
    }

    public static function ambiguousThousands(string $piece): self
    {
        return new self(sprintf('“%s” could be thousands, or feet and inches. Leave the mark out of thousands.', $piece));
    }

    public static function metricBesideFeet(string $piece): self
    {
        return new self(sprintf('“%s” can’t stand beside feet. Write all of it in one system.', $piece));
    }

    public static function notATapeFraction(string $piece): self
    {
        return new self(sprintf('“%s” is not a fraction on a tape. Use halves to sixty-fourths below one, such as 3/8.', $piece));
    }

    public static function fractionWithoutInches(string $piece): self
    {
        return new self(sprintf('“%s” is a fraction, and this job counts in millimetres. Add " if inches are meant.', $piece));
    }

    public static function inchesBesideFeet(string $piece): self
    {
        return new self(sprintf('“%s” inches beside feet is a foot or more. Carry it into the feet.', $piece));
    }

    public static function decimalFeetBesideInches(string $piece): self
    {
        return new self(sprintf('“%s” feet is not whole, yet inches follow. Use whole feet with inches.', $piece));
    }

    public static function tooLong(string $piece): self
    {
        return new self(sprintf('“%s” is longer than ten kilometres. Check the unit.', $piece));
    }
}
