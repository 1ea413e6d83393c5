<?php

declare(strict_types=1);

namespace Aequus\Thing\Terms;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Measure\Refusal;

/** Something that must stand, fit or be reached, and can’t be worked out from what was typed. */
final class ThingRefused extends Refusal
{
    public static function bandUpsideDown(): self
    {
        return new self(Fact::of(ThingRefusal::BandUpsideDown));
    }

    public static function askedOutsideTheBand(Band $band): self
    {
        return new self(Fact::of(ThingRefusal::AskedOutsideTheBand, least: $band->least, most: $band->most));
    }

    public static function heightsDoNotRise(): self
    {
        return new self(Fact::of(ThingRefusal::HeightsDoNotRise));
    }

    public static function noReachKnown(Length $height, Length $least, Length $most): self
    {
        return new self(Fact::of(ThingRefusal::NoReachKnown, height: $height, least: $least, most: $most));
    }

    public static function beyondTheHeightsRead(): self
    {
        return new self(Fact::of(ThingRefusal::BeyondTheHeightsRead));
    }

    public static function onePostMoreThanPanels(int $panels): self
    {
        return new self(Fact::of(ThingRefusal::OnePostMoreThanPanels, panels: $panels));
    }

    public static function postsCross(): self
    {
        return new self(Fact::of(ThingRefusal::PostsCross));
    }

    public static function dividersDoNotFit(): self
    {
        return new self(Fact::of(ThingRefusal::DividersDoNotFit));
    }

    public static function nothingRead(): self
    {
        return new self(Fact::of(ThingRefusal::NothingRead));
    }

    public static function twoReadingsAtOneDepth(Length $depth): self
    {
        return new self(Fact::of(ThingRefusal::TwoReadingsAtOneDepth, depth: $depth));
    }

    public static function readInTwoManners(string $side): self
    {
        return new self(Fact::of(ThingRefusal::ReadInTwoManners, side: $side));
    }

    public static function noPlumbPostFits(string $side): self
    {
        return new self(Fact::of(ThingRefusal::NoPlumbPostFits, side: $side));
    }

    public static function placeNeedsAPlumbLine(string $side): self
    {
        return new self(Fact::of(ThingRefusal::PlaceNeedsAPlumbLine, side: $side));
    }

    public static function placeOutsideTheSocket(string $side): self
    {
        return new self(Fact::of(ThingRefusal::PlaceOutsideTheSocket, side: $side));
    }

    public static function nothingProbed(): self
    {
        return new self(Fact::of(ThingRefusal::NothingProbed));
    }

    public static function probeBelowTheSocket(string $place): self
    {
        return new self(Fact::of(ThingRefusal::ProbeBelowTheSocket, place: $place));
    }
}
