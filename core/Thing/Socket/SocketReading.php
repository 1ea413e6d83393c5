<?php

declare(strict_types=1);

namespace Aequus\Thing\Socket;

use Aequus\Measure\Length;

/** One side of a socket at one depth: how far its two faces stand from a plumb line hung in it, or only how wide it is. */
final readonly class SocketReading
{
    private function __construct(public Length $depth, public Length $minus, public Length $plus, public bool $isFromPlumbLine)
    {
    }

    /** A face is below zero where the line hangs beyond it. */
    public static function fromPlumbLine(Length $depth, Length $minus, Length $plus): self
    {
        return new self($depth, $minus, $plus, true);
    }

    public static function width(Length $depth, Length $width): self
    {
        return new self($depth, $width->half(), $width->half(), false);
    }
}
