<?php

declare(strict_types=1);

namespace Aequus\Plan\Layout;

/** Which readings prove the layout: few, while the strings are up, or tapes alone. */
enum ReadingList: string
{
    case Lean = 'lean';
    case Full = 'full';
}
