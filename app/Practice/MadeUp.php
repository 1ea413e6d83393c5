<?php

declare(strict_types=1);

namespace App\Practice;

use Aequus\Logbook\Book\Strike;
use Aequus\Site\SiteState;
use App\Actions\NewEntry;
use App\Actions\RecordEntry;
use App\Models\Job;
use App\Models\User;
use App\Type\Say;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** What stand-ins wrote into a job, and taking it all out as one. */
final readonly class MadeUp
{
    /** What every page and sheet says while some of it counts; empty while none does. */
    public static function line(SiteState $site): string
    {
        $count = count($site->log->madeUp());

        return $count === 0 ? '' : Say::text('practice.made_up', count: $count);
    }

    /** Nothing is deleted: each is struck, with the reason, all or none. How many they were. */
    public static function takeOut(Job $job, User $user, SiteState $site, RecordEntry $record): int
    {
        $all = $site->log->madeUp();
        DB::transaction(fn () => array_map(
            fn (int $sequence) => $record($job, $user, new NewEntry(new Strike($sequence, Say::text('practice.reason')), (string) Str::ulid())), $all,
        ));

        return count($all);
    }
}
