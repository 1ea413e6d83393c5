<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

use Aequus\Fact\Named;

/** A matter in which good builders differ: each choice has a name, a place where it suits, and what speaks against it. */
interface Custom extends \BackedEnum, Named
{
    public function inWords(): string;

    public function suits(): string;

    public function speaksAgainst(): string;
}
