<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;

/** A single slope between two beam lines, by the heights on which it bears. */
final readonly class LeanTo
{
    /** Rise over run. */
    public float $slope;

    /** Radians. */
    public float $angle;

    /**
     * @param  Length  $high  where it bears on the high beam
     * @param  Length  $run  from bearing to bearing, level
     *
     * @throws FrameRefused when the high side is not the higher, or nothing lies between
     */
    public function __construct(public Length $high, public Length $low, public Length $run)
    {
        if (! $run->isPositive()) {
            throw FrameRefused::because(FrameRefusal::NoRun);
        }
        if (! $high->isLongerThan($low)) {
            throw FrameRefused::because(FrameRefusal::HighSideLower);
        }
        $this->slope = $high->minus($low)->nanometres / $run->nanometres;
        $this->angle = atan($this->slope);
    }

    /**
     * With the slope wanted: how high the other side must be.
     *
     * @throws FrameRefused when it does not rise
     */
    public static function rising(Length $low, float $slope, Length $run): self
    {
        return new self($low->plus($run->times($slope)), $low, $run);
    }

    /**
     * The run between two bearings out of the beams’ centres: a seat ends at its beam’s downhill edge and bears at its uphill end; without a seat the
     * member bears on the downhill edge itself.
     *
     * @param  Length  $seatHigh  width of the seat on the high beam; nothing for none
     */
    public static function runBetween(Length $centres, Length $beamHigh, Length $beamLow, Length $seatHigh, Length $seatLow): Length
    {
        return $centres->plus($beamLow->half())->minus($beamHigh->half())->plus($seatHigh)->minus($seatLow);
    }
}
