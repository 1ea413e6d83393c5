<?php

declare(strict_types=1);

namespace App\Actions;

use Aequus\Logbook\EntryKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Stored\PlanCodec;
use App\Exchange\JobFile;
use App\Exchange\JobFileRefusal;
use App\Exchange\JobFileRefused;
use App\Exchange\JobSchema;
use App\Models\Job;
use App\Models\LogEntry;
use App\Models\User;
use App\Type\Say;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * A job comes in from its file, whole or not at all, beside whatever is there. Who decided, typed and read keep their names, as names from a file:
 * nobody here becomes one of them. Order and both times are kept; numbers are new.
 *
 * @phpstan-import-type WholeJob from JobSchema
 * @phpstan-import-type Line from JobSchema
 */
final class BringIn
{
    /** @throws JobFileRefused naming why; nothing is stored then */
    public function __invoke(User $user, string $path): Job
    {
        [$file, $pictures] = JobFile::read($path);
        $plans = $this->plans($file);
        $this->checkEntries($file, $plans);
        $this->checkPictures($file, $pictures);
        $this->checkWhatIsHere($file, $user);

        return DB::transaction(function () use ($user, $file, $pictures): Job {
            $now = CarbonImmutable::now($file['zone'])->format('j M Y, H:i');
            $job = Job::query()->create([
                'user_id' => $user->id, 'name' => $file['name'], 'place' => $file['place'], 'zone' => $file['zone'], 'copy_of' => $file['copy_of'],
                'uid' => $file['id'], 'came_in' => "{$now}, {$user->name}",
            ]);
            foreach ($file['revisions'] as $revision) {
                DB::table('plan_revisions')->insert([
                    'job_id' => $job->id, 'number' => $revision['number'], 'plan' => json_encode($revision['plan'], JSON_THROW_ON_ERROR),
                    'reason' => $revision['reason'], 'user_id' => $user->id,
                    'created_at' => $revision['made_at'], 'by_file' => $revision['by'],
                ]);
            }
            $this->writeEntries($file['entries'], $job, $user);
            foreach ($file['pictures'] as $picture) {
                DB::table('pictures')->insert(
                    [
                        'job_id' => $job->id, 'fingerprint' => $picture['fingerprint'], 'bytes' => $pictures[$picture['fingerprint']],
                        'kept_at' => $picture['kept_at'],
                    ],
                );
            }

            return $job;
        });
    }

    /**
     * @param  WholeJob  $file
     * @return array<int, Plan> by the number of their revision
     */
    private function plans(array $file): array
    {
        if (! in_array($file['zone'], DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true)) {
            throw JobFileRefused::because(JobFileRefusal::AgainstTheSchema, 'zone');
        }
        $plans = [];
        foreach ($file['revisions'] as $i => $revision) {
            if ($revision['number'] !== $i + 1) {
                throw JobFileRefused::because(JobFileRefusal::OutOfOrder, (string) $revision['number']);
            }
            try {
                $plans[$revision['number']] = PlanCodec::decode($revision['plan']);
            } catch (Throwable) {
                throw JobFileRefused::because(JobFileRefusal::PlanUnreadable, (string) $revision['number']);
            }
        }

        return $plans;
    }

    /**
     * @param  WholeJob  $file
     * @param  array<int, Plan>  $plans
     */
    private function checkEntries(array $file, array $plans): void
    {
        $ids = $replaced = [];
        foreach ($file['entries'] as $i => $entry) {
            $number = (string) $entry['number'];
            $aimsAt = $entry['kind'] === EntryKind::Strike->value ? [$entry['says']['sequence'] ?? 0] : [];
            $aimsAt = $entry['replaces'] === null ? $aimsAt : [...$aimsAt, $entry['replaces']];
            $isLater = array_filter($aimsAt, fn (mixed $at) => ! is_int($at) || $at < 1 || $at >= $entry['number']) !== [];
            if ($entry['number'] !== $i + 1 || ! isset($plans[$entry['revision']]) || $isLater || isset($replaced[$entry['replaces'] ?? -1])) {
                throw JobFileRefused::because(JobFileRefusal::OutOfOrder, $number);
            }
            if (isset($ids[$entry['id']])) {
                throw JobFileRefused::because(JobFileRefusal::OtherContent, $number);
            }
            $ids[$entry['id']] = true;
            $replaced += $entry['replaces'] === null ? [] : [$entry['replaces'] => true];
            try {
                (EntryKind::tryFrom($entry['kind']) ?? throw new \UnexpectedValueException)->read($entry['version'], $entry['says']);
            } catch (Throwable) {
                throw JobFileRefused::because(JobFileRefusal::EntryUnreadable, $number);
            }
        }
    }

    /**
     * @param  WholeJob  $file
     * @param  array<string, string>  $pictures
     */
    private function checkPictures(array $file, array $pictures): void
    {
        $named = array_column($file['pictures'], 'fingerprint');
        if (
            count(array_unique($named)) !== count($named) || array_diff($named, array_map(strval(...), array_keys($pictures))) !== []
            || count($pictures) !== count($named)
        ) {
            throw JobFileRefused::because(JobFileRefusal::PictureMissing);
        }
        foreach ($pictures as $bytes) {
            if (@getimagesizefromstring($bytes) === false) {
                throw JobFileRefused::because(JobFileRefusal::PictureDamaged);
            }
        }
    }

    /**
     * Where the job is here already: an entry that both know must say the same.
     *
     * @param  WholeJob  $file
     */
    private function checkWhatIsHere(array $file, User $user): void
    {
        $here = DB::table('entries')->join('jobs', 'jobs.id', '=', 'entries.job_id')->where('jobs.uid', $file['id'])->where('jobs.user_id', $user->id)
            ->where('entries.kind', '!=', EntryKind::Strike->value)->get(['entries.client_id', 'entries.kind', 'entries.payload']);
        $known = [];
        foreach ($here as $row) {
            $known[$row->client_id][] = self::told($row->kind, json_decode($row->payload, true, flags: JSON_THROW_ON_ERROR));
        }
        $others = [];
        foreach ($file['entries'] as $entry) {
            $same = $known[$entry['id']] ?? [];
            if ($same !== [] && ! in_array(self::told($entry['kind'], $entry['says']), $same, true)) {
                $others[] = $entry['number'];
            }
        }
        if ($others !== []) {
            throw JobFileRefused::because(JobFileRefusal::OtherContent, implode(', ', array_slice($others, 0, 20)));
        }
    }

    /**
     * The same for the same content, in whichever order it is written.
     *
     * @param  array<array-key, mixed>  $says
     */
    private static function told(string $kind, array $says): string
    {
        $sort = function (array $of) use (&$sort): array {
            ksort($of);

            return array_map(fn (mixed $one) => is_array($one) ? $sort($one) : $one, $of);
        };

        return $kind.json_encode($sort($says), JSON_THROW_ON_ERROR);
    }

    /** @param  list<Line>  $entries */
    private function writeEntries(array $entries, Job $job, User $user): void
    {
        $sequences = [];
        foreach ($entries as $entry) {
            $says = $entry['says'];
            if ($entry['kind'] === EntryKind::Strike->value) {
                $says['sequence'] = $sequences[$says['sequence']];
            }
            $posts = EntryKind::from($entry['kind'])->read($entry['version'], $says)->posts();
            $sequences[$entry['number']] = LogEntry::query()->toBase()->insertGetId([
                'job_id' => $job->id, 'client_id' => $entry['id'], 'kind' => $entry['kind'], 'post' => ($posts[0] ?? null)?->value,
                'other_post' => ($posts[1] ?? null)?->value,
                'payload_version' => $entry['version'], 'payload' => json_encode($says === [] ? new \stdClass : $says, JSON_THROW_ON_ERROR),
                'plan_revision' => $entry['revision'],
                'measured_at' => $entry['measured_at'], 'recorded_at' => $entry['recorded_at'], 'zone' => $entry['zone'], 'user_id' => $user->id,
                'read_by' => $entry['read_by'],
                'replaces_id' => $entry['replaces'] === null ? null : $sequences[$entry['replaces']], 'by_file' => $entry['by'],
            ], 'sequence');
        }
    }
}
