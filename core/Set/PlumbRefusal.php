<?php

declare(strict_types=1);

namespace Aequus\Set;

/** Why something can’t be taken. */
enum PlumbRefusal
{
    case NoLevelLength;
}
