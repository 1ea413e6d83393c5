<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Measure\Refusal;
use Aequus\Plan\Posts\PostRole;

/** Something that can't have been read or done as typed. */
final class EntryRefused extends Refusal
{
    public static function sameStakeTwice(): self
    {
        return new self(Fact::of(EntryRefusal::SameStakeTwice));
    }

    public static function distanceNotPositive(): self
    {
        return new self(Fact::of(EntryRefusal::DistanceNotPositive));
    }

    public static function pointWithoutName(): self
    {
        return new self(Fact::of(EntryRefusal::PointWithoutName));
    }

    public static function samePointTwice(): self
    {
        return new self(Fact::of(EntryRefusal::SamePointTwice));
    }

    public static function levelOffTheString(): self
    {
        return new self(Fact::of(EntryRefusal::LevelOffTheString));
    }

    public static function beamTooSteep(): self
    {
        return new self(Fact::of(EntryRefusal::BeamTooSteep));
    }

    public static function stakeHoldsTheString(): self
    {
        return new self(Fact::of(EntryRefusal::StakeHoldsTheString));
    }

    public static function noticeDays(int $days): self
    {
        return new self(Fact::of(EntryRefusal::NoticeDays, days: $days));
    }

    public static function lineNeedsTwoPoints(): self
    {
        return new self(Fact::of(EntryRefusal::LineNeedsTwoPoints));
    }

    public static function numbersBackward(): self
    {
        return new self(Fact::of(EntryRefusal::NumbersBackward));
    }

    public static function nothingLost(): self
    {
        return new self(Fact::of(EntryRefusal::NothingLost));
    }

    public static function moreLeftThanThereWas(Length $board): self
    {
        return new self(Fact::of(EntryRefusal::MoreLeftThanThereWas, board: $board));
    }

    public static function noDigNegative(): self
    {
        return new self(Fact::of(EntryRefusal::NoDigNegative));
    }

    public static function rodNegative(): self
    {
        return new self(Fact::of(EntryRefusal::RodNegative));
    }

    public static function widthNotPositive(): self
    {
        return new self(Fact::of(EntryRefusal::WidthNotPositive));
    }

    public static function lineNotAboveFoot(): self
    {
        return new self(Fact::of(EntryRefusal::LineNotAboveFoot));
    }

    public static function depthNotPositive(): self
    {
        return new self(Fact::of(EntryRefusal::DepthNotPositive));
    }

    public static function layerNotUnderstood(string $typed): self
    {
        return new self(Fact::of(EntryRefusal::LayerNotUnderstood, typed: $typed));
    }

    public static function layersOutOfOrder(): self
    {
        return new self(Fact::of(EntryRefusal::LayersOutOfOrder));
    }

    public static function nothingSaid(): self
    {
        return new self(Fact::of(EntryRefusal::NothingSaid));
    }

    public static function handedToNobody(): self
    {
        return new self(Fact::of(EntryRefusal::HandedToNobody));
    }

    public static function strikeWithoutReason(): self
    {
        return new self(Fact::of(EntryRefusal::StrikeWithoutReason));
    }

    public static function decisionWithoutReason(): self
    {
        return new self(Fact::of(EntryRefusal::DecisionWithoutReason));
    }

    public static function lesserEmbedmentOfAnotherRule(): self
    {
        return new self(Fact::of(EntryRefusal::LesserEmbedmentOfAnotherRule));
    }

    /** @param  string  $typed  what was named, empty where nothing was */
    public static function distanceToWhat(string $typed): self
    {
        return new self(trim($typed) === '' ? Fact::of(EntryRefusal::DistanceToWhat) : Fact::of(EntryRefusal::DistanceToNothing, typed: $typed));
    }

    public static function lesserEmbedmentMissing(): self
    {
        return new self(Fact::of(EntryRefusal::LesserEmbedmentMissing));
    }

    public static function leanWithoutDirection(string $typed): self
    {
        return new self(Fact::of(EntryRefusal::LeanWithoutDirection, typed: $typed));
    }

    public static function levelWithoutLength(): self
    {
        return new self(Fact::of(EntryRefusal::LevelWithoutLength));
    }

    public static function gapOutOfRange(): self
    {
        return new self(Fact::of(EntryRefusal::GapOutOfRange));
    }

    public static function leanImpossible(): self
    {
        return new self(Fact::of(EntryRefusal::LeanImpossible));
    }

    public static function bobWithoutHeight(): self
    {
        return new self(Fact::of(EntryRefusal::BobWithoutHeight));
    }

    public static function bagsOutOfRange(): self
    {
        return new self(Fact::of(EntryRefusal::BagsOutOfRange));
    }

    public static function temperatureOutOfRange(): self
    {
        return new self(Fact::of(EntryRefusal::TemperatureOutOfRange));
    }

    public static function pictureWithoutFingerprint(): self
    {
        return new self(Fact::of(EntryRefusal::PictureWithoutFingerprint));
    }

    /** @param  string  $hole  how a hole is said in this job */
    public static function lineEmpty(string $hole): self
    {
        return new self(Fact::of(EntryRefusal::LineEmpty, hole: $hole));
    }

    /** @param  string  $hole  how a hole is said in this job, and a tape */
    public static function lineWithoutPost(string $line, string $hole, string $tape): self
    {
        return new self(Fact::of(EntryRefusal::LineWithoutPost, line: $line, hole: $hole, tape: $tape));
    }

    /** @param  list<string>  $verbs  what could stand there */
    public static function lineVerb(string $label, string $said, array $verbs): self
    {
        return new self(Fact::of($said === '' ? EntryRefusal::LineSaysNothing : EntryRefusal::LineVerb, label: $label, said: $said, verbs: $verbs));
    }

    public static function lineUnfinished(string $said, string $example): self
    {
        return new self(Fact::of(EntryRefusal::LineUnfinished, said: $said, example: $example));
    }

    /**
     * @param  string  $gap  a small amount as it is called in this job
     * @param  list<string>  $sides
     */
    public static function lineWithoutSide(string $said, string $gap, array $sides): self
    {
        return new self(Fact::of(EntryRefusal::LineWithoutSide, said: $said, gap: $gap, side: $sides[0], sides: $sides));
    }

    public static function lineFromTheBench(): self
    {
        return new self(Fact::of(EntryRefusal::LineFromTheBench));
    }

    public static function phoneWithoutDegrees(): self
    {
        return new self(Fact::of(EntryRefusal::PhoneWithoutDegrees));
    }

    public static function lineBubble(string $said): self
    {
        return new self(Fact::of(EntryRefusal::LineBubble, said: $said));
    }

    /**
     * @param  string  $gap  a small amount as it is called in this job
     * @param  list<string>  $sides
     */
    public static function lineOffString(string $gap, array $sides): self
    {
        return new self(Fact::of(EntryRefusal::LineOffString, gap: $gap, side: $sides[0]));
    }

    public static function sideAlongTheString(): self
    {
        return new self(Fact::of(EntryRefusal::SideAlongTheString));
    }

    public static function lineTooLong(string $understood, string $more): self
    {
        return new self(Fact::of(EntryRefusal::LineTooLong, understood: $understood, more: $more));
    }

    public static function lineTwiceOneWay(string $said): self
    {
        return new self(Fact::of(EntryRefusal::LineTwiceOneWay, said: $said));
    }

    /** @param  list<string>  $names */
    public static function whichLine(array $names): self
    {
        return new self(Fact::of(EntryRefusal::WhichLine, names: $names));
    }

    public static function noLineInThePlan(): self
    {
        return new self(Fact::of(EntryRefusal::NoLineInThePlan));
    }

    public static function lineReady(string $said): self
    {
        return new self(Fact::of(EntryRefusal::LineReady, said: $said));
    }

    public static function lineFilled(string $said): self
    {
        return new self(Fact::of(EntryRefusal::LineFilled, said: $said));
    }

    public static function holeTooNarrow(Length $across): self
    {
        return new self(Fact::of(EntryRefusal::HoleTooNarrow, across: $across));
    }

    public static function neverShortened(PostRole $role): self
    {
        return new self(Fact::of($role === PostRole::Corner ? EntryRefusal::CornerShortened : EntryRefusal::AnchorShortened));
    }

    public static function hoursOfNobody(int $most): self
    {
        return new self(Fact::of(EntryRefusal::HoursOfNobody, most: $most));
    }

    /** What needs no figure to be understood. */
    public static function because(EntryRefusal $is): self
    {
        return new self(Fact::of($is));
    }
}
