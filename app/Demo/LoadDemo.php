<?php

declare(strict_types=1);

namespace App\Demo;

use App\Actions\CreateJob;
use App\Actions\NewEntry;
use App\Actions\RecordEntry;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;

/** Puts the invented jobs into an empty database, the same way a person would have entered them. */
final class LoadDemo
{
    public const SEED = 417;

    public const PLACE = 'Tarn Hollow Orchard association';

    public function __construct(private readonly CreateJob $create, private readonly RecordEntry $record)
    {
    }

    public function __invoke(): void
    {
        $user = User::query()->create(['name' => 'Perrin', 'email' => DemoUser::EMAIL, 'password' => DemoUser::PASSWORD]);
        $today = CarbonImmutable::now('UTC');
        $seed = (int) config('aequus.demo_seed');
        foreach ([
            ParcelPost::job($seed, $today->subDays(6)->toDateString()),
            BirdHide::job($seed, $today->subDays(20)->toDateString()),
            Shelter::job($seed, $today->subDays(9)->toDateString()),
            ...OrchardThings::jobs($seed, fn (int $days) => $today->subDays($days)->toDateString()),
        ] as $demo) {
            $job = ($this->create)($user, $demo->name, self::PLACE, 'UTC', $demo->plan);
            $start = $today->subDays($demo->daysAgo)->setTime(8, 30);
            foreach ([...$demo->entries, ...DemoDays::of($demo->name, $today->toDateString())] as $i => $payload) {
                ($this->record)(
                    $job, $user, new NewEntry($payload, (string) Str::ulid(), $start->addMinutes(4 * $i), $i % 3 === 0 ? $demo->readBy : ''),
                );
            }
        }
    }
}
