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
     */
    public function __construct(public int $people, public int $from, public int $to, public WorkCalendar $calendar = new WorkCalendar, public ?OnEarth $place = null, public array $rates = [])
    {
    }

    /** The same with so many of them. */
    public function only(int $people): self
    {
        return new self($people, $this->from, $this->to, $this->calendar, $this->place, $this->rates);
    }

    /** @param  string  $day  as YYYY-MM-DD */
    public function window(string $day): WorkWindow
    {
        return new WorkWindow($this->from, $this->to, $this->place === null ? null : new Sun($day, $this->place));
    }
}
