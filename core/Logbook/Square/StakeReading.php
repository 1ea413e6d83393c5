<?php

declare(strict_types=1);

namespace Aequus\Logbook\Square;

use Aequus\Logbook\Kind\Payload;

/** Anything read between stakes: it says nothing any more once one of them was moved, or a post was set in its place and read anew. */
interface StakeReading extends Payload
{
}
