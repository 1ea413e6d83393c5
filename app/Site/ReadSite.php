<?php

declare(strict_types=1);

namespace App\Site;

use Aequus\Logbook\Entry;
use Aequus\Site\SiteState;
use Aequus\Square\SurveyedBefore;
use App\Models\Job;
use App\Models\LogEntry;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use stdClass;

/**
 * Reads plan and logbook of a job and derives what is true now. Only the survey of the stakes, the one part that takes time, is kept between
 * two readings: stamped with the plan, the last entry and the core that worked it out, so that deleting it changes nothing.
 */
final class ReadSite
{
    /** What an entry is made of; the rest of a row is for the database alone. */
    private const COLUMNS = [
        'sequence', 'job_id', 'client_id', 'kind', 'payload_version', 'payload', 'plan_revision', 'measured_at', 'user_id', 'read_by', 'replaces_id',
        'by_file',
    ];

    public function site(Job $job): JobSite
    {
        return $this->ofMany(new Collection([$job]))[0];
    }

    /**
     * @param  Collection<int, Job>  $jobs
     * @return list<JobSite>
     */
    public function ofMany(Collection $jobs): array
    {
        $rows = LogEntry::query()->toBase()->whereIn('job_id', $jobs->pluck('id'))->orderBy('sequence')->get(self::COLUMNS);
        $entries = [];
        foreach ($rows as $row) {
            $entries[$row->job_id][] = $row;
        }
        $names = User::query()->toBase()->pluck('name', 'id')->all();

        return array_values($jobs->map(fn (Job $job) => new JobSite($job, $this->derive(
            $job,
            array_map(fn (stdClass $row) => EntryRow::toEntry($row, EntryRow::by($row, (string) $names[$row->user_id])), $entries[$job->id] ?? []),
        )))->all());
    }

    /** @param  list<Entry>  $entries */
    private function derive(Job $job, array $entries): SiteState
    {
        $last = $entries[count($entries) - 1] ?? null;
        // After a backup is put back the same numbers may be given to other entries; what was typed has an id of its own.
        [$key, $stamp] = [
            "survey.{$job->id}", implode(
                '.', [$job->revision->fingerprint(), $last->sequence ?? 0, $last->clientId ?? '', count($entries)],
            ),
        ];
        $planned = $job->revision->fingerprint();
        $surveyed = DerivedCache::find($key, $stamp, SurveyedBefore::class);
        $before = $surveyed ?? DerivedCache::find("listed.{$job->id}", $planned, SurveyedBefore::class);
        $state = SiteState::derive(
            $job->revision->plan(), $entries, CarbonImmutable::now($job->zone)->toDateString(), $before, CarbonImmutable::now('UTC'),
            $job->revision->number,
        );
        if ($surveyed === null) {
            DerivedCache::keep($key, $stamp, $state->square->surveyed());
        }
        if ($before === null && ($listed = $state->square->listed()) !== null) {
            DerivedCache::keep("listed.{$job->id}", $planned, $listed);
        }

        return $state;
    }
}
