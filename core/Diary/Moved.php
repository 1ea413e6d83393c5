<?php

declare(strict_types=1);

namespace Aequus\Diary;

use Aequus\Days\Task;

/** How the day on which a job is done has moved since the morning, and why. */
final readonly class Moved
{
    /** Whole days later; below zero for sooner, null where it has an end now and had none, or the other way round. */
    public ?int $by;

    public bool $isMoved;

    /** @var list<MovedWhy> one at least where it has moved */
    public array $why;

    /**
     * @param  JobDays  $before  as it stood in the morning
     * @param  bool  $isSameWeather  whether nobody wrote weather down since
     * @param  int  $passed  minutes since then
     */
    public function __construct(JobDays $before, JobDays $now, bool $isSameWeather, int $passed)
    {
        [$was, $is] = [$before->finished, $now->finished];
        $this->by = $was === null || $is === null ? null : intdiv($is, 1440) - intdiv($was, 1440);
        $isDone = $now->toDo->all === [] && $now->toDo->held === null;
        $this->isMoved = $this->by !== 0 && ! ($was === null && $is === null) && ! $isDone;
        if (! $this->isMoved) {
            $this->why = [];

            return;
        }
        [$less, $more] = self::amounts($before->toDo, $now->toDo);
        $isLater = $is === null || ($this->by ?? 0) > 0;
        $why = [
            ...($before->toDo->outstanding->last == $now->toDo->outstanding->last ? [] : [MovedWhy::WaitsChanged]),
            ...($before->hands->rates == $now->hands->rates ? [] : [MovedWhy::RatesLearned]), ...($isSameWeather ? [] : [MovedWhy::WeatherTold]),
            ...($less && ! $isLater ? [MovedWhy::WorkDone] : []), ...($more ? [MovedWhy::MoreWork] : []),
            ...($isLater && self::isOverdue($before, $passed) ? [MovedWhy::TimePassed] : []),
        ];
        $this->why = $why === [] ? [MovedWhy::FallsOtherwise] : $why;
    }

    /** Whether something was to be begun by now, as it stood in the morning. */
    private static function isOverdue(JobDays $before, int $passed): bool
    {
        foreach ($before->planned as $works) {
            if ($works[0]->parts[0][0] < $before->hands->from + $passed) {
                return true;
            }
        }

        return false;
    }

    /** @return array{bool, bool} whether less, and whether more is left of any kind of work */
    private static function amounts(JobToDo $before, JobToDo $now): array
    {
        $of = function (JobToDo $toDo): array {
            $amounts = array_fill_keys(array_column(Task::cases(), 'value'), 0.0);
            foreach ($toDo->all as $one) {
                $amounts[$one->task->value] = $one->amount;
            }

            return $amounts;
        };
        $less = $more = false;
        foreach ($of($before) as $task => $amount) {
            // What was held in the morning, and all that follows it, was left out: it is no more now than it was.
            if ($before->held !== null && ! $before->comesBefore(Task::from($task), $before->held)) {
                continue;
            }
            $is = $of($now)[$task];
            [$less, $more] = [$less || $is < $amount - 1e-9, $more || $is > $amount + 1e-9];
        }

        return [$less, $more];
    }
}
