<?php

declare(strict_types=1);

namespace App\Exchange;

use Aequus\Logbook\EntryKind;
use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use stdClass;

/** A job of the database as its file says it. */
final class JobOut
{
    /** The whole of it as one file. */
    public static function file(Job $job): string
    {
        $pictures = DB::table('pictures')->where('job_id', $job->id)->orderBy('fingerprint')->get(['fingerprint', 'bytes']);

        return JobFile::write(self::says($job), $pictures->pluck('bytes', 'fingerprint')->map(fn (mixed $bytes) => (string) $bytes)->all());
    }

    /** @return array<string, mixed> as docs/job-file.schema.json has it */
    public static function says(Job $job): array
    {
        $names = User::query()->toBase()->pluck('name', 'id')->all();
        $by = fn (stdClass $row): string => $row->by_file !== '' ? $row->by_file : (string) $names[$row->user_id];

        return [
            'format' => JobSchema::FORMAT, 'version' => JobSchema::VERSION, 'id' => $job->uid, 'name' => $job->name, 'place' => $job->place,
            'zone' => $job->zone, 'copy_of' => $job->copy_of,
            'revisions' => DB::table('plan_revisions')->where('job_id', $job->id)->orderBy('number')->get()->map(fn (stdClass $row) => [
                'number' => $row->number, 'reason' => $row->reason, 'by' => $by($row), 'made_at' => $row->created_at,
                'plan' => self::decoded($row->plan),
            ])->all(),
            'entries' => self::entries($job, $by),
            'pictures' => DB::table('pictures')->where('job_id', $job->id)->orderBy('fingerprint')->get(['fingerprint', 'kept_at'])
                ->map(fn (stdClass $row) => ['fingerprint' => $row->fingerprint, 'kept_at' => $row->kept_at])->all(),
        ];
    }

    /**
     * @param  callable(stdClass): string  $by
     * @return list<array<string, mixed>>
     */
    private static function entries(Job $job, callable $by): array
    {
        $numbers = $entries = [];
        foreach (DB::table('entries')->where('job_id', $job->id)->orderBy('sequence')->get() as $row) {
            $numbers[$row->sequence] = count($numbers) + 1;
            $says = self::decoded($row->payload);
            if ($row->kind === EntryKind::Strike->value) {
                $says->sequence = $numbers[$says->sequence];
            }
            $entries[] = [
                'number' => $numbers[$row->sequence], 'id' => $row->client_id, 'kind' => $row->kind, 'version' => $row->payload_version,
                'says' => $says, 'revision' => $row->plan_revision,
                'measured_at' => $row->measured_at, 'recorded_at' => $row->recorded_at, 'zone' => $row->zone, 'by' => $by($row),
                'read_by' => $row->read_by,
                'replaces' => $row->replaces_id === null ? null : $numbers[$row->replaces_id],
            ];
        }

        return $entries;
    }

    /** Objects stay objects, empty ones too. */
    private static function decoded(string $json): stdClass
    {
        $decoded = json_decode($json, false, flags: JSON_THROW_ON_ERROR);

        return $decoded instanceof stdClass ? $decoded : new stdClass;
    }
}
