<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** A way to hold a post in or on the ground: what stands at its foot, what goes round it, what keeps it down, and how long it takes. */
enum Hold: string
{
    case Concrete = 'concrete';
    case Collar = 'collar';
    case Gravel = 'gravel';
    case Earth = 'earth';
    case Foam = 'foam';
    case Pier = 'pier';
    case Driven = 'driven';

    public function foot(): string
    {
        return match ($this) {
            self::Concrete => 'gravel, so that the end grain drains; the concrete does not close below the post',
            self::Collar, self::Earth, self::Gravel => 'a poured or flat pad on gravel, wide enough for the load',
            self::Pier => 'concrete from below the frost line to a hand above the ground',
            self::Foam => 'a flat block or pad: foam carries no load downward',
            self::Driven => 'none: it bears on what it was driven into',
        };
    }

    public function fill(): string
    {
        return match ($this) {
            self::Concrete => 'concrete from the gravel to the ground, its top sloped away from the wood',
            self::Collar => 'earth tamped in lifts, then concrete for the last part below the ground',
            self::Gravel => 'crushed gravel with its fines, tamped in lifts',
            self::Earth => 'the earth that came out, tamped in lifts',
            self::Foam => 'foam mixed and poured in one go, a little earth over it against the sun',
            self::Pier => 'concrete in the tube; earth outside it, tamped evenly all round',
            self::Driven => 'nothing',
        };
    }

    public function holdsDown(): string
    {
        return match ($this) {
            self::Concrete => 'the weight of the concrete, and screws or bars through the post near its foot',
            self::Collar => 'screws or bars through the post into the collar; the earth under it lifts nothing',
            self::Earth, self::Gravel => 'a cleat or a collar screwed on near the foot, under the fill',
            self::Pier => 'the anchor in the pier; keep its edge distance, let it cure before drilling',
            self::Foam => 'friction only: screws near the foot help, uplift is not for foam',
            self::Driven => 'friction along its length',
        };
    }

    /** @return non-empty-list<string> what is done at the post, in order */
    public function stages(): array
    {
        return match ($this) {
            self::Concrete => ['clean and tamp the bottom', 'gravel, tamped', 'stand, brace and plumb the post', 'pour in lifts from both sides, rod out the air', 'plumb again while it is workable', 'slope the top'],
            self::Collar => ['clean and tamp the bottom', 'gravel and pad', 'stand, brace and plumb the post', 'earth in lifts of a hand, each tamped, plumb checked at every third', 'pour the collar', 'slope the top'],
            self::Gravel, self::Earth => ['clean and tamp the bottom', 'gravel and pad', 'stand, brace and plumb the post', 'fill in lifts of a hand, each tamped evenly round', 'plumb checked at every third lift', 'mound the top so that water runs off'],
            self::Foam => ['clean the bottom, pump it dry', 'block or pad', 'stand and plumb the post, held by hand or brace', 'mix and pour all at once', 'keep it plumb until it is hard', 'cut level, cover from the sun'],
            self::Pier => ['clean and tamp the bottom', 'gravel', 'stand the tube plumb, tie it down, backfill evenly', 'inspection', 'pour, rod out the air, set the anchor while it is workable', 'strike off level', 'after the cure: base and post'],
            self::Driven => ['start plumb on two sides', 'plumb every few blows, pulled true from out of reach', 'stop at the depth, or by rule where it refuses'],
        };
    }

    public function time(): string
    {
        return match ($this) {
            self::Concrete => 'braces off after a night in summer, two days in the cold; load after the days the bag says',
            self::Collar => 'braces off after a night: the earth holds, the collar only finishes',
            self::Earth, self::Gravel => 'braces off the same day',
            self::Pier => 'pour, then days to cure, then bases and posts: two visits',
            self::Foam => 'minutes to set; hold it plumb meanwhile',
            self::Driven => 'at once',
        };
    }

    public function suits(): string
    {
        return match ($this) {
            self::Concrete => 'posts that stand free, carry a roof, or stand in loose ground',
            self::Collar => 'firm ground and few bags, where a post must not give at the ground line',
            self::Gravel => 'wood that shall last, wet ground, posts that will be changed',
            self::Earth => 'firm ground far from a road, frames that brace themselves',
            self::Foam => 'light posts far from a road, on firm dry ground',
            self::Pier => 'floors and braced roofs, where the wood shall stay dry',
            self::Driven => 'fences and light hoops in ground without stones',
        };
    }

    public function speaksAgainst(): string
    {
        return match ($this) {
            self::Concrete => 'weight to carry, water held against the wood, hard to repair; some inspectors ask for a coating',
            self::Collar => 'frost can grip the collar and lift; it holds little down',
            self::Gravel => 'heavy too, and it holds nothing down by itself',
            self::Earth => 'as good as its tamping; clay holds water, sand does not tamp',
            self::Foam => 'no load, no uplift; resin on skin, vapour, heat, sunlight; some inspectors bar it',
            self::Pier => 'the post turns on its base: the frame must be braced; two visits',
            self::Driven => 'stones turn it; depth and plumb are known only at the end',
        };
    }

    /** Whether the post itself stands in the ground. */
    public function isBuried(): bool
    {
        return $this !== self::Pier;
    }

    /** Whether a hole is dug for it. */
    public function isDug(): bool
    {
        return $this !== self::Driven;
    }

    /** Whether something is poured that has to set. */
    public function isPoured(): bool
    {
        return in_array($this, [self::Concrete, self::Collar, self::Pier, self::Foam], true);
    }
}
