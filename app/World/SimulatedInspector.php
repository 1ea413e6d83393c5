<?php

declare(strict_types=1);

namespace App\World;

use Aequus\Days\WorkCalendar;

/**
 * An invented inspector: comes on one of the next working days, by nine, by eleven or by two, and at the first visit one time in three finds
 * something.
 */
final readonly class SimulatedInspector implements Inspector
{
    private const BY = [540, 660, 840];

    private const FINDS_ONE_IN = 3;

    public function __construct(private int $seed = 1)
    {
    }

    public function isMadeUp(): bool
    {
        return true;
    }

    public function book(string $askedOn, string $what, string $where, int $time): Visit
    {
        $draw = fn (string $of, int $most): int => hexdec(hash('xxh32', "{$this->seed}|{$where}|{$what}|{$time}|{$of}")) % $most;
        $day = $askedOn;
        for ($ahead = 1 + $draw('ahead', 3); $ahead > 0; $ahead--) {
            $day = (new WorkCalendar)->after($day);
        }
        $isFirst = $time === 0;

        return new Visit(
            $day, self::BY[$draw('by', count(self::BY))],
            $isFirst && $draw('finds', self::FINDS_ONE_IN) === 0 ? Fault::cases()[$draw('fault', count(Fault::cases()))] : null,
        );
    }
}
