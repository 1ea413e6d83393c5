<?php

declare(strict_types=1);

namespace Aequus\Days;

/** The hours of one working day in which weather holds a kind of work. */
final readonly class HeldHours
{
    private const QUARTER = 15;

    private const DAY = 1440;

    /** @var list<array{int, int}> from and to, minutes after midnight */
    public array $stretches;

    /** Whether all of it is held. */
    public bool $isAllDay;

    /** @var list<WeatherHold> in it */
    public array $holds;

    /**
     * @param  Work  $work  of any length: each quarter hour is looked at by itself
     * @param  int  $day  from the first of the forecast
     */
    public function __construct(Work $work, WorkWindow $window, HoldRules $rules, Forecast $forecast, int $day)
    {
        $stretches = $holds = [];
        $free = 0;
        $first = (int) (ceil($window->from / self::QUARTER) * self::QUARTER);
        for ($at = $first; $window->isOpen && $at + self::QUARTER <= $window->to; $at += self::QUARTER) {
            $held = $rules->at($work, $day * self::DAY + $at, $day * self::DAY + $at + self::QUARTER, $forecast);
            $held = array_filter($held, fn (WeatherHold $hold) => $hold !== WeatherHold::NotKnown);
            if ($held === []) {
                $free++;

                continue;
            }
            $last = count($stretches) - 1;
            $stretches = $last >= 0 && $stretches[$last][1] === $at
                ? array_replace($stretches, [$last => [$stretches[$last][0], $at + self::QUARTER]]) : [...$stretches, [$at, $at + self::QUARTER]];
            foreach ($held as $hold) {
                $holds[$hold->value] = $hold;
            }
        }
        [$this->stretches, $this->holds, $this->isAllDay] = [array_values($stretches), array_values($holds), $stretches !== [] && $free === 0];
    }
}
