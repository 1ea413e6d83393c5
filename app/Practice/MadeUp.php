<?php

declare(strict_types=1);

namespace App\Practice;

use Aequus\Site\SiteState;
use App\Type\Say;

/** What stand-ins wrote into a job. */
final readonly class MadeUp
{
    /** What every page and sheet says while some of it counts; empty while none does. */
    public static function line(SiteState $site): string
    {
        $count = count($site->log->madeUp());

        return $count === 0 ? '' : Say::text('practice.made_up', count: $count);
    }
}
