<?php

declare(strict_types=1);

namespace Aequus\Plan\Work;

/** What was said of something that is bought: how much is in a pack, what is lost of it, what lies on the site, and its price. */
final readonly class Pricing
{
    /**
     * @param  float  $pack  in the unit of the goods
     * @param  float  $waste  share of 1
     * @param  float  $onSite  in the unit of the goods
     * @param  ?int  $price  of a pack, in smallest coins; null where nobody named one
     * @param  ?float  $mass  of one piece in the job’s own mass, where it is not the usual one: a bag of dry mix
     */
    public function __construct(public float $pack, public float $waste, public float $onSite, public ?int $price, public ?float $mass = null)
    {
    }
}
