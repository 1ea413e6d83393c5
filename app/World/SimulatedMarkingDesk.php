<?php

declare(strict_types=1);

namespace App\World;

use Aequus\Days\WorkCalendar;
use Aequus\Logbook\Clear\ServiceType;

/** An invented marking desk: mostly in time, one in five late by a working day or two, and in two of five places it finds a line. */
final readonly class SimulatedMarkingDesk implements MarkingDesk
{
    private const LATE_ONE_IN = 5;

    public function __construct(private int $seed = 1)
    {
    }

    public function isMadeUp(): bool
    {
        return true;
    }

    public function answer(string $askedOn, string $runsOut, string $where): MarksAnswer
    {
        $draw = fn (string $what, int $of): int => hexdec(hash('xxh32', "{$this->seed}|{$where}|{$askedOn}|{$what}")) % $of;
        $on = $runsOut;
        for ($late = $draw('late', self::LATE_ONE_IN) === 0 ? 1 + $draw('by', 2) : 0; $late > 0; $late--) {
            $on = (new WorkCalendar)->after($on);
        }
        $types = ServiceType::cases();
        // What lies in the ground does not depend on when somebody asks.
        $lies = fn (string $what, int $of): int => hexdec(hash('xxh32', "{$this->seed}|{$where}|{$what}")) % $of;

        return new MarksAnswer(
            $on, sprintf('M-%04d', $draw('number', 10_000)), $lies('finds', 5) < 2 ? $types[$lies('type', count($types))] : null,
            ($lies('across', 140) - 20) / 100,
        );
    }
}
