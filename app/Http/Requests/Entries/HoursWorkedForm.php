<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Days\Task;
use Aequus\Diary\LoggedRates;
use Aequus\Logbook\Diary\HoursWorked;
use Aequus\Logbook\Kind\Payload;
use Aequus\Plan\Plan;
use App\Diary\RateUnit;
use App\Site\ReadSite;
use App\Type\Say;
use DateTimeZone;

/** How long some people were at one kind of work. */
final class HoursWorkedForm extends EntryRequest
{
    protected const MAIN_FIELD = 'hours';

    protected const FIELDS = ['day' => 'day', 'amount' => 'amount'];

    protected function payload(Plan $plan): ?Payload
    {
        $task = $this->choice('task', Task::class);
        $day = $this->day('day');
        $people = ctype_digit($this->text('people')) ? (int) $this->text('people') : 0;
        $hours = $this->decimal('hours', Say::text('days.no_figure'));
        $amount = $this->decimal('amount', Say::text('days.no_figure'));
        if ($task === null || $this->refusals !== []) {
            return null;
        }
        if ($amount === null && $this->inTheBook($task, $day) <= 0.0) {
            $this->refuse('amount', Say::text('days.nothing_in_the_book'));

            return null;
        }

        return new HoursWorked(
            $task, $day, $people, $hours ?? 0.0, $amount === null ? null : (new RateUnit($plan->notation->unit))->read($task, $amount),
        );
    }

    private function inTheBook(Task $task, string $day): float
    {
        $job = $this->job();

        return (new LoggedRates(app(ReadSite::class)->site($job)->state, [], new DateTimeZone($job->zone)))->done($task, $day);
    }
}
