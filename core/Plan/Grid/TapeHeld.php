<?php

declare(strict_types=1);

namespace Aequus\Plan\Grid;

use Aequus\Measure\Length;

/** Where the tape is held on the two end posts when an overall size is given. */
enum TapeHeld: string
{
    case Centre = 'centre';
    case Outside = 'outside';
    case Inside = 'inside';
    case Face = 'face';

    /** From the distance between the centres of the end posts to what the tape reads. */
    public function size(Length $centres, Length $post): Length
    {
        return $this->centres($centres, Length::zero()->minus($post));
    }

    /** From the size as the tape reads it to the distance between the centres of the end posts. */
    public function centres(Length $size, Length $post): Length
    {
        return match ($this) {
            self::Outside => $size->minus($post),
            self::Inside => $size->plus($post),
            self::Centre, self::Face => $size,
        };
    }
}
