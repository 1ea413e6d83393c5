<?php

declare(strict_types=1);

namespace Aequus\Plan\Frame;

/** What holds a member at its crossings. */
enum FastenerKind: string
{
    case Nail = 'nail';
    case Screw = 'screw';
    case Bolt = 'bolt';
}
