<?php

declare(strict_types=1);

namespace Aequus\Logbook\Diary;

use Aequus\Days\Task;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\IsNotSpoken;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Measure\Stored;

/** How long some people were at one kind of work on a day: from three of them on, rates come from these. */
final readonly class HoursWorked implements Payload
{
    use IsNotSpoken;
    use SaysItUnderAnyPlan;

    private const MOST_PEOPLE = 20;

    /** One’s own figure that is so many times the usual one, or as little of it, is asked about. */
    private const UNUSUAL = 5.0;

    /**
     * @param  string  $day  as YYYY-MM-DD in the job’s zone
     * @param  float  $hours  of each of them
     * @param  ?float  $amount  in what the rate of the task counts; null: what the book says was done on that day
     *
     * @throws EntryRefused when nobody was at it, or for no time
     */
    public function __construct(public Task $task, public string $day, public int $people, public float $hours, public ?float $amount = null)
    {
        if ($people < 1 || $people > self::MOST_PEOPLE || $hours <= 0.0 || $hours > 24.0 || ($amount !== null && $amount <= 0.0)) {
            throw EntryRefused::hoursOfNobody(self::MOST_PEOPLE);
        }
    }

    public function personHours(): float
    {
        return $this->people * $this->hours;
    }

    public function posts(): array
    {
        return [];
    }

    public function questions(Known $known): array
    {
        $share = $this->amount === null ? 1.0 : $this->amount / $this->personHours() / $this->task->usualRate();

        return array_values(array_filter([
            $this->day > $known->today() ? Question::impossible(QuestionAbout::DayNotCome, 'day') : null,
            $share > self::UNUSUAL || $share < 1 / self::UNUSUAL ? Question::doubtful(QuestionAbout::RateUnusual, 'amount', round($share, 2)) : null,
        ]));
    }

    public function stored(): array
    {
        return ['task' => $this->task->value, 'day' => $this->day, 'people' => $this->people, 'hours' => $this->hours, 'amount' => $this->amount];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(
            $stored->case('task', Task::class), $stored->text('day'), $stored->whole('people'), $stored->real('hours'), $stored->realOrNone('amount'),
        );
    }
}
