<?php

declare(strict_types=1);

namespace App\View;

use Aequus\Guide\Move\Move;
use Aequus\Logbook\EntryKind;
use App\Models\Job;

/** Addresses that stand in every row of a list: worked out once, filled in for each. */
final class Links
{
    /** @var array<string, string> by route and job */
    private static array $known = [];

    /** The page of a post, or whatever else ends in its label. */
    public static function post(string $route, Job $job, string $label): string
    {
        $known = self::$known["{$route} {$job->id} post"] ??= route($route, [$job, '~']);

        return str_replace('~', rawurlencode($label), $known);
    }

    /** A page of a job, asked for one thing. */
    public static function asking(string $route, Job $job, string $for, int|string $value): string
    {
        $known = self::$known["{$route} {$job->id}"] ??= route($route, $job);

        return "{$known}?{$for}=".rawurlencode((string) $value);
    }

    /** Where a move is written down. */
    public static function move(Job $job, Move $move): string
    {
        return route(match ($move->asks) {
            EntryKind::Awaited => 'days',
            EntryKind::MembersUp => 'cut.members',
            default => $move->phase->value,
        }, $job);
    }
}
