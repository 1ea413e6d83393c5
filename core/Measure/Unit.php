<?php

declare(strict_types=1);

namespace Aequus\Measure;

/** What a number without a unit means in a job. */
enum Unit: string
{
    case Inch = 'in';
    case Millimetre = 'mm';
}
