<?php

declare(strict_types=1);

namespace Aequus\Plan\Work;

/** Who is there to work. */
enum Crew: string
{
    case WithHelp = 'with_help';
    case Alone = 'alone';

    /** Kilograms one person lifts; two lift twice as much, and above that a machine or props do. */
    public const ONE_LIFTS = 25.0;

    public function lifts(): float
    {
        return $this === self::Alone ? self::ONE_LIFTS : 2 * self::ONE_LIFTS;
    }
}
