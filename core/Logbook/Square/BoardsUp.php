<?php

declare(strict_types=1);

namespace Aequus\Logbook\Square;

use Aequus\Logbook\Kind\AsksNothing;
use Aequus\Logbook\Kind\IsNotSpoken;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Measure\Stored;

/** Batter boards stand and strings run on them: what was taped between rough stakes before counts as old. */
final readonly class BoardsUp implements Payload
{
    use AsksNothing;
    use IsNotSpoken;
    use SaysItUnderAnyPlan;

    public function posts(): array
    {
        return [];
    }

    public function stored(): array
    {
        return [];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self;
    }
}
