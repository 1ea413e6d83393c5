<?php

declare(strict_types=1);

namespace Aequus\Plan\Frame;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\PlanRefused;

/** A base, cap or bracket as its maker’s sheet has it: what it takes, how it is fixed, and where its bolt stands. */
final readonly class Connector
{
    /**
     * @param  Length  $from  thickness of what it holds, all plies together, at least
     * @param  Length  $to  and at most
     * @param  ?int  $plies  that it is made for; null for any
     * @param  ?Length  $leastDeep  of what it holds
     * @param  int  $screws  in each
     * @param  ?Length  $screwLong  of each of them
     * @param  ?Length  $boltOff  of a base: its bolt off the middle of the post, along the rows
     * @param  string  $pattern  of its holes, as its sheet has it; empty where nobody said
     *
     * @throws PlanRefused when nothing goes into it
     */
    public function __construct(
        public string $name, public Length $from, public Length $to, public ?int $plies = null, public ?Length $leastDeep = null,
        public int $screws = 0, public ?Length $screwLong = null,
        public ?Length $boltOff = null, public string $pattern = '',
    ) {
        if (! $to->isPositive() || $from->isLongerThan($to) || $from->isNegative()) {
            throw PlanRefused::connectorTakesNothing();
        }
    }
}
