<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

use Aequus\Measure\Refusal;

/** Something that can't have been read or done as typed. */
final class EntryRefused extends Refusal
{
    public static function sameStakeTwice(): self
    {
        return new self('A tape runs between two stakes; this is the same stake twice. Choose another for one end.');
    }

    public static function distanceNotPositive(): self
    {
        return new self('A distance between two stakes is above zero. Enter what the tape read.');
    }

    public static function pointWithoutName(): self
    {
        return new self('Name the point: a turning point, a nail, a kerb.');
    }

    public static function samePointTwice(): self
    {
        return new self('A difference of height lies between two points; this is the same point twice. Choose another for one end.');
    }

    public static function levelOffTheString(): self
    {
        return new self('The line level hangs on the string between its two ends. Enter how far from the first point, within the string’s length.');
    }

    public static function beamTooSteep(): self
    {
        return new self('No line of sight in use rises or falls so much. Check the four rods and the four distances, or have the instrument set right.');
    }

    public static function stakeHoldsTheString(): self
    {
        return new self('The string runs from this very stake, so it can’t stand off it. Choose another stake, or another string.');
    }

    public static function noticeDays(int $days): self
    {
        return new self("{$days} working days of notice can’t be right. Enter 0 to 60; your marking desk says how many.");
    }

    public static function lineNeedsTwoPoints(): self
    {
        return new self('A line needs at least two points. Enter one a line, from A1: along the base line, then away from it.');
    }

    public static function noDigNegative(): self
    {
        return new self('The no-dig distance can’t be below zero. Enter what your marking desk asks for on each side.');
    }

    public static function rodNegative(): self
    {
        return new self('A rod can’t read below zero. Enter the height of the beam on the rod.');
    }

    public static function widthNotPositive(): self
    {
        return new self('A hole has a width above zero. Leave it empty where it is as planned.');
    }

    public static function depthNotPositive(): self
    {
        return new self('A hole has a depth above zero. Enter it from today’s ground to the clean bottom.');
    }

    public static function layerNotUnderstood(string $typed): self
    {
        return new self("“{$typed}” is not a layer. Enter its soil and how deep it goes, such as clay 400; sand 900. Known soils: clay, sand, silty or clayey sand, gravel, sandy gravel or gravel, layered rock, bedrock.");
    }

    public static function layersOutOfOrder(): self
    {
        return new self('Layers go down from the top, each ending deeper than the one above and none below the bottom of the hole. Enter such as clay 400; sand 900.');
    }

    public static function nothingSaid(): self
    {
        return new self('Nothing was written. Write the remark first.');
    }

    public static function handedToNobody(): self
    {
        return new self('Say who takes the work over: a name, or the office.');
    }

    public static function strikeWithoutReason(): self
    {
        return new self('Say why the entry no longer counts: misread, wrong stake, typed twice.');
    }

    public static function decisionWithoutReason(): self
    {
        return new self('Say why: whoever reads the book later needs the reason.');
    }

    public static function lesserEmbedmentMissing(): self
    {
        return new self('A post does not stand on gravel alone. Type how deep it shall stand instead.');
    }

    public static function leanWithoutDirection(string $typed): self
    {
        return new self("Say to which side the top goes: “{$typed}” names none. Or say it is plumb.");
    }

    public static function levelWithoutLength(): self
    {
        return new self('A gap means nothing without the length it was read over. Enter the length of the level.');
    }

    public static function gapOutOfRange(): self
    {
        return new self('The gap lies between zero and the length of the level. Enter the widest gap, and the side the top goes to.');
    }

    public static function leanImpossible(): self
    {
        return new self('No standing post leans so far. Check the figure and the length it was read over.');
    }

    public static function bobWithoutHeight(): self
    {
        return new self('A bob’s distance means nothing without the height it hangs from. Enter both, above zero.');
    }

    public static function bagsOutOfRange(): self
    {
        return new self('So many bags do not go into one hole. Enter how many went in, or leave it empty.');
    }

    public static function temperatureOutOfRange(): self
    {
        return new self('Nobody pours at such a temperature. Enter it in °C, or leave it empty.');
    }

    public static function pictureWithoutFingerprint(): self
    {
        return new self('This is not a picture this program has kept. Choose the picture again.');
    }

    public static function lineEmpty(): self
    {
        return new self('Nothing was typed. Say whom it is about, then what: b2 hole 41 1/2.');
    }

    public static function lineWithoutPost(string $line): self
    {
        return new self("“{$line}” does not begin with a post or a pair. Begin with its label: b2 hole 41 1/2, or a1-c3 36' 10.");
    }

    /** @param  list<string>  $verbs  what could stand there */
    public static function lineVerb(string $label, string $said, array $verbs): self
    {
        $last = array_pop($verbs);
        $what = $said === '' ? "What about {$label}?" : "“{$said}” is not understood after {$label}.";

        return new self("{$what} Say ".implode(', ', $verbs)." or {$last}; or a decision, with because and the reason.");
    }

    public static function lineUnfinished(string $said, string $example): self
    {
        return new self("“{$said}” is not whole yet. Go on, such as: {$example}.");
    }

    /** @param  list<string>  $sides */
    public static function lineWithoutSide(string $said, array $sides): self
    {
        return new self("“{$said}” names no side of this job. Say how much and toward which: 1/8 {$sides[0]}. The sides are ".implode(', ', $sides).'.');
    }

    public static function lineFromTheBench(): self
    {
        return new self('From the benchmark only heights are read. Say by what, how much and up or down: bench-b2 water 2 up.');
    }

    public static function lineBubble(string $said): self
    {
        return new self("“{$said}” tells no bubble. Say half-way, on the line or beyond, then the side the top leans to.");
    }

    /** @param  list<string>  $sides */
    public static function lineOffString(array $sides): self
    {
        return new self("Say which string, how far and toward which side: off a2-c2 3/16 {$sides[0]}; or off a2-c2 0 where it touches.");
    }

    public static function sideAlongTheString(): self
    {
        return new self('That side lies along the string. Choose one that lies across it.');
    }

    public static function lineTooLong(string $understood, string $more): self
    {
        return new self("“{$understood}” was understood, “{$more}” was not. Leave it away, or write it as a note.");
    }

    public static function lineTwiceOneWay(string $said): self
    {
        return new self("“{$said}” names the same direction twice. Say it once each way.");
    }

    /** @param  list<string>  $names */
    public static function whichLine(array $names): self
    {
        return new self('Say from which it was read: '.implode(', ', $names).'.');
    }

    public static function noLineInThePlan(): self
    {
        return new self('No line is in the plan yet. Put the wall or boundary in first.');
    }

    public static function lineReady(string $said): self
    {
        return new self("“{$said}” is nothing to see to. Say ready and inspected, foot, mix, weather or covered.");
    }

    public static function lineFilled(string $said): self
    {
        return new self("“{$said}” is not understood after filled. Say filled, filled 11 bags, or filled 11 bags at 12 C.");
    }

    public static function holeTooNarrow(string $across): self
    {
        return new self("The post is {$across} across its corners and would not go in. Enter the width of the hole, not its radius.");
    }

    public static function neverShortened(string $why): self
    {
        return new self("{$why} Dig on, or choose “Build it as the engineer says”.");
    }

    public static function castElsewhere(): self
    {
        return new self('More than 4 ft off its mark is another place. Check the figure, or change the plan.');
    }
}
