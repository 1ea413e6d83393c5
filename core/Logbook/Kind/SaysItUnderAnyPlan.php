<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

use Aequus\Plan\Plan;

/** An entry that no plan forbids. */
trait SaysItUnderAnyPlan
{
    public function checkUnder(Plan $plan): void
    {
    }
}
