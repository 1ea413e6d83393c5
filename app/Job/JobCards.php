<?php

declare(strict_types=1);

namespace App\Job;

use App\Models\Job;
use App\Models\LogEntry;
use App\Site\DerivedCache;
use App\Site\JobSite;
use App\Site\ReadSite;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;

/**
 * The cards of many jobs. Each is kept under a stamp of all it was made from; those that are not kept are made, as many as a second allows, the
 * others by the page when it is there.
 */
final readonly class JobCards
{
    private const SECONDS = 1.0;

    /** Posts of a job that is derived in a few milliseconds. */
    private const SMALL = 12;

    private const TOGETHER = 10;

    /** @param  float  $seconds  that a list may take to make cards */
    public function __construct(private ReadSite $read, private float $seconds = self::SECONDS)
    {
    }

    /**
     * @param  Collection<int, Job>  $jobs
     * @return array<int, ?JobCard> by the job’s number, null for those that take longer
     */
    public function of(Collection $jobs): array
    {
        $begun = microtime(true);
        $stamps = $this->stamps($jobs);
        $cards = [];
        foreach ($jobs as $job) {
            $cards[$job->id] = $this->kept($job, $stamps[$job->id]);
        }
        $missing = $jobs->filter(fn (Job $job) => $cards[$job->id] === null);
        // Small jobs are read together, large ones one by one while there is time.
        [$small, $large] = $missing->partition(fn (Job $job) => count($job->revision->plan()->grid->posts) <= self::SMALL);
        foreach ([...$small->chunk(self::TOGETHER), ...$large->chunk(1)] as $some) {
            if (microtime(true) - $begun >= $this->seconds) {
                break;
            }
            foreach ($this->read->ofMany($some) as $site) {
                $cards[$site->job->id] = $this->keep($site, $stamps[$site->job->id]);
            }
        }

        return $cards;
    }

    public function one(Job $job): JobCard
    {
        $stamp = $this->stamps(new Collection([$job]))[$job->id];

        return $this->kept($job, $stamp) ?? $this->keep($this->read->site($job), $stamp);
    }

    private function kept(Job $job, string $stamp): ?JobCard
    {
        $card = DerivedCache::find("card.{$job->id}", $stamp, JobCard::class);

        return $card?->isStillTrue(CarbonImmutable::now()->getTimestamp()) ? $card : null;
    }

    private function keep(JobSite $site, string $stamp): JobCard
    {
        $card = JobCard::of($site);
        DerivedCache::keep("card.{$site->job->id}", $stamp, $card);

        return $card;
    }

    /**
     * @param  Collection<int, Job>  $jobs
     * @return array<int, string> plan, number of entries, the last of them, and the day at the site
     */
    private function stamps(Collection $jobs): array
    {
        // SQLite gives the other columns of the row that holds the maximum.
        $last = LogEntry::query()->toBase()->whereIn('job_id', $jobs->pluck('id'))->groupBy('job_id')
            ->selectRaw('job_id, count(*) as entries, max(sequence) as last, client_id')->get()->keyBy('job_id');
        [$stamps, $views] = [[], self::views()];
        foreach ($jobs as $job) {
            $of = (array) ($last[$job->id] ?? []);
            $stamps[$job->id] = implode('.', [
                $views, $job->revision->fingerprint(), $job->revision->number, json_encode($of), CarbonImmutable::now($job->zone)->toDateString(),
            ]);
        }

        return $stamps;
    }

    /** By which views the pieces are made; an update makes them anew. */
    private static function views(): string
    {
        return implode('.', array_map(fn (string $view) => (string) filemtime($view), glob(resource_path('views/job/card/*.php')) ?: []));
    }
}
