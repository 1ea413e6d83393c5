<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

use Aequus\Measure\Length;

/** Where the tape reads at one post when it is hooked at the crossing of two strings. */
final readonly class StringMark
{
    public function __construct(
        public string $line,
        public Length $nearFace,
        public Length $centre,
        public Length $farFace,
    ) {
    }
}
