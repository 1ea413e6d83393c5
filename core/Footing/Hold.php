<?php

declare(strict_types=1);

namespace Aequus\Footing;

/** A way to hold a post in or on the ground: what stands at its foot, what goes round it, what keeps it down, and how long it takes. */
enum Hold: string
{
    case Concrete = 'concrete';
    case Earth = 'earth';
    case Gravel = 'gravel';
    case Pier = 'pier';
    case Foam = 'foam';

    public function inWords(): string
    {
        return match ($this) {
            self::Concrete => 'post in concrete',
            self::Earth => 'pad, earth tamped back',
            self::Gravel => 'pad, crushed gravel tamped',
            self::Pier => 'pier with a metal base',
            self::Foam => 'post in expanding foam',
        };
    }

    public function foot(): string
    {
        return match ($this) {
            self::Concrete => 'gravel, so that the end grain drains; the concrete does not close below the post',
            self::Earth, self::Gravel => 'a poured or flat pad on gravel, wide enough for the load',
            self::Pier => 'concrete from below the frost line to a hand above the ground',
            self::Foam => 'a flat block or pad: foam carries no load downward',
        };
    }

    public function holdsDown(): string
    {
        return match ($this) {
            self::Concrete => 'the weight of the collar, and screws or bars through the post near its foot',
            self::Earth, self::Gravel => 'a cleat or a collar screwed on near the foot, under the fill',
            self::Pier => 'the anchor in the pier; keep its edge distance, let it cure before drilling',
            self::Foam => 'friction only: screws near the foot help, uplift is not for foam',
        };
    }

    public function time(): string
    {
        return match ($this) {
            self::Concrete => 'braces off after a night in summer, two days in the cold; load after the days the bag says',
            self::Earth, self::Gravel => 'in layers of a hand, each tamped; braces off the same day',
            self::Pier => 'pour, then days to cure, then bases and posts: two visits',
            self::Foam => 'minutes to set; hold it plumb meanwhile',
        };
    }

    /** What fills the hole, for quantities. A pier is concrete without a post in it; foam takes the room of the concrete. */
    public function fill(): Fill
    {
        return match ($this) {
            self::Concrete, self::Pier, self::Foam => Fill::Concrete,
            self::Earth => Fill::Earth,
            self::Gravel => Fill::Gravel,
        };
    }
}
