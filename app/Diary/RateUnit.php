<?php

declare(strict_types=1);

namespace App\Diary;

use Aequus\Days\Task;
use Aequus\Measure\Unit;
use App\Type\Say;

/** In what a rate or an amount of work is said: as the core counts it, but holes in feet where a job measures so. */
final readonly class RateUnit
{
    private const METRES_IN_A_FOOT = 0.3048;

    public function __construct(private Unit $unit)
    {
    }

    /** @return float as the core counts it */
    public function read(Task $task, float $typed): float
    {
        return $typed * $this->size($task);
    }

    /** The figure alone. */
    public function typed(Task $task, float $rate): string
    {
        return rtrim(rtrim(number_format($rate / $this->size($task), 2, '.', ''), '0'), '.');
    }

    /** With what it counts. */
    public function said(Task $task, float $rate): string
    {
        $key = $task === Task::Dig && $this->unit === Unit::Inch ? 'days.rate_in_feet' : "days.rate_{$task->value}";

        return Say::text($key, rate: $this->typed($task, $rate));
    }

    private function size(Task $task): float
    {
        return $task === Task::Dig && $this->unit === Unit::Inch ? self::METRES_IN_A_FOOT : 1.0;
    }
}
