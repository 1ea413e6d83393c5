<?php

declare(strict_types=1);

namespace Aequus\Plan\Terms;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Measure\Refusal;

/** A plan that can't be built as typed. */
final class PlanRefused extends Refusal
{
    public static function sideWithoutName(): self
    {
        return new self(Fact::of(PlanRefusal::SideWithoutName));
    }

    public static function sidesShareAName(): self
    {
        return new self(Fact::of(PlanRefusal::SidesShareAName));
    }

    public static function bayNotPositive(int $number): self
    {
        return new self(Fact::of(PlanRefusal::BayNotPositive, number: $number));
    }

    public static function noBays(): self
    {
        return new self(Fact::of(PlanRefusal::NoBays));
    }

    public static function tooManyLines(int $most): self
    {
        return new self(Fact::of(PlanRefusal::TooManyLines, most: $most));
    }

    public static function tooManyPosts(int $posts, int $most): self
    {
        return new self(Fact::of(PlanRefusal::TooManyPosts, posts: $posts, most: $most));
    }

    public static function nothingIsLeft(): self
    {
        return new self(Fact::of(PlanRefusal::NothingIsLeft));
    }

    public static function overallTooSmall(): self
    {
        return new self(Fact::of(PlanRefusal::OverallTooSmall));
    }

    public static function everyPostLeftOut(): self
    {
        return new self(Fact::of(PlanRefusal::EveryPostLeftOut));
    }

    public static function noSuchPost(string $label): self
    {
        return new self(Fact::of(PlanRefusal::NoSuchPost, label: $label));
    }

    public static function sectionNotPositive(): self
    {
        return new self(Fact::of(PlanRefusal::SectionNotPositive));
    }

    public static function postsOverlap(): self
    {
        return new self(Fact::of(PlanRefusal::PostsOverlap));
    }

    public static function unknownNominalSize(int|string $nominal): self
    {
        return new self(Fact::of(PlanRefusal::UnknownNominalSize, nominal: $nominal));
    }

    public static function memberWithoutSection(): self
    {
        return new self(Fact::of(PlanRefusal::MemberWithoutSection));
    }

    public static function membersTooClose(Length $thick): self
    {
        return new self(Fact::of(PlanRefusal::MembersTooClose, thick: $thick));
    }

    public static function memberOtherwiseDeep(Length $deep): self
    {
        return new self(Fact::of(PlanRefusal::MemberOtherwiseDeep, deep: $deep));
    }

    public static function memberBelowZero(): self
    {
        return new self(Fact::of(PlanRefusal::MemberBelowZero));
    }

    public static function fastenerWithoutLength(): self
    {
        return new self(Fact::of(PlanRefusal::FastenerWithoutLength));
    }

    public static function connectorTakesNothing(): self
    {
        return new self(Fact::of(PlanRefusal::ConnectorTakesNothing));
    }

    public static function holeNarrowerThanPost(): self
    {
        return new self(Fact::of(PlanRefusal::HoleNarrowerThanPost));
    }

    public static function nothingStands(): self
    {
        return new self(Fact::of(PlanRefusal::NothingStands));
    }

    public static function boardWithoutLength(): self
    {
        return new self(Fact::of(PlanRefusal::BoardWithoutLength));
    }

    public static function fixedLineWithoutLength(): self
    {
        return new self(Fact::of(PlanRefusal::FixedLineWithoutLength));
    }

    public static function baseLineOfOnePost(): self
    {
        return new self(Fact::of(PlanRefusal::BaseLineOfOnePost));
    }

    public static function nothingToFit(string $name): self
    {
        return new self(Fact::of(PlanRefusal::NothingToFit, name: $name));
    }

    public static function fitsBetweenOnePost(string $name): self
    {
        return new self(Fact::of(PlanRefusal::FitsBetweenOnePost, name: $name));
    }

    public static function neighbourNegative(string $name): self
    {
        return new self(Fact::of(PlanRefusal::NeighbourNegative, name: $name));
    }

    public static function bellNoWider(): self
    {
        return new self(Fact::of(PlanRefusal::BellNoWider));
    }

    public static function collarTooLow(): self
    {
        return new self(Fact::of(PlanRefusal::CollarTooLow));
    }

    public static function cureDatumOutOfRange(): self
    {
        return new self(Fact::of(PlanRefusal::CureDatumOutOfRange));
    }

    public static function footingRule(FootingRuleRefusal $is, string $typed = ''): self
    {
        return new self(Fact::of($is, typed: $typed));
    }

    public static function markCoarserThanTolerance(): self
    {
        return new self(Fact::of(PlanRefusal::MarkCoarserThanTolerance));
    }

    public static function braceWithoutReach(): self
    {
        return new self(Fact::of(PlanRefusal::BraceWithoutReach));
    }

    public static function braceToNowhere(): self
    {
        return new self(Fact::of(PlanRefusal::BraceToNowhere));
    }

    public static function freeUpsideDown(): self
    {
        return new self(Fact::of(PlanRefusal::FreeUpsideDown));
    }

    public static function gateWithoutLeaf(): self
    {
        return new self(Fact::of(PlanRefusal::GateWithoutLeaf));
    }

    public static function gateInNoSection(int $section, int $there): self
    {
        return new self(Fact::of(PlanRefusal::GateInNoSection, section: $section, there: $there));
    }

    public static function gateWithoutRoom(int $section): self
    {
        return new self(Fact::of(PlanRefusal::GateWithoutRoom, section: $section));
    }

    public static function toleranceNotPositive(): self
    {
        return new self(Fact::of(PlanRefusal::ToleranceNotPositive));
    }

    public static function closerAlongThanAcross(): self
    {
        return new self(Fact::of(PlanRefusal::CloserAlongThanAcross));
    }

    public static function partName(string $name): self
    {
        return new self(Fact::of(PlanRefusal::PartName, name: $name));
    }

    public static function partWithoutPosts(): self
    {
        return new self(Fact::of(PlanRefusal::PartWithoutPosts));
    }

    public static function labelTaken(string $label): self
    {
        return new self(Fact::of(PlanRefusal::LabelTaken, label: $label));
    }

    public static function postsStandInEachOther(string $one, string $other): self
    {
        return new self(Fact::of(PlanRefusal::PostsStandInEachOther, one: $one, other: $other));
    }

    public static function tooFewPoints(string $name): self
    {
        return new self(Fact::of(PlanRefusal::TooFewPoints, name: $name));
    }
}
