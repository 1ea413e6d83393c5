<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** A matter in which good builders differ: each choice has a name, a place where it suits, and what speaks against it. */
interface Custom extends \BackedEnum
{
    public function suits(): string;

    public function speaksAgainst(): string;
}
