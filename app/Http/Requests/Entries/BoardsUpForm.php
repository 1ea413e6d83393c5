<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Square\BoardsUp;
use Aequus\Plan\Plan;

/** Batter boards stand, strings run on them. */
final class BoardsUpForm extends EntryRequest
{
    public const OPENS = 'square';

    protected function payload(Plan $plan): BoardsUp
    {
        return new BoardsUp;
    }
}
