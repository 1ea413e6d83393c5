<?php

declare(strict_types=1);

namespace App\World;

use Aequus\Measure\Unit;
use Aequus\Plan\Frame\Connector;

/** Somebody who sells what a job takes, asked for prices. */
interface Supplier extends StandIn
{
    /**
     * What is sold of these goods, by their ids as JobNeeds gives them; what is not sold, or not known, is left out.
     *
     * @param  list<string>  $ids
     * @param  Unit  $unit  in which the job is written: goods are sold as they are in that trade
     * @return array<string, Quote>
     */
    public function quotes(array $ids, Unit $unit): array;

    /**
     * What its sheets say of bases, caps and hangers.
     *
     * @return array<string, list<Connector>> by what they are for: base, beam or joist; names differ within each
     */
    public function connectors(Unit $unit): array;
}
