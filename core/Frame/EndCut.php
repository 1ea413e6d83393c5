<?php

declare(strict_types=1);

namespace Aequus\Frame;

/** How the end of a sloped member is cut. */
enum EndCut: string
{
    case Plumb = 'plumb';
    case Square = 'square';
    case Level = 'level';

    /**
     * Where its lower corner lies along the member from its top corner, downhill positive, for a member so deep on such a slope.
     *
     * @throws FrameRefused when a level cut has no slope to be cut on
     */
    public function shift(float $depth, float $slope): float
    {
        return match (true) {
            $this === self::Plumb => $depth * $slope,
            $this === self::Square => 0.0,
            $slope <= 0.0 => throw FrameRefused::because(FrameRefusal::LevelCutOfALevelMember),
            default => -$depth / $slope,
        };
    }
}
