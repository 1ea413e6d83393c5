<?php

declare(strict_types=1);

namespace Aequus\Plan\Terms;

use Aequus\Measure\Refusal;

/** A plan that can't be built as typed. */
final class PlanRefused extends Refusal
{
    public static function sideWithoutName(): self
    {
        return new self('Every side needs a name, so that directions can be told in your words. Use what stands there: lane, barn, stream.');
    }

    public static function sidesShareAName(): self
    {
        return new self('Two sides share a name, so “toward” would not say which. Give each side its own.');
    }

    public static function bayNotPositive(int $number): self
    {
        return new self("Bay {$number} has no length. Enter the distance from post centre to post centre, above zero.");
    }

    public static function noBays(): self
    {
        return new self('At least one bay is needed between two posts. Enter 1 or more.');
    }

    public static function tooManyLines(int $most): self
    {
        return new self("A grid of more than {$most} lines each way is beyond this tool. Split the job.");
    }

    public static function nothingIsLeft(): self
    {
        return new self('The bays typed fill the overall size: nothing is left for “rest”. Make one of them shorter, or the overall size larger.');
    }

    public static function overallTooSmall(): self
    {
        return new self('The overall size leaves nothing between the posts. Check the size and where the tape is held.');
    }

    public static function everyPostLeftOut(): self
    {
        return new self('Every post is left out. Leave at least one standing.');
    }

    public static function noSuchPost(string $label): self
    {
        return new self("There is no post {$label} in this grid. Use labels such as A1 or C3.");
    }

    public static function sectionNotPositive(): self
    {
        return new self('A post needs a thickness above zero, as measured.');
    }

    public static function postsOverlap(): self
    {
        return new self('A bay is narrower than a post is thick, so posts would overlap. Check the bays and the post size.');
    }

    public static function unknownNominalSize(int|string $nominal): self
    {
        return new self("“{$nominal}” is not a nominal size known here. Use 1 to 12 inches, such as 4×4 or 6×6, or give the size as measured.");
    }

    public static function holeNarrowerThanPost(): self
    {
        return new self('The hole is narrower than the post across its corners. Make it wider.');
    }

    public static function nothingStands(): self
    {
        return new self('The posts need a height above the ground. About is enough: 8\' or 2400 mm.');
    }

    public static function boardWithoutLength(): self
    {
        return new self('A batter board needs a length above zero.');
    }

    public static function fixedLineWithoutLength(): self
    {
        return new self('Both points of the line are the same place. Give two that stand apart.');
    }

    public static function baseLineOfOnePost(): self
    {
        return new self('The base line runs between two posts; this is the same post twice. Choose another for one end.');
    }

    public static function nothingToFit(string $name): self
    {
        return new self("“{$name}” has no width. Enter how wide it is at its widest.");
    }

    public static function fitsBetweenOnePost(string $name): self
    {
        return new self("“{$name}” would stand between a post and itself. Choose two posts.");
    }

    public static function neighbourNegative(string $name): self
    {
        return new self("The distance to keep from “{$name}” can’t be below zero. Enter 0 where only the line itself counts.");
    }

    public static function bellNoWider(): self
    {
        return new self('A bell is wider than its hole and has a height. Enter its width and height, or leave both empty.');
    }

    public static function collarTooLow(): self
    {
        return new self('A collar has a height above zero. Enter how much of the hole below the ground it fills.');
    }

    public static function footingRule(string $sentence): self
    {
        return new self($sentence);
    }

    public static function markCoarserThanTolerance(): self
    {
        return new self('The smallest mark is coarser than the tolerance, so a move inside it could not be told. Choose a finer mark or a wider tolerance.');
    }
}
