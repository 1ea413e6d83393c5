<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Logbook\BoardsUp;
use Aequus\Plan\Plan;

/** Batter boards stand, strings run on them. */
final class BoardsUpRequest extends EntryRequest
{
    protected function payload(Plan $plan): BoardsUp
    {
        return new BoardsUp;
    }
}
