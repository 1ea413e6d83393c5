<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;

/** What remains of a board, and the longest piece of its section that would come out of it again. */
final readonly class Offcut
{
    /** @param  ?Piece  $serves  null where it is too short for any: spacers and packing */
    public function __construct(public Length $length, public ?Piece $serves)
    {
    }
}
