<?php

declare(strict_types=1);

namespace App\Footing;

use Aequus\Footing\Footings;
use Aequus\Footing\Holding\Pier;
use Aequus\Footing\Holding\TubesToBuy;
use Aequus\Measure\Length;

/** One way to come to form tubes, cut to height or standing whole: what is bought for it, and what it asks of the holes. */
final readonly class TubeWay
{
    /**
     * @param  list<Pier>  $piers
     * @param  ?TubesToBuy  $tubes  null where nobody said in which lengths they are sold
     */
    public function __construct(public bool $isWhole, public array $piers, public ?TubesToBuy $tubes, private Footings $footing)
    {
    }

    /** Of all piers, mm³. */
    public function concrete(): float
    {
        return array_sum(array_map(fn (Pier $pier) => $pier->concrete, $this->piers));
    }

    /** Of all tubes; a dash where no price was typed. */
    public function cost(): string
    {
        return $this->tubes !== null && $this->tubes->cost > 0.0 ? number_format($this->tubes->cost, 2) : '—';
    }

    /** Of the deepest hole, as dug where it is dug. */
    public function deepest(): Length
    {
        $deepest = Length::zero();
        foreach ($this->piers as $pier) {
            $hole = $this->footing->measured($pier->of) ?? $this->footing->required($pier->of)?->holeDepth() ?? Length::zero();
            $deepest = $hole->isLongerThan($deepest) ? $hole : $deepest;
        }

        return $deepest;
    }
}
