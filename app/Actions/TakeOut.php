<?php

declare(strict_types=1);

namespace App\Actions;

use Aequus\Logbook\Book\Strike;
use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Many entries of a logbook no longer count, as one: each is struck, with the reason, all of them or none. Nothing is deleted. */
final readonly class TakeOut
{
    public function __construct(private RecordEntry $record)
    {
    }

    /** @param  list<int>  $sequences */
    public function __invoke(Job $job, User $user, array $sequences, string $reason): int
    {
        DB::transaction(
            fn () => array_map(
                fn (int $sequence) => ($this->record)($job, $user, new NewEntry(new Strike($sequence, $reason), (string) Str::ulid())), $sequences,
            ),
        );

        return count($sequences);
    }
}
