<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;
use Aequus\Plan\Frame\EndCut;

/** A rafter or another member on a slope: both edges, and the stock it is cut from. */
final readonly class SlopedMember
{
    public Length $topEdge;

    public Length $lowerEdge;

    /** Of the lower corner from the top corner along the member, downhill positive. */
    public Length $highShift;

    public Length $lowShift;

    public Length $stock;

    /**
     * @param  Length  $run  of its top edge, overhangs with it, measured level
     * @param  float  $slope  rise over run
     *
     * @throws FrameRefused when it has no length, an end can’t be cut so, or the cuts leave no lower edge
     */
    public function __construct(
        Length $run, public float $slope, Length $depth, public EndCut $high = EndCut::Plumb, public EndCut $low = EndCut::Plumb,
    ) {
        if (! $run->isPositive() || ! $depth->isPositive() || $slope < 0.0) {
            throw FrameRefused::because(FrameRefusal::NotPositive);
        }
        $deep = $depth->inMillimetres();
        $top = $run->inMillimetres() * sqrt(1 + $slope ** 2);
        [$highShift, $lowShift] = [self::shift($high, $deep, $slope), self::shift($low, $deep, $slope)];
        $lower = $top + $lowShift - $highShift;
        if ($lower <= 0.0) {
            throw FrameRefused::because(FrameRefusal::CutsLeaveNoEdge);
        }
        [$this->topEdge, $this->lowerEdge] = [Length::millimetres($top), Length::millimetres($lower)];
        [$this->highShift, $this->lowShift] = [Length::millimetres($highShift), Length::millimetres($lowShift)];
        // What reaches past the top edge at either end: a plumb low end downhill, a level high end uphill.
        $this->stock = Length::millimetres($top + max(0.0, $lowShift) + max(0.0, -$highShift));
    }

    /**
     * Where an end’s lower corner lies along the member from its top corner, downhill positive.
     *
     * @throws FrameRefused when a level cut has no slope to be cut on
     */
    private static function shift(EndCut $end, float $depth, float $slope): float
    {
        return match (true) {
            $end === EndCut::Plumb => $depth * $slope,
            $end === EndCut::Square => 0.0,
            $slope <= 0.0 => throw FrameRefused::because(FrameRefusal::LevelCutOfALevelMember),
            default => -$depth / $slope,
        };
    }

    /** Where something so far off its high end, measured level, is marked along its top edge. */
    public function along(Length $level): Length
    {
        return Length::millimetres($level->inMillimetres() * sqrt(1 + $this->slope ** 2));
    }
}
