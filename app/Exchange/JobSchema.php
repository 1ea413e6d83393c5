<?php

declare(strict_types=1);

namespace App\Exchange;

use JsonException;
use JsonSchema\Constraints\Constraint;
use JsonSchema\Validator;

/**
 * The published description of a job’s file, and whether a text keeps to it.
 *
 * @phpstan-type Revision array{number: int, reason: string, by: string, made_at: string, plan: array<string, mixed>}
 * @phpstan-type Line array{
 *     number: int, id: string, kind: string, version: int, says: array<string, mixed>, revision: int, measured_at: string, recorded_at: string,
 *     zone: string, by: string, read_by: string, replaces: ?int
 * }
 * @phpstan-type WholeJob array{
 *     format: string, version: int, id: string, name: string, place: string, zone: string, copy_of: string, revisions: non-empty-list<Revision>,
 *     entries: list<Line>, pictures: list<array{fingerprint: string, kept_at: string}>
 * }
 */
final class JobSchema
{
    public const FORMAT = 'aequus job';

    public const VERSION = 1;

    public const PATH = 'docs/job-file.schema.json';

    private const DEEPEST = 64;

    /**
     * @return WholeJob
     *
     * @throws JobFileRefused naming what does not keep to it
     */
    public static function check(string $json): array
    {
        try {
            $job = json_decode($json, false, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw JobFileRefused::because(JobFileRefusal::Damaged);
        }
        if (is_object($job) && ($job->format ?? null) === self::FORMAT && is_int($job->version ?? null) && $job->version > self::VERSION) {
            throw JobFileRefused::because(JobFileRefusal::NewerVersion);
        }
        $validator = new Validator;
        $validator->validate(
            $job, json_decode((string) file_get_contents(base_path(self::PATH)), false, 512, JSON_THROW_ON_ERROR), Constraint::CHECK_MODE_NORMAL,
        );
        if (! $validator->isValid()) {
            $first = $validator->getErrors()[0];
            throw JobFileRefused::because(JobFileRefusal::AgainstTheSchema, mb_substr("{$first['property']}: {$first['message']}", 0, 160));
        }
        /** @var WholeJob as the description has it, against which it was held */
        $array = json_decode($json, true, self::DEEPEST, JSON_THROW_ON_ERROR);

        return $array;
    }
}
