<?php

declare(strict_types=1);

namespace App\World;

/** Something outside that the application asks, made up where it ships with it: always from a seed, never with the network or the clock. */
interface StandIn
{
    /** Whether what it answers is made up; whoever reads the answer is told. */
    public function isMadeUp(): bool;
}
