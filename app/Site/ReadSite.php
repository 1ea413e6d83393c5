<?php

declare(strict_types=1);

namespace App\Site;

use Aequus\Site\SiteState;
use App\Models\Job;
use App\Models\LogEntry;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;

/** Reads plan and logbook of a job and derives what is true now. Nothing derived is stored. */
final class ReadSite
{
    public function of(Job $job): JobSite
    {
        return $this->ofMany(new Collection([$job]))[0];
    }

    /**
     * @param  Collection<int, Job>  $jobs
     * @return list<JobSite>
     */
    public function ofMany(Collection $jobs): array
    {
        $entries = LogEntry::query()->toBase()->whereIn('job_id', $jobs->pluck('id'))->orderBy('sequence')->get()->groupBy('job_id');
        $names = User::query()->toBase()->pluck('name', 'id');

        return array_values($jobs->map(fn (Job $job) => new JobSite($job, SiteState::derive(
            $job->revision->plan(),
            array_values($entries->get($job->id, collect())->map(fn (object $row) => EntryRow::toEntry($row, (string) $names[$row->user_id]))->all()),
            CarbonImmutable::now($job->zone)->toDateString(),
        )))->all());
    }
}
