<?php

declare(strict_types=1);

namespace App\Exceptions;

use Aequus\Fact\Fact;
use Aequus\Logbook\Kind\BookRefusal;
use Aequus\Measure\Refusal;
use App\Models\PlanRevision;

/** Someone changed the plan while this change was being typed. */
final class PlanMovedOn extends Refusal
{
    public static function since(?PlanRevision $inForce): self
    {
        return new self(Fact::of(BookRefusal::PlanMovedOn, revision: $inForce->number ?? 0, reason: $inForce->reason ?? ''));
    }
}
