<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** What the foot of a post stands on. */
enum FootBed: string implements Custom
{
    case Usual = 'usual';
    case Sump = 'sump';
    case Block = 'block';
    case Pad = 'pad';
    case BareSoil = 'bare_soil';

    /** What it is under one way of holding: nobody mixes cement for a pad alone where the fill takes none. */
    public function under(Hold $hold): self
    {
        return match (true) {
            $this !== self::Usual => $this,
            in_array($hold, [Hold::Earth, Hold::Gravel, Hold::Foam], true) => self::Block,
            default => self::Pad,
        };
    }
}
