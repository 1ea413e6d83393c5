<?php

declare(strict_types=1);

namespace Aequus\Frame;

/** How what lies on the beams rises from beam to beam, and the seat that is cut into it over each. */
final readonly class RafterLine
{
    /** For each mm across the beams: as the tops rise where all beams sit alike. */
    public float $rise;

    /** Cut into each rafter over each beam; null where none is. */
    public ?SeatCut $seat;

    /** Why it can’t be cut; null where it can. */
    public ?FrameRefused $unseated;

    /**
     * @param  BeamSeat  $beams  of the first line
     * @param  BeamSeat  $last  of the last one
     * @param  list<PostLine>  $lines
     * @param  float  $rise  of the tops
     * @param  ?float  $wall  across the beams, where one carries the far ends
     */
    public function __construct(BeamSeat $beams, BeamSeat $last, array $lines, float $rise, ?float $wall)
    {
        $far = $wall ?? ($lines === [] ? 0.0 : $lines[count($lines) - 1]->across);
        $apart = $lines === [] ? 0.0 : $far - $lines[0]->across;
        // Beams in notches or on one side stand further apart than their posts.
        $between = $apart - $beams->middle(-1) + ($wall === null ? $last->middle(1) : 0.0);
        // Over a wider beam they pass higher: its downhill edge carries them.
        $between -= $wall === null ? ($rise <=> 0.0) * ($last->liftEach($last->isSeated()) - $beams->liftEach($beams->isSeated())) : 0.0;
        $this->rise = $apart === 0.0 || $between === 0.0 ? $rise : $rise * $apart / $between;
        $seat = $unseated = null;
        try {
            $seat = $beams->rafter($this->rise);
        } catch (FrameRefused $refused) {
            $unseated = $refused;
        }
        [$this->seat, $this->unseated] = [$seat, $unseated];
    }
}
