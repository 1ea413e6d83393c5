<?php

declare(strict_types=1);

namespace Aequus\Footing\Holding;

use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\HoldReason;

/** One way of holding posts on one site: its points, and a reason for each. */
final readonly class HoldAdvice
{
    /**
     * @param  list<HoldReason>  $for
     * @param  list<HoldReason>  $against
     * @param  bool  $possible  false where it is banned, or would not hold
     * @param  bool  $leads  false where it must not be the first choice, whatever its points
     */
    public function __construct(
        public Hold $hold, public int $points, public array $for, public array $against, public bool $possible, public bool $leads,
    ) {
    }
}
