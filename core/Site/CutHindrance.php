<?php

declare(strict_types=1);

namespace Aequus\Site;

/** Why a post is not cut yet: one rule for every page, line and form. */
enum CutHindrance
{
    case NotStanding;
    case NotHard;
    case AnotherIsShort;
}
