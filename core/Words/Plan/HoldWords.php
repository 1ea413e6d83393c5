<?php

declare(strict_types=1);

namespace Aequus\Words\Plan;

use Aequus\Plan\Holding\Hold;

/** What is told of each way to hold a post. */
final class HoldWords
{
    public static function name(Hold $hold): string
    {
        return match ($hold) {
            Hold::Concrete => 'post in concrete',
            Hold::Collar => 'earth below, a concrete collar at the top',
            Hold::Gravel => 'pad, crushed gravel tamped',
            Hold::Earth => 'pad, earth tamped back',
            Hold::Foam => 'post in expanding foam',
            Hold::Pier => 'pier with a metal base',
            Hold::Driven => 'steel post, driven',
        };
    }

    /** What stands at its foot. */
    public static function foot(Hold $hold): string
    {
        return match ($hold) {
            Hold::Concrete => 'gravel, so that the end grain drains; the concrete does not close below the post',
            Hold::Collar, Hold::Earth, Hold::Gravel => 'a poured or flat pad on gravel, wide enough for the load',
            Hold::Pier => 'concrete from below the frost line to a hand above the ground',
            Hold::Foam => 'a flat block or pad: foam carries no load downward',
            Hold::Driven => 'none: it bears on what it was driven into',
        };
    }

    /** What goes round it. */
    public static function fill(Hold $hold): string
    {
        return match ($hold) {
            Hold::Concrete => 'concrete from the gravel to the ground, its top sloped away from the wood',
            Hold::Collar => 'earth tamped in lifts, then concrete for the last part below the ground',
            Hold::Gravel => 'crushed gravel with its fines, tamped in lifts',
            Hold::Earth => 'the earth that came out, tamped in lifts',
            Hold::Foam => 'foam mixed and poured in one go, a little earth over it against the sun',
            Hold::Pier => 'concrete in the tube; earth outside it, tamped evenly all round',
            Hold::Driven => 'nothing',
        };
    }

    /** What keeps it down. */
    public static function holdsDown(Hold $hold): string
    {
        return match ($hold) {
            Hold::Concrete => 'the weight of the concrete, and screws or bars through the post near its foot',
            Hold::Collar => 'screws or bars through the post into the collar; the earth under it lifts nothing',
            Hold::Earth, Hold::Gravel => 'a cleat or a collar screwed on near the foot, under the fill',
            Hold::Pier => 'the anchor in the pier; keep its edge distance, let it cure before drilling',
            Hold::Foam => 'friction only: screws near the foot help, uplift is not for foam',
            Hold::Driven => 'friction along its length',
        };
    }

    /** @return non-empty-list<string> what is done at the post, in order */
    public static function stages(Hold $hold): array
    {
        return match ($hold) {
            Hold::Concrete => [
                'clean and tamp the bottom', 'gravel, tamped', 'stand, brace and plumb the post', 'pour in lifts from both sides, rod out the air',
                'plumb again while it is workable', 'slope the top',
            ],
            Hold::Collar => [
                'clean and tamp the bottom', 'gravel and pad', 'stand, brace and plumb the post',
                'earth in lifts of a hand, each tamped, plumb checked at every third', 'pour the collar', 'slope the top',
            ],
            Hold::Gravel, Hold::Earth => [
                'clean and tamp the bottom', 'gravel and pad', 'stand, brace and plumb the post', 'fill in lifts of a hand, each tamped evenly round',
                'plumb checked at every third lift', 'mound the top so that water runs off',
            ],
            Hold::Foam => [
                'clean the bottom, pump it dry', 'block or pad', 'stand and plumb the post, held by hand or brace', 'mix and pour all at once',
                'keep it plumb until it is hard', 'cut level, cover from the sun',
            ],
            Hold::Pier => [
                'clean and tamp the bottom', 'gravel', 'stand the tube plumb, tie it down, backfill evenly', 'inspection',
                'pour, rod out the air, set the anchor while it is workable', 'strike off level', 'after the cure: base and post',
            ],
            Hold::Driven => [
                'start plumb on two sides', 'plumb every few blows, pulled true from out of reach', 'stop at the depth, or by rule where it refuses',
            ],
        };
    }

    /** How long it takes. */
    public static function time(Hold $hold): string
    {
        return match ($hold) {
            Hold::Concrete => 'braces off after a night in summer, two days in the cold; load after the days the bag says',
            Hold::Collar => 'braces off after a night: the earth holds, the collar only finishes',
            Hold::Earth, Hold::Gravel => 'braces off the same day',
            Hold::Pier => 'pour, then days to cure, then bases and posts: two visits',
            Hold::Foam => 'minutes to set; hold it plumb meanwhile',
            Hold::Driven => 'at once',
        };
    }

    /** What it suits. */
    public static function suits(Hold $hold): string
    {
        return match ($hold) {
            Hold::Concrete => 'posts that stand free, carry a roof, or stand in loose ground',
            Hold::Collar => 'firm ground and few bags, where a post must not give at the ground line',
            Hold::Gravel => 'wood that shall last, wet ground, posts that will be changed',
            Hold::Earth => 'firm ground far from a road, frames that brace themselves',
            Hold::Foam => 'light posts far from a road, on firm dry ground',
            Hold::Pier => 'floors and braced roofs, where the wood shall stay dry',
            Hold::Driven => 'fences and light hoops in ground without stones',
        };
    }

    /** What speaks against it in general. */
    public static function speaksAgainst(Hold $hold): string
    {
        return match ($hold) {
            Hold::Concrete => 'weight to carry, water held against the wood, hard to repair; some inspectors ask for a coating',
            Hold::Collar => 'frost can grip the collar and lift; it holds little down',
            Hold::Gravel => 'heavy too, and it holds nothing down by itself',
            Hold::Earth => 'as good as its tamping; clay holds water, sand does not tamp',
            Hold::Foam => 'no load, no uplift; resin on skin, vapour, heat, sunlight; some inspectors bar it',
            Hold::Pier => 'the post turns on its base: the frame must be braced; two visits',
            Hold::Driven => 'stones turn it; depth and plumb are known only at the end',
        };
    }

    /** What usually pushes a post while it is filled. */
    public static function drift(Hold $hold): string
    {
        return match ($hold) {
            Hold::Concrete, Hold::Collar => 'Poured from one side, the mix pushes the post away from where it comes in. Pour in turns from both sides, and plumb while it is workable.',
            Hold::Gravel, Hold::Earth => 'Tamped harder on one side than on the other, or a brace that gave. Tamp round and round, a hand at a time.',
            Hold::Foam => 'It rose more on one side before it was hard. Hold the post until it is.',
            Hold::Pier => 'The base turned when its bolts were drawn, or the tube moved while it was backfilled.',
            Hold::Driven => 'A stone turned it. Pull it true from out of reach every few blows.',
        };
    }
}
