<?php

declare(strict_types=1);

namespace App\Demo;

use Aequus\Days\Task;
use Aequus\Logbook\Diary\Awaited;
use Aequus\Logbook\Diary\AwaitedState;
use Aequus\Logbook\Diary\AwaitedThing;
use Aequus\Logbook\Diary\HoursWorked;
use Aequus\Logbook\Diary\WeatherTold;
use Aequus\Logbook\Kind\Payload;
use DateTimeImmutable;

/**
 * What the invented jobs wait for, and weather that somebody there was told, so that their days show a wait, a hold and an inspection that was not
 * passed in any season.
 */
final class DemoDays
{
    /** @return list<Payload> of a job, by its name, written down on that day */
    public static function of(string $job, string $today): array
    {
        $day = fn (int $ahead): string => (new DateTimeImmutable($today))->modify("{$ahead} days")->format('Y-m-d');

        return match ($job) {
            // Two nights of frost, then mild: what is poured waits for them.
            'Parcel post by the lane' => self::weather($day, [[-3, 4], [-1, 5]], 12),
            'Deck behind the press house' => [
                ...self::weather($day, [], 16), new Awaited(AwaitedThing::BeforeTheFill, AwaitedState::Booked, $day(-1), 600),
                new Awaited(AwaitedThing::BeforeTheFill, AwaitedState::Failed, $day(-1), says: 'water in the hole of B1'),
            ],
            'Sheep fence along the beck' => [
                ...self::weather($day, [[4, 11], [5, 12]], 16, 8.0),
                new Awaited(AwaitedThing::Posts, AwaitedState::Booked, $day(4), 630, says: 'Ostler and Wray, seven posts'),
            ],
            'Arch over the cart track' => [
                ...self::weather($day, [], 20), new HoursWorked(Task::Stake, $day(-3), 2, 0.5, 2.0),
                new HoursWorked(Task::Stake, $day(-2), 1, 1.0, 4.0), new HoursWorked(Task::Stake, $day(-1), 1, 0.5, 2.0),
                new Awaited(AwaitedThing::Hire, AwaitedState::Booked, $day(1), until: $day(3)),
            ],
            default => [],
        };
    }

    /**
     * @param  callable(int): string  $day
     * @param  list<array{int, int}>  $first  least and greatest of the first days, °C
     * @param  float  $rain  mm in an hour on the second afternoon
     * @return list<WeatherTold>
     */
    private static function weather(callable $day, array $first, int $days, float $rain = 0.0): array
    {
        return array_map(
            fn (int $ahead) => new WeatherTold(
                $day($ahead), (float) ($first[$ahead][0] ?? 9), (float) ($first[$ahead][1] ?? 16), $ahead === 1 ? $rain : 0.0, 13, 17,
                $ahead === 3 ? 12.0 : 4.0,
            ),
            range(0, $days - 1),
        );
    }
}
