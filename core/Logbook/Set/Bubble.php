<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Measure\Slope;

/** Where the bubble stands against the vial's lines, where nobody measured a gap. */
enum Bubble: string
{
    case HalfWay = 'half_way';
    case OnTheLine = 'on_the_line';
    case Beyond = 'beyond';

    /** A common builder's level: 1/8 in in 2 ft with the bubble on the line. A shim under one end tells it for the level at hand. */
    public const USUAL_FIGURE = 0.125 / 24;

    /** @param  float  $levelFigure rise over run that brings the bubble to the line */
    public function slope(float $levelFigure = self::USUAL_FIGURE): Slope
    {
        return Slope::ratio($levelFigure * match ($this) {
            self::HalfWay => 0.5,
            self::OnTheLine => 1.0,
            self::Beyond => 1.5,
        });
    }
}
