<?php

declare(strict_types=1);

namespace App\World;

/** Who is asked what the code of a district says. */
interface CodeDesk extends StandIn
{
    /** @return array<string, District> by name */
    public function districts(): array;
}
