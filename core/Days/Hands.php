<?php

declare(strict_types=1);

namespace Aequus\Days;

use DateTimeImmutable;

/** Who works, when, and on which days. */
final readonly class Hands
{
    /**
     * @param  int  $from  minutes after midnight
     * @param  int  $to  minutes after midnight
     * @param  ?OnEarth  $place  null where daylight does not count
     * @param  array<string, float>  $rates  of one of them in an hour, by kind of work, where that was said
     * @param  HoldRules  $holds  the limits at which weather stops them
     * @param  array<int, int>  $others  how many come on single weekdays, Monday 1 … Sunday 7, where that is another number
     */
    public function __construct(
        public int $people, public int $from, public int $to, public WorkCalendar $calendar = new WorkCalendar, public ?OnEarth $place = null,
        public array $rates = [],
        public HoldRules $holds = new HoldRules, public array $others = [],
    ) {
    }

    /** The most who are there on any day. */
    public function most(): int
    {
        return max([$this->people, ...array_values($this->others)]);
    }

    /** @param  string  $day  as YYYY-MM-DD */
    public function on(string $day): int
    {
        return $this->others[(int) (new DateTimeImmutable($day))->format('N')] ?? $this->people;
    }

    /** The same with so many of them at most. */
    public function only(int $people): self
    {
        return new self(
            min($people, $this->people), $this->from, $this->to, $this->calendar, $this->place, $this->rates, $this->holds,
            array_map(fn (int $there) => min($people, $there), $this->others),
        );
    }

    /** So many on every day. */
    public function always(int $people): self
    {
        return new self($people, $this->from, $this->to, $this->calendar, $this->place, $this->rates, $this->holds);
    }

    /** @param  array<string, float>  $rates  of one of them in an hour, by kind of work */
    public function atRates(array $rates): self
    {
        return new self($this->people, $this->from, $this->to, $this->calendar, $this->place, $rates, $this->holds, $this->others);
    }

    public function onDays(WorkCalendar $calendar): self
    {
        return new self($this->people, $this->from, $this->to, $calendar, $this->place, $this->rates, $this->holds, $this->others);
    }

    public function at(?OnEarth $place): self
    {
        return new self($this->people, $this->from, $this->to, $this->calendar, $place, $this->rates, $this->holds, $this->others);
    }

    public function heldBy(HoldRules $holds): self
    {
        return new self($this->people, $this->from, $this->to, $this->calendar, $this->place, $this->rates, $holds, $this->others);
    }

    /** @param  string  $day  as YYYY-MM-DD */
    public function window(string $day): WorkWindow
    {
        return new WorkWindow($this->from, $this->to, $this->place === null ? null : new Sun($day, $this->place));
    }
}
