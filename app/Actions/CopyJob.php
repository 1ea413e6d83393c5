<?php

declare(strict_types=1);

namespace App\Actions;

use Aequus\Logbook\EntryKind;
use App\Models\Job;
use App\Models\LogEntry;
use App\Models\User;
use App\Type\Say;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Begins a new job from another: with its plan alone, or with all its plans and its log. Such a copy is no evidence, and says so. */
final class CopyJob
{
    public function plan(Job $from, User $user, string $name): Job
    {
        return app(CreateJob::class)(
            $user, $name, $from->place, $from->zone, $from->revision->plan(), Say::text(
                'answers.copy_job.plan_of_revision', name: $from->name, number: $from->revision->number,
            ),
        );
    }

    public function withLog(Job $from, User $user, string $name): Job
    {
        return DB::transaction(function () use ($from, $user, $name): Job {
            $made = CarbonImmutable::now($from->zone)->format('j M Y, H:i');
            $job = Job::query()->create(
                [
                    'user_id' => $user->id, 'name' => $name, 'place' => $from->place, 'zone' => $from->zone, 'copy_of' => "{$from->name}, {$made}",
                    'came_in' => $from->came_in,
                ],
            );
            foreach ($from->revisions()->get() as $revision) {
                $copy = $revision->replicate();
                $copy->forceFill(['job_id' => $job->id, 'created_at' => $revision->created_at])->save();
            }
            $this->copyEntries($from, $job);
            foreach (DB::table('pictures')->where('job_id', $from->id)->get() as $picture) {
                DB::table('pictures')->insert(['job_id' => $job->id] + (array) $picture);
            }

            return $job;
        });
    }

    /** Corrections and strikes aim at the copies of what they aimed at. */
    private function copyEntries(Job $from, Job $job): void
    {
        $sequences = [];
        foreach ($from->entries()->toBase()->get() as $row) {
            $fields = (array) $row;
            $before = $fields['sequence'];
            unset($fields['sequence']);
            $fields['job_id'] = $job->id;
            $fields['replaces_id'] = $fields['replaces_id'] === null ? null : $sequences[$fields['replaces_id']];
            if ($fields['kind'] === EntryKind::Strike->value) {
                $payload = json_decode($fields['payload'], true, flags: JSON_THROW_ON_ERROR);
                $payload['sequence'] = $sequences[$payload['sequence']];
                $fields['payload'] = json_encode($payload, JSON_THROW_ON_ERROR);
            }
            $sequences[$before] = LogEntry::query()->toBase()->insertGetId($fields, 'sequence');
        }
    }
}
