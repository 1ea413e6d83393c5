<?php

declare(strict_types=1);

namespace Aequus\Logbook\Diary;

use Aequus\Logbook\Kind\EntryRefusal;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\IsNotSpoken;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Logbook\Kind\SaysItUnderAnyPlan;
use Aequus\Measure\Stored;

/** A permit, an inspection, a delivery or a hire: asked for, booked, come, or failed. The last word on each counts. */
final readonly class Awaited implements Payload
{
    use IsNotSpoken;
    use SaysItUnderAnyPlan;

    /** Where nobody named a time: by then an inspector or a lorry has been, minutes after midnight. */
    private const BY_NOON = 720;

    /**
     * @param  string  $day  for which it is booked, or on which that happened, as YYYY-MM-DD
     * @param  ?int  $time  minutes after midnight; null where nobody named one
     * @param  ?string  $until  the last day of a hire
     * @param  string  $says  what an inspector found, a number, a firm; may be empty
     *
     * @throws EntryRefused when a hire ends before it begins, or has no end
     */
    public function __construct(
        public AwaitedThing $thing, public AwaitedState $state, public string $day, public ?int $time = null, public ?string $until = null,
        public string $says = '',
    ) {
        if ($thing === AwaitedThing::Hire && $state === AwaitedState::Booked && ($until === null || $until < $day)) {
            throw EntryRefused::because(EntryRefusal::HireWithoutEnd);
        }
    }

    /** From when on work may go on, local as YYYY-MM-DDTHH:MM, where it comes as booked; null where no day is named, or that day is over. */
    public function from(string $today): ?string
    {
        $minute = $this->time ?? ($this->thing === AwaitedThing::Hire ? 0 : self::BY_NOON);

        return $this->state === AwaitedState::Booked && $this->day >= $today ? sprintf('%sT%02d:%02d', $this->day, intdiv($minute, 60), $minute % 60)
            : null;
    }

    /** Whether work waits for it. */
    public function isOpen(string $today): bool
    {
        return match ($this->state) {
            AwaitedState::Came, AwaitedState::CalledOff => false,
            AwaitedState::Booked => $this->thing !== AwaitedThing::Hire || $today < $this->day || $today > (string) $this->until,
            AwaitedState::Asked, AwaitedState::Failed => true,
        };
    }

    public function posts(): array
    {
        return [];
    }

    public function questions(Known $known): array
    {
        $isPast = $this->state === AwaitedState::Booked && $this->day < $known->today();

        return array_values(array_filter([
            $isPast && $this->thing !== AwaitedThing::Hire ? Question::impossible(QuestionAbout::BookedForThePast, 'day') : null,
            in_array($this->state, [AwaitedState::Came, AwaitedState::Failed], true) && $this->day > $known->today()
                ? Question::impossible(QuestionAbout::DayNotCome, 'day') : null,
        ]));
    }

    public function stored(): array
    {
        return [
            'thing' => $this->thing->value, 'state' => $this->state->value, 'day' => $this->day, 'time' => $this->time, 'until' => $this->until,
            'says' => $this->says,
        ];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self(
            $stored->case('thing', AwaitedThing::class), $stored->case('state', AwaitedState::class), $stored->text('day'),
            $stored->wholeOrNone('time'), $stored->text('until', '') ?: null,
            $stored->text('says', ''),
        );
    }
}
