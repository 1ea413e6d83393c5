<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

/** What may stand behind a word of the quick line. */
enum Takes
{
    case Nothing;
    case Anything;
    case Something;
}
