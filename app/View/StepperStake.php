<?php

declare(strict_types=1);

namespace App\View;

use Aequus\Site\Phase;

/** One phase on the string. */
final readonly class StepperStake
{
    public function __construct(
        public Phase $phase,
        public StepperStanding $standing,
        /** Whether the string is already run past it. */
        public bool $passed,
        public bool $shown,
    ) {
    }
}
