<?php

declare(strict_types=1);

namespace Aequus\Thing\Terms;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Measure\Refusal;

/** Something that must stand, fit or be reached, and can’t be worked out from what was typed. */
final class ThingRefused extends Refusal
{
    /** The question it belongs to, where it is known. */
    public ?string $at = null;

    /** The same, at the question it belongs to. */
    public function at(Ask $ask): self
    {
        $this->at ??= $ask->value;

        return $this;
    }

    /** The bought post is too short for its height and its least depth. */
    public static function postTooShort(Length $needed): self
    {
        return (new self(Fact::of(ThingRefusal::PostTooShort, needed: $needed)))->at(Ask::BoughtPost);
    }

    public static function notAboveZero(Ask $ask): self
    {
        return (new self(Fact::of(ThingRefusal::NotAboveZero)))->at($ask);
    }

    public static function tooMany(Ask $ask, int $most): self
    {
        return (new self(Fact::of(ThingRefusal::TooMany, most: $most)))->at($ask);
    }

    /** The post ends below what it carries, or no post is left under the floor. */
    public static function nothingStands(Ask $ask): self
    {
        return (new self(Fact::of(ThingRefusal::NothingStands)))->at($ask);
    }

    public static function sheetDisagrees(Length $computed, Length $off): self
    {
        return (new self(Fact::of(ThingRefusal::SheetDisagrees, computed: $computed, off: $off)))->at(Ask::SheetDiagonal);
    }

    public static function gateFillsTheRow(): self
    {
        return (new self(Fact::of(ThingRefusal::GateFillsTheRow)))->at(Ask::GateWide);
    }

    public static function socketSmallerThanPost(Ask $ask): self
    {
        return (new self(Fact::of(ThingRefusal::SocketSmallerThanPost)))->at($ask);
    }

    public static function bandUpsideDown(): self
    {
        return new self(Fact::of(ThingRefusal::BandUpsideDown));
    }

    public static function askedOutsideTheBand(Length $least, Length $most): self
    {
        return new self(Fact::of(ThingRefusal::AskedOutsideTheBand, least: $least, most: $most));
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

    public static function bellOfARoundHole(): self
    {
        return (new self(Fact::of(ThingRefusal::BellOfARoundHole)))->at(Ask::BellWide);
    }

    public static function markBelowGround(Length $off): self
    {
        return (new self(Fact::of(ThingRefusal::MarkBelowGround, off: $off)))->at(Ask::Marks);
    }

    public static function archNotAcross(): self
    {
        return (new self(Fact::of(ThingRefusal::ArchNotAcross)))->at(Ask::ArchProfile);
    }

    public static function archTooNarrow(Length $centres): self
    {
        return (new self(Fact::of(ThingRefusal::ArchTooNarrow, centres: $centres)))->at(Ask::ArchProfile);
    }

    /** @param  Length  $room  below zero where it comes down on the machine */
    public static function archTooLow(Length $room, Length $margin): self
    {
        return (new self(Fact::of(ThingRefusal::ArchTooLow, room: $room, margin: $margin)))->at(Ask::ArchProfile);
    }

    public static function profileNotAlong(): self
    {
        return (new self(Fact::of(ThingRefusal::ProfileNotAlong)))->at(Ask::MachineProfile);
    }

    public static function profileDisagrees(Length $top, Length $high): self
    {
        return (new self(Fact::of(ThingRefusal::ProfileDisagrees, top: $top, high: $high)))->at(Ask::MachineProfile);
    }

    /** @param  Length  $needed  with the room before and behind it */
    public static function machineTooLong(Length $needed, Length $inside, Ask $ask): self
    {
        return (new self(Fact::of(ThingRefusal::MachineTooLong, needed: $needed, inside: $inside)))->at($ask);
    }

    /** @param  Length  $needed  over all */
    public static function notDeepEnough(Length $needed): self
    {
        return (new self(Fact::of(ThingRefusal::NotDeepEnough, needed: $needed)))->at(Ask::Deep);
    }

    public static function lighterThanTheRest(): self
    {
        return (new self(Fact::of(ThingRefusal::LighterThanTheRest)))->at(Ask::HeavyThick);
    }

    public static function closerAlongThanAcross(Length $least): self
    {
        return (new self(Fact::of(ThingRefusal::CloserAlongThanAcross, least: $least)))->at(Ask::Along);
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
