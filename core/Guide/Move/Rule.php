<?php

declare(strict_types=1);

namespace Aequus\Guide\Move;

use Aequus\Site\SiteState;

/** One reason to do something next. */
interface Rule
{
    /** @return iterable<Move> every move this reason asks for now, the most pressing first */
    public function moves(SiteState $site): iterable;
}
