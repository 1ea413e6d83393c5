<?php

declare(strict_types=1);

namespace App\Actions;

use Aequus\Logbook\Book\HandedOver;
use Aequus\Logbook\Book\Strike;
use Aequus\Logbook\EntryKind;
use App\Exceptions\EntryNotTaken;
use App\Models\Job;
use App\Models\LogEntry;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Appends one entry to the logbook of a job: the only way anything gets in. */
final class RecordEntry
{
    /** Beside a payload whose doubtful figure was confirmed. */
    public const AS_TYPED = 'as_typed';

    /** What contradicts the book already is refused (EntryNotTaken). */
    public function __invoke(Job $job, User $user, NewEntry $new): LogEntry
    {
        return DB::transaction(function () use ($job, $user, $new): LogEntry {
            $stored = json_encode($new->payload->stored() + ($new->asTyped ? [self::AS_TYPED => true] : []), JSON_THROW_ON_ERROR);
            $same = LogEntry::query()->where('job_id', $job->id)->where('client_id', $new->clientId)->first();
            if ($same !== null) {
                if ($same->kind !== EntryKind::of($new->payload)->value || $same->payload !== $stored) {
                    throw EntryNotTaken::otherContent($same);
                }

                return $same;
            }
            $this->checkRoom($job, $new);
            $revision = $job->revision()->firstOrFail();
            foreach ($new->payload->posts() as $post) {
                if ($revision->plan()->grid->find($post) === null) {
                    throw EntryNotTaken::postNotInPlan($revision->number);
                }
            }
            $this->checkTarget($job, $new);
            [$post, $other] = array_pad($new->payload->posts(), 2, null);
            $now = CarbonImmutable::now('UTC');

            return LogEntry::query()->create([
                'job_id' => $job->id,
                'client_id' => $new->clientId,
                'kind' => EntryKind::of($new->payload)->value,
                'post' => $post?->value,
                'other_post' => $other?->value,
                'payload_version' => EntryKind::VERSION,
                'payload' => $stored,
                'plan_revision' => $revision->number,
                'measured_at' => ($new->measuredAt ?? $now)->utc()->format('Y-m-d H:i:s'),
                'recorded_at' => $now->format('Y-m-d H:i:s'),
                'zone' => $job->zone,
                'user_id' => $user->id,
                'read_by' => $new->readBy,
                'replaces_id' => $new->replaces,
            ]);
        });
    }

    /** What takes back or ends the work always has room. */
    private function checkRoom(Job $job, NewEntry $new): void
    {
        if ($new->payload instanceof Strike || $new->payload instanceof HandedOver) {
            return;
        }
        $most = (int) config('aequus.most.entries');
        if (LogEntry::query()->where('job_id', $job->id)->count() >= $most) {
            throw EntryNotTaken::bookFull($most);
        }
    }

    /** A strike or a correction must aim at an entry of this job that nobody struck or corrected the same way before. */
    private function checkTarget(Job $job, NewEntry $new): void
    {
        $target = $new->payload instanceof Strike ? $new->payload->sequence : $new->replaces;
        if ($target === null) {
            return;
        }
        $aimed = LogEntry::query()->where('job_id', $job->id)->find($target) ?? throw EntryNotTaken::nothingThere($target);
        if ($new->replaces !== null) {
            $first = LogEntry::query()->where('replaces_id', $target)->first();
            if ($first !== null) {
                throw EntryNotTaken::correctedBefore($first);
            }
            if ($aimed->kind !== EntryKind::of($new->payload)->value) {
                throw EntryNotTaken::otherKind($aimed);
            }
        }
    }
}
