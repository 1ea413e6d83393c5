<?php

declare(strict_types=1);

namespace App\Keeping;

use PDOException;

/** What is done before the first page: what was interrupted goes, the data is checked, brought to this version, and closed to others. */
final class Start
{
    /** There from a start to a clean stop. */
    public const RUNNING = 'running';

    /** @var list<string> what was done, as it is told */
    public array $told = [];

    /** @throws KeepingRefused when it must not start on this data */
    public function __invoke(DataFolder $data): void
    {
        $gate = Gate::shut($data);
        try {
            $data->sweep();
            $this->isBorn($data) ? $this->check($data) : $this->bear($data);
            touch("{$data->path}/".self::RUNNING);
            $data->close();
        } finally {
            $gate->leave();
        }
        $data->use();
    }

    /** Whether there is data that anybody could miss. A first start that was interrupted left none. */
    private function isBorn(DataFolder $data): bool
    {
        if (! $data->hasData()) {
            return false;
        }
        try {
            return (int) SqliteFile::open($data->database())->value('SELECT (SELECT count(*) FROM users) + (SELECT count(*) FROM jobs)') > 0
                || $data->inForce() !== $data->path;
        } catch (PDOException $failure) {
            // Unreadable is not empty: only a database without those tables was never finished.
            return ! str_contains($failure->getMessage(), 'no such table');
        }
    }

    private function bear(DataFolder $data): void
    {
        $coming = $data->coming();
        (new NewData($coming, count(Shape::migrations())))->finish();
        $data->putInForce($coming);
    }

    private function check(DataFolder $data): void
    {
        $wasClean = ! is_file("{$data->path}/".self::RUNNING);
        try {
            $present = SqliteFile::open($data->database());
            Contents::isWhole($present, quickly: $wasClean);
            $ran = $present->column('SELECT migration FROM migrations ORDER BY migration');
        } catch (KeepingRefused|PDOException $damage) {
            throw KeepingRefused::presentIsDamaged($damage->getMessage(), (new Backups($data))->folder);
        }
        $wasClean || $this->told[] = 'stop_was_not_clean';
        $known = Shape::migrations();
        if (array_diff($ran, $known) !== []) {
            throw KeepingRefused::newer();
        }
        if (count($ran) < count($known)) {
            $this->bringUp($data, count($ran));
        }
    }

    /** Into a new database beside it: what was there before stays as it was. */
    private function bringUp(DataFolder $data, int $ran): void
    {
        $coming = $data->coming();
        $given = "{$coming}/given";
        SqliteFile::open($data->database())->run('VACUUM INTO ?', $given);
        NewData::putInForce($data, $coming, $given, $ran, needsOwner: false);
        $this->told[] = 'migrated';
    }
}
