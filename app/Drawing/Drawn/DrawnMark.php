<?php

declare(strict_types=1);

namespace App\Drawing\Drawn;

/** One mark on a story pole. */
final readonly class DrawnMark
{
    public function __construct(
        public float $y,
        public float $labelY,
        public string $height,
        public string $posts,
        public bool $short,
    ) {
    }
}
