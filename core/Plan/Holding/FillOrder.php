<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** When the holes are filled. */
enum FillOrder: string implements Custom
{
    case AllThenFill = 'all_then_fill';
    case EachAsItStands = 'each_as_it_stands';

    public function suits(): string
    {
        return match ($this) {
            self::AllThenFill => 'frames with joinery or sheets on top: an error still costs nothing',
            self::EachAsItStands => 'fences, one person alone, few braces',
        };
    }

    public function speaksAgainst(): string
    {
        return match ($this) {
            self::AllThenFill => 'braces and holes open for all posts at once',
            self::EachAsItStands => 'the first posts fix an error that is found at the last',
        };
    }
}
