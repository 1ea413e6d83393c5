<?php

declare(strict_types=1);

namespace Aequus\Diary;

use Aequus\Days\Forecast;
use Aequus\Days\Hands;
use Aequus\Days\HoldRules;

/** How likely a job is done by when: the same days under the weather of many years. */
final readonly class Chance
{
    /** Moments by which it is done in half and in four fifths of the years, minutes from the first midnight; null where it is not within the days known. */
    public ?int $half;

    public ?int $fourFifths;

    /** Years in which it is not done within the days known. */
    public int $never;

    public int $years;

    /**
     * @param  non-empty-list<Forecast>  $years  of the same days
     * @param  int  $now  minutes from the first midnight
     */
    public function __construct(JobToDo $toDo, Hands $hands, array $years, int $now, HoldRules $rules = new HoldRules)
    {
        $finished = array_map(fn (Forecast $year) => (new JobDays($toDo, $hands, $year, $now, $rules))->finished ?? PHP_INT_MAX, $years);
        sort($finished);
        $this->years = count($finished);
        $this->never = count(array_filter($finished, fn (int $end) => $end === PHP_INT_MAX));
        $by = function (float $share) use ($finished): ?int {
            $end = $finished[(int) ceil($share * count($finished)) - 1];

            return $end === PHP_INT_MAX ? null : $end;
        };
        [$this->half, $this->fourFifths] = [$by(0.5), $by(0.8)];
    }
}
