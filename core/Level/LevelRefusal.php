<?php

declare(strict_types=1);

namespace Aequus\Level;

/** Why something can’t be taken. */
enum LevelRefusal
{
    case SightsAlike;
}
