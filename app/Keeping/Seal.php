<?php

declare(strict_types=1);

namespace App\Keeping;

/** A sum over every row of a backup, kept in it when it is written: it tells a file that was changed since. It proves nothing of who wrote it. */
final class Seal
{
    public const TABLE = 'aequus_seal';

    public static function put(SqliteFile $data): void
    {
        $sum = self::of($data);
        $data->run('CREATE TABLE '.self::TABLE.' (sum TEXT NOT NULL, made_at TEXT NOT NULL)');
        $data->run('INSERT INTO '.self::TABLE.' VALUES (?, ?)', $sum, gmdate('Y-m-d\TH:i:s\Z'));
    }

    /** Also where there is none, as in what older versions wrote. */
    public static function isUnbroken(SqliteFile $data): bool
    {
        return $data->column("SELECT 1 FROM sqlite_schema WHERE name = '".self::TABLE."'") === []
            || hash_equals($data->value('SELECT sum FROM '.self::TABLE), self::of($data));
    }

    private static function of(SqliteFile $data): string
    {
        $sum = hash_init('sha256');
        foreach ([...Shape::TABLES, 'migrations'] as $table) {
            if ($data->column("SELECT 1 FROM sqlite_schema WHERE name = '{$table}'") === []) {
                continue;
            }
            foreach ($data->rows("SELECT * FROM \"{$table}\" ORDER BY rowid") as $row) {
                foreach ($row as $name => $value) {
                    hash_update($sum, "{$table}.{$name}=".strlen($value).":{$value};");
                }
            }
        }

        return hash_final($sum);
    }
}
