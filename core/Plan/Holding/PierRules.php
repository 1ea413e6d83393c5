<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;

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
        return new self(...$notation->system()->pier);
    }

    /** How far a pier stands above the highest ground where nobody said. */
    public static function usualHeight(Notation $notation): Length
    {
        return $notation->system()->pierHeight;
    }
}
