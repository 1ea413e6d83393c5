<?php

declare(strict_types=1);

namespace Aequus\Measure;

/** Why something is no slope. */
enum SlopeRefusal
{
    case WithoutLength;
}
