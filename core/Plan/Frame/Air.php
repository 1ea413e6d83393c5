<?php

declare(strict_types=1);

namespace Aequus\Plan\Frame;

/** The air that iron stands in. */
enum Air: string
{
    case Dry = 'dry';
    case Wet = 'wet';
    case Salt = 'salt';
}
