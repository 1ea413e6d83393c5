<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

/** Of whom a line speaks. */
enum Called
{
    case Job;
    case Post;
    case Pair;
}
