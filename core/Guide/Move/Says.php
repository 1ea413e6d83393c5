<?php

declare(strict_types=1);

namespace Aequus\Guide\Move;

use UnitEnum;

/**
 * What a part of the guide can say: what is to be done, then why, then what its number is. A rule is such an enum with the way it comes to say it,
 * a static moves() that yields every move it asks for now, the most pressing first. Its words stand under its name in Words\Guide.
 */
interface Says extends UnitEnum
{
}
