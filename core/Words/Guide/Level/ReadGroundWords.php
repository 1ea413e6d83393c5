<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Level;

use Aequus\Guide\Level\ReadGround;

final class ReadGroundWords
{
    public static function of(ReadGround $is): string
    {
        return match ($is) {
            ReadGround::ReadGround => 'Read the rod at {post}',
            ReadGround::TrueGround => 'Stand it on true ground, not on spoil. Still to read: {left} of {all: # post|# posts}.',
        };
    }
}
