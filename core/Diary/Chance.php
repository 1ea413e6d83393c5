<?php

declare(strict_types=1);

namespace Aequus\Diary;

use Aequus\Days\Forecast;
use Aequus\Days\Hands;
use Aequus\Days\LearnedRate;
use Aequus\Days\Task;
use Aequus\Days\WorkCalendar;

/**
 * How likely a job is done by when: the same work under the weather of many years, in each with people a little slower or faster than was said, and
 * now and then a day on which nobody comes.
 */
final readonly class Chance
{
    /** A rate that was only said is off by up to so much, either way; one that the log told by less. */
    private const SAID_IS_OFF = 0.3;

    private const LEARNED_IS_OFF = 0.1;

    /** One working day in so many is lost: somebody is ill, a lorry comes late, a machine stands. */
    private const LOST_ONE_IN = 18;

    /** One hole in so many meets what costs so many times its hours: rock, roots, water. */
    private const TROUBLE_ONE_IN = 25;

    private const TROUBLE_COSTS = 3.0;

    private const RANGE = 1_000_000;

    /**
     * Moments by which it is done in half and in four fifths of the years, minutes from the first midnight; null where it is not within the days
     * known.
     */
    public ?int $half;

    public ?int $fourFifths;

    /** Years in which it is not done within the days known. */
    public int $never;

    public int $years;

    /**
     * @param  non-empty-list<Forecast>  $years  of the same days
     * @param  int  $now  minutes from the first midnight
     * @param  array<string, LearnedRate>  $rates  by the task; one that is not named is as people usually are
     */
    public function __construct(JobToDo $toDo, Hands $hands, array $years, int $now, array $rates = [])
    {
        $finished = array_map(
            fn (Forecast $year, int $number) => (new JobDays($toDo, self::inYear($hands, $toDo, $year, $number, $rates), $year, $now))->finished
                ?? PHP_INT_MAX,
            $years, array_keys($years),
        );
        sort($finished);
        $this->years = count($finished);
        $this->never = count(array_filter($finished, fn (int $end) => $end === PHP_INT_MAX));
        $by = function (float $share) use ($finished): ?int {
            $end = $finished[(int) ceil($share * count($finished)) - 1];

            return $end === PHP_INT_MAX ? null : $end;
        };
        [$this->half, $this->fourFifths] = [$by(0.5), $by(0.8)];
    }

    /** @param  array<string, LearnedRate>  $rates */
    private static function inYear(Hands $hands, JobToDo $toDo, Forecast $year, int $number, array $rates): Hands
    {
        $drawn = [];
        foreach (Task::cases() as $task) {
            $off = ($rates[$task->value] ?? null)?->isLearned ? self::LEARNED_IS_OFF : self::SAID_IS_OFF;
            $rate = ($rates[$task->value] ?? null)->rate ?? $hands->rates[$task->value] ?? $task->usualRate();
            $drawn[$task->value] = $rate * (1 + $off * (2 * self::draw("{$number} {$task->value}") - 1));
        }
        $drawn[Task::Dig->value] /= 1 + (self::TROUBLE_COSTS - 1) * self::share(
            $number, array_sum(array_map(fn (ToDo $one) => $one->task === Task::Dig ? $one->pieces : 0, $toDo->all)),
        );
        $lost = [];
        foreach (array_keys($year->days) as $day) {
            $lost = self::draw("{$number} lost {$day}") * self::LOST_ONE_IN < 1 ? [...$lost, $year->date($day)] : $lost;
        }

        return $hands->atRates($drawn)->onDays(new WorkCalendar($hands->calendar->restDays, [...$hands->calendar->holidays, ...$lost]));
    }

    /** Of holes that meet trouble. */
    private static function share(int $number, int $holes): float
    {
        $trouble = 0;
        for ($hole = 0; $hole < $holes; $hole++) {
            $trouble += self::draw("{$number} hole {$hole}") * self::TROUBLE_ONE_IN < 1 ? 1 : 0;
        }

        return $holes === 0 ? 0.0 : $trouble / $holes;
    }

    /** From 0 to 1, the same for the same words. */
    private static function draw(string $of): float
    {
        return (hexdec(hash('xxh32', $of)) % self::RANGE) / self::RANGE;
    }
}
