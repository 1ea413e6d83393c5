<?php

declare(strict_types=1);

namespace App\Logbook;

use Aequus\Logbook\Clash;
use Aequus\Logbook\Entry;
use Aequus\Logbook\EntryKind;
use App\Actions\NewEntry;
use App\Models\Job;
use App\Models\LogEntry;
use App\Models\User;
use App\Site\EntryRow;
use stdClass;

/** What somebody else wrote of the same thing while an entry waited on a phone that had no signal. */
final class WrittenMeanwhile
{
    /**
     * @param  int  $seen  the last entry its writer could know of
     * @param  list<string>  $own  ids that the same phone sent since
     */
    public function __invoke(Job $job, NewEntry $new, int $seen, array $own): ?Entry
    {
        [$post] = $new->payload->posts() + [null];
        if ($post === null || LogEntry::query()->where('job_id', $job->id)->where('client_id', $new->clientId)->exists()) {
            return null;
        }
        $rows = LogEntry::query()->toBase()->where('job_id', $job->id)->where('sequence', '>', $seen)->where('post', $post->value)
            ->where('kind', EntryKind::of($new->payload)->value)->whereNotIn('client_id', $own)->orderByDesc('sequence')->get();

        return $rows->map(
            fn (stdClass $row) => EntryRow::toEntry($row, EntryRow::by($row, (string) User::query()->whereKey($row->user_id)->value('name'))),
        )
            ->first(fn (Entry $theirs) => Clash::between($new->payload, $theirs->payload));
    }
}
