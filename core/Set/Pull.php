<?php

declare(strict_types=1);

namespace Aequus\Set;

use Aequus\Measure\Length;
use Aequus\Plan\Side;

/** So far toward one side of the job. */
final readonly class Pull
{
    public function __construct(public Side $toward, public Length $amount)
    {
    }

    public function back(): self
    {
        return new self($this->toward->opposite(), $this->amount);
    }
}
