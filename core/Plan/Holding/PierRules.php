<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Unit;

/** What was decided about piers in form tubes with a metal base on each. */
final readonly class PierRules
{
    /**
     * @param  Length  $tube  diameter inside
     * @param  Length  $standoff  by which a base holds the post off the concrete
     * @param  Length  $base  width of the metal base
     * @param  Length  $edge  least distance of the base’s corners from the concrete’s edge
     * @param  ?Length  $top  common height of all piers above zero; null for a hand above the highest finished ground
     */
    public function __construct(public Length $tube, public Length $standoff, public Length $base, public Length $edge, public ?Length $top = null)
    {
    }

    public static function usual(Notation $notation): self
    {
        return $notation->unit === Unit::Millimetre
            ? new self(Length::millimetres(300), Length::millimetres(25), Length::millimetres(120), Length::millimetres(60))
            : new self(Length::inches(12), Length::inches(1), Length::inches(4), Length::inches(2.5));
    }

    /** How far a pier stands above the highest ground where nobody said. */
    public static function usualHeight(Notation $notation): Length
    {
        return $notation->unit === Unit::Millimetre ? Length::millimetres(150) : Length::inches(6);
    }
}
