<?php

declare(strict_types=1);

namespace Aequus\Measure;

/** Which edge of a post or hole was held by mistake: a figure that is too much comes from the far one. */
enum Edge
{
    case Far;
    case Near;
}
