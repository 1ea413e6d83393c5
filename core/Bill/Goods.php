<?php

declare(strict_types=1);

namespace Aequus\Bill;

/** Something as it is sold: how much is in a pack, what is lost of it, what lies on the site, and its price. */
final readonly class Goods
{
    /** A count so near to a whole number is that number: amounts are exact decimals. */
    private const HAIR = 1e-9;

    /**
     * @param  float  $pack  in its own unit
     * @param  float  $waste  share of 1
     * @param  float  $onSite  in its own unit
     * @param  ?float  $price  in smallest coins, of a pack; null where nobody named one
     * @param  bool  $isPricedByUnit  whether the price is that of a unit instead
     *
     * @throws BillRefused when a pack holds nothing, or something is below zero
     */
    public function __construct(
        public string $name, public float $pack = 1.0, public float $waste = 0.0, public float $onSite = 0.0, public ?float $price = null,
        public bool $isPricedByUnit = false,
    ) {
        if ($pack <= 0.0) {
            throw BillRefused::packWithoutContent($name);
        }
        if ($waste < 0.0 || $onSite < 0.0 || $price < 0.0) {
            throw BillRefused::belowZero($name);
        }
    }

    /** @throws BillRefused when less than nothing is needed */
    public function buy(float $needed): Bought
    {
        if ($needed < 0.0) {
            throw BillRefused::belowZero($this->name);
        }
        $withWaste = $needed * (1 + $this->waste);
        $packs = max(0, (int) ceil(($withWaste - $this->onSite) / $this->pack - self::HAIR));
        $bought = $packs * $this->pack;
        $each = $this->isPricedByUnit ? $this->pack : 1.0;

        return new Bought(
            $withWaste, $packs, $bought, $bought + $this->onSite - $withWaste,
            $this->price === null ? null : (int) round($packs * $each * $this->price),
        );
    }
}
