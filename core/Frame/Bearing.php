<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;

/** A post under a beam, or a joist under a board: where it may be joined. */
final readonly class Bearing
{
    /** @param  Length  $at  its centre, from the beam’s end */
    public function __construct(public string $name, public Length $at)
    {
    }
}
