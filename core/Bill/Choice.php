<?php

declare(strict_types=1);

namespace Aequus\Bill;

use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\HoldReason;

/** One way to hold all posts, or to choose their depths, and what that takes: posts and what goes into their holes. */
final readonly class Choice
{
    /**
     * @param  ?bool  $isPossible  on this site; null where the site was not weighed
     * @param  list<HoldReason>  $against
     * @param  float  $carried  posts, bags and gravel, kg
     * @param  float  $dug  mm³
     */
    public function __construct(
        public Hold|DepthMode $what, public bool $isDecided, public Bill $bill, public float $carried, public float $dug, public ?bool $isPossible = null, public array $against = [],
    ) {
    }

    /** By how many coins it costs more than another; null where goods of either have no price, so that nobody knows. */
    public function dearerThan(self $other): ?int
    {
        return $this->bill->unpriced === [] && $other->bill->unpriced === [] ? $this->bill->sum - $other->bill->sum : null;
    }
}
