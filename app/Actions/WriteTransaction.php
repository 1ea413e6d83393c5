<?php

declare(strict_types=1);

namespace App\Actions;

use Illuminate\Support\Facades\DB;
use Throwable;

/** Takes the write lock before anything is read, so that two windows writing at once queue up instead of failing half-way. */
final class WriteTransaction
{
    /**
     * @template T
     *
     * @param  callable(): T  $deed
     * @return T
     */
    public static function run(callable $deed): mixed
    {
        DB::unprepared('BEGIN IMMEDIATE');
        try {
            $result = $deed();
            DB::unprepared('COMMIT');

            return $result;
        } catch (Throwable $failure) {
            DB::unprepared('ROLLBACK');
            throw $failure;
        }
    }
}
