<?php

declare(strict_types=1);

namespace App\Keeping;

use Aequus\Logbook\EntryKind;
use Aequus\Plan\Stored\PlanCodec;
use PDOException;
use Throwable;

/** What a database of this application holds, and whether it holds together. */
final class Contents
{
    /** How a file of SQLite begins. */
    private const HEAD = "SQLite format 3\0";

    /** What else our own databases have. */
    private const BESIDE = ['migrations', 'sqlite_sequence', Seal::TABLE];

    /**
     * How many of our migrations had run in a file that somebody gave us. Its guards, indices and views are not looked at: nothing of them is taken.
     *
     * @param  string  $name  what the person calls it
     *
     * @throws KeepingRefused when it is none of ours, of a newer version, or damaged
     */
    public static function versionOf(string $file, string $name): int
    {
        try {
            $given = SqliteFile::open($file);
            $names = $given->column('SELECT name FROM sqlite_schema WHERE type = \'table\'');
            $plain = $given->column('SELECT name FROM pragma_table_list WHERE schema = \'main\' AND type = \'table\'');
        } catch (PDOException $failure) {
            throw file_get_contents($file, length: strlen(self::HEAD)) === self::HEAD
                ? KeepingRefused::damaged($failure->getMessage()) : KeepingRefused::foreign($name);
        }
        $expected = array_diff(Shape::TABLES, ['pictures']);
        if (array_diff([...$expected, 'migrations'], $plain) !== [] || array_diff($names, Shape::TABLES, self::BESIDE) !== []) {
            throw KeepingRefused::foreign($name);
        }
        self::isWhole($given);
        $ran = $given->column('SELECT migration FROM migrations ORDER BY migration');
        $known = Shape::migrations();
        if (array_diff($ran, $known) !== []) {
            throw KeepingRefused::newer();
        }
        if ($ran === [] || $ran !== array_slice($known, 0, count($ran))) {
            throw KeepingRefused::foreign($name);
        }
        if (! Seal::isUnbroken($given)) {
            throw KeepingRefused::changed();
        }

        return count($ran);
    }

    /**
     * Whether every row finds what it refers to, somebody can sign in, and every plan and entry can be read by this version.
     *
     * @throws KeepingRefused naming what does not
     */
    public static function check(SqliteFile $data, bool $needsOwner): void
    {
        self::isWhole($data);
        $loose = $data->column('PRAGMA foreign_key_check');
        if ($loose !== []) {
            throw KeepingRefused::damaged($loose[0]);
        }
        $words = $data->column('SELECT password FROM users');
        if (($needsOwner && $words === []) || array_filter($words, fn (string $word) => password_get_info($word)['algo'] === null) !== []) {
            throw KeepingRefused::nobody();
        }
        if ($data->value('SELECT count(*) FROM jobs WHERE id NOT IN (SELECT job_id FROM plan_revisions)') !== '0') {
            throw KeepingRefused::damaged('jobs');
        }
        foreach ($data->rows('SELECT job_id, number, plan FROM plan_revisions') as $row) {
            self::reads(fn () => PlanCodec::decode(self::json($row['plan'])), "plan {$row['number']} of job {$row['job_id']}");
        }
        foreach ($data->rows('SELECT sequence, kind, payload_version, payload FROM entries') as $row) {
            self::reads(
                fn () => EntryKind::from($row['kind'])->read((int) $row['payload_version'], self::json($row['payload'])), "entry {$row['sequence']}",
            );
        }
    }

    /**
     * @param  bool  $quickly  without comparing every index with its table
     *
     * @throws KeepingRefused with what SQLite says first
     */
    public static function isWhole(SqliteFile $data, bool $quickly = false): void
    {
        try {
            $says = $data->value($quickly ? 'PRAGMA quick_check(1)' : 'PRAGMA integrity_check(1)');
        } catch (PDOException $damage) {
            $says = $damage->getMessage();
        }
        if ($says !== 'ok') {
            throw KeepingRefused::damaged($says);
        }
    }

    /** @return array<string, mixed> */
    private static function json(string $stored): array
    {
        $pieces = [];
        foreach ((array) json_decode($stored, true, 64, JSON_THROW_ON_ERROR) as $name => $piece) {
            $pieces[(string) $name] = $piece;
        }

        return $pieces;
    }

    /** @param  callable(): mixed  $read */
    private static function reads(callable $read, string $what): void
    {
        try {
            $read();
        } catch (Throwable) {
            throw KeepingRefused::unreadable($what);
        }
    }
}
