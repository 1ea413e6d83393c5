<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Stock\Stock;

/** What was decided about piers in form tubes with a metal base on each. */
final readonly class PierRules
{
    /**
     * @param  Length  $tube  diameter inside
     * @param  Length  $standoff  by which a base holds the post off the concrete
     * @param  Length  $base  width of the metal base
     * @param  Length  $edge  least distance of the base’s corners from the concrete’s edge
     * @param  ?Length  $top  common height of all piers above zero; null for a hand above the highest finished ground
     * @param  list<Stock>  $stocks  lengths that tubes are sold in; none where nobody said
     * @param  bool  $standWhole  whether a tube stands as it is sold, in a hole so much deeper; else it is cut to its height
     */
    public function __construct(
        public Length $tube, public Length $standoff, public Length $base, public Length $edge, public ?Length $top = null, public array $stocks = [],
        public bool $standWhole = false,
    ) {
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

    /** How much longer than a tube must be the shortest is that is sold and reaches; null where none does. */
    public function overOf(Length $tube): ?Length
    {
        $over = array_filter(array_map(fn (Stock $stock) => $stock->length->minus($tube)->nanometres, $this->stocks), fn (int $more) => $more >= 0);

        return $over === [] ? null : Length::nanometres(min($over));
    }
}
