<?php

declare(strict_types=1);

namespace App\Bill;

use Aequus\Bill\BillLine;
use Aequus\Words\Sentence;

/** One line of the bill as the page shows it, and what stands in its fields. */
final readonly class BillRow
{
    /**
     * @param  string  $key  of its fields
     * @param  string  $plain  its name where nothing is typeset
     */
    public function __construct(
        public string $key, public Sentence $name, public string $plain, public string $parts, public string $needed, public string $buy,
        public string $money, public string $pack,
        public string $waste, public string $onSite, public string $price, public BillLine $line,
    ) {
    }
}
