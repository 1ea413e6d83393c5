<?php

declare(strict_types=1);

namespace Aequus\Days;

/** Who works, when, and on which days. */
final readonly class Hands
{
    /**
     * @param  int  $from  minutes after midnight
     * @param  int  $to  minutes after midnight
     * @param  ?OnEarth  $place  null where daylight does not count
     * @param  array<string, float>  $rates  of one of them in an hour, by kind of work, where that was said
     * @param  HoldRules  $holds  the limits at which weather stops them
     */
    public function __construct(
        public int $people, public int $from, public int $to, public WorkCalendar $calendar = new WorkCalendar, public ?OnEarth $place = null, public array $rates = [],
        public HoldRules $holds = new HoldRules,
    ) {
    }

    /** The same with so many of them. */
    public function only(int $people): self
    {
        return new self($people, $this->from, $this->to, $this->calendar, $this->place, $this->rates, $this->holds);
    }

    /** @param  array<string, float>  $rates  of one of them in an hour, by kind of work */
    public function atRates(array $rates): self
    {
        return new self($this->people, $this->from, $this->to, $this->calendar, $this->place, $rates, $this->holds);
    }

    public function onDays(WorkCalendar $calendar): self
    {
        return new self($this->people, $this->from, $this->to, $calendar, $this->place, $this->rates, $this->holds);
    }

    public function at(?OnEarth $place): self
    {
        return new self($this->people, $this->from, $this->to, $this->calendar, $place, $this->rates, $this->holds);
    }

    public function heldBy(HoldRules $holds): self
    {
        return new self($this->people, $this->from, $this->to, $this->calendar, $this->place, $this->rates, $holds);
    }

    /** @param  string  $day  as YYYY-MM-DD */
    public function window(string $day): WorkWindow
    {
        return new WorkWindow($this->from, $this->to, $this->place === null ? null : new Sun($day, $this->place));
    }
}
