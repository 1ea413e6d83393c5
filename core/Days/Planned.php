<?php

declare(strict_types=1);

namespace Aequus\Days;

/** When a piece of work is done. Moments are minutes from the first midnight. */
final readonly class Planned
{
    /** @param  non-empty-list<array{int, int}>  $parts  from and to of each stretch it is done in */
    public function __construct(public Work $work, public array $parts)
    {
    }

    public function ends(): int
    {
        return $this->parts[count($this->parts) - 1][1];
    }
}
