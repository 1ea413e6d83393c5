<?php

declare(strict_types=1);

namespace App\Paper;

use Aequus\Measure\Length;

/** One mark on a pole or a member: how far from its zero, and what is written beside it. */
final readonly class PoleMark
{
    public function __construct(public Length $at, public string $beside)
    {
    }
}
