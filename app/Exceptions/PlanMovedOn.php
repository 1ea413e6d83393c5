<?php

declare(strict_types=1);

namespace App\Exceptions;

use Aequus\Measure\Refusal;
use App\Models\PlanRevision;

/** Someone changed the plan while this change was being typed. */
final class PlanMovedOn extends Refusal
{
    public static function since(?PlanRevision $inForce): self
    {
        return new self(sprintf(
            'The plan was changed meanwhile: revision %d, “%s”. Look at it first; what you typed still stands here.',
            $inForce->number ?? 0, $inForce->reason ?? '',
        ));
    }
}
