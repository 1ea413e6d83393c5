<?php

declare(strict_types=1);

namespace App\Diary;

use Aequus\Days\Task;
use Aequus\Measure\Unit;
use App\Type\Say;

/** In what a rate or an amount of work is said: as the core counts it, but holes in the unit in which a job tells long lengths. */
final readonly class RateUnit
{
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
        return Say::text("days.rate_{$task->value}", rate: $this->typed($task, $rate), unit: $this->unit->system()->farName);
    }

    private function size(Task $task): float
    {
        return $task === Task::Dig ? $this->unit->system()->far / 1000 : 1.0;
    }
}
