<?php

declare(strict_types=1);

namespace Aequus\Fact;

/** A case that people have a name for. */
interface Named
{
    public function inWords(): string;
}
