<?php

declare(strict_types=1);

namespace Aequus\Days;

/**
 * Work in its order, each piece at the earliest quarter hour at which what it needs is done, people are free, it is light and within their hours, and
 * no weather holds it. Digging and cutting stop for nights and weather, but never wait for people in between; all else is done in one go.
 */
final class Schedule
{
    private const QUARTER = 15;

    /** Quarter hours of a day. */
    private const A_DAY = 96;

    /** @var array<string, Planned> by the name of the work, in its order */
    public array $planned = [];

    /** The first work that has no place, where it was planned as far as it goes; null where all have one. */
    public ?Work $open = null;

    /** @var array<int, int> how many are there, by the quarter hour in which people work */
    private array $worked = [];

    /** @var array<int, int> people at work, by quarter hour */
    private array $busy = [];

    /**
     * @param  list<Work>  $works
     * @param  bool  $isAsFarAsItGoes  whether it ends at the first work that has no place within the days known, instead of being refused
     * @param  int  $begin  before which nothing is done, minutes from the first midnight
     *
     * @throws DaysRefused naming the work that is not done within the days known, needs what comes later, or takes more people than there are
     */
    public function __construct(
        array $works, private Hands $hands, private Forecast $forecast, private HoldRules $rules = new HoldRules, private int $begin = 0,
        bool $isAsFarAsItGoes = false,
    ) {
        foreach (array_keys($forecast->days) as $day) {
            $date = $forecast->date($day);
            $window = $hands->window($date);
            $people = $hands->on($date);
            if ($people > 0 && $window->isOpen && $hands->calendar->isWorked($date)) {
                for ($quarter = (int) ceil($window->from / self::QUARTER - 1e-9); ($quarter + 1) * self::QUARTER <= $window->to + 1e-9; $quarter++) {
                    $this->worked[$day * self::A_DAY + $quarter] = $people;
                }
            }
        }
        foreach ($works as $work) {
            try {
                $this->plan($work);
            } catch (DaysRefused $refused) {
                if (! $isAsFarAsItGoes || $refused->fact->is !== DaysRefusal::NotWithinTheDaysKnown) {
                    throw $refused;
                }
                $this->open = $work;

                return;
            }
        }
    }

    /** @throws DaysRefused */
    private function plan(Work $work): void
    {
        if ($work->people > $this->hands->most()) {
            throw DaysRefused::morePeopleThanThereAre($work->name);
        }
        $this->planned[$work->name] = $this->earliest($work);
    }

    /**
     * What in the weather holds a piece of work that has no place, the most frequent first.
     *
     * @return list<WeatherHold>
     */
    public static function heldBy(Work $work, Hands $hands, Forecast $forecast, HoldRules $rules): array
    {
        $counts = [];
        foreach (array_keys($forecast->days) as $day) {
            $window = $hands->window($forecast->date($day));
            for (
                $from = $day * 1440 + (int) ceil($window->from); $window->isOpen && $hands->calendar->isWorked($forecast->date($day))
                    && $from + $work->quarters * self::QUARTER <= $day * 1440 + $window->to; $from += 60
            ) {
                foreach ($rules->at($work, $from, $from + $work->quarters * self::QUARTER, $forecast) as $hold) {
                    $counts[$hold->value] = ($counts[$hold->value] ?? 0) + 1;
                }
            }
        }
        arsort($counts);

        return array_map(WeatherHold::from(...), array_keys($counts));
    }

    /** The last moment anything is done; the first midnight where there is nothing to do. */
    public function finished(): int
    {
        return max([0, ...array_map(fn (Planned $one) => $one->ends(), $this->planned)]);
    }

    /** @throws DaysRefused when it has no place */
    private function earliest(Work $work): Planned
    {
        $last = intdiv($this->forecast->end(), self::QUARTER);
        $until = $work->kind->stops() ? $this->lastStart($work, $last) : $last;
        for ($start = $this->from($work); $start < $until; $start++) {
            $quarters = $this->isFree($work, $start) ? $this->taken($work, $start, $last) : null;
            if ($quarters !== null) {
                foreach ($quarters as $quarter) {
                    $this->busy[$quarter] = ($this->busy[$quarter] ?? 0) + $work->people;
                }

                return new Planned($work, self::parts($quarters === [] ? [$start] : $quarters));
            }
        }
        throw DaysRefused::notWithinTheDaysKnown($work->name);
    }

    /** The first quarter hour at which all it needs is done. */
    private function from(Work $work): int
    {
        $earliest = $work->notBefore === null ? $this->begin : max($this->begin, $this->forecast->moment($work->notBefore));
        $from = (int) ceil($earliest / self::QUARTER);
        foreach ($work->needs as $need) {
            $done = $this->planned[$need->work] ?? throw DaysRefused::needsWhatComesLater($work->name, $need->work);
            $ready = $done->ends() + $need->lag * 60;
            if ($need->cure !== null) {
                $ready = (new CureWait($this->forecast, $done->ends(), $need->cure, kept: $this->rules->kept))->ends
                    ?? throw DaysRefused::notWithinTheDaysKnown($work->name);
            }
            $from = max($from, (int) ceil($ready / self::QUARTER - 1e-9));
        }

        return $from;
    }

    /** Whether people have a quarter hour, and no weather holds the work in it. */
    private function isFree(Work $work, int $quarter): bool
    {
        return isset($this->worked[$quarter]) && $this->hasPeople($work, $quarter);
    }

    private function hasPeople(Work $work, int $quarter): bool
    {
        return ($this->busy[$quarter] ?? 0) + $work->people <= ($this->worked[$quarter] ?? 0);
    }

    /** @return ?list<int> the quarter hours it takes when it begins at one; null where it can’t */
    private function taken(Work $work, int $start, int $last): ?array
    {
        if (! $work->kind->stops()) {
            for ($quarter = $start; $quarter < $start + $work->quarters; $quarter++) {
                if (! $this->isFree($work, $quarter)) {
                    return null;
                }
            }
            $isHeld = $this->rules->at($work, $start * self::QUARTER, ($start + $work->quarters) * self::QUARTER, $this->forecast) !== [];

            return $isHeld ? null : ($work->quarters === 0 ? [] : range($start, $start + $work->quarters - 1));
        }
        $taken = [];
        for ($quarter = $start; count($taken) < $work->quarters; $quarter++) {
            if ($quarter >= $last) {
                return null;
            }
            $isWorked = $this->isWorkedOn($work, $quarter);
            if ($isWorked && ! $this->hasPeople($work, $quarter)) {
                return null;
            }
            if (! $isWorked && $taken === []) {
                return null;
            }
            if ($isWorked) {
                $taken[] = $quarter;
            }
        }

        return $taken;
    }

    /** Behind the last quarter hour at which work that stops can begin and still has all its hours: none at or after it needs to be tried. */
    private function lastStart(Work $work, int $last): int
    {
        $left = $work->quarters;
        for ($quarter = $last - 1; $quarter >= 0 && $left > 0; $quarter--) {
            $left -= $this->isWorkedOn($work, $quarter) ? 1 : 0;
        }

        return $left > 0 ? 0 : ($work->quarters === 0 ? $last : $quarter + 2);
    }

    private function isWorkedOn(Work $work, int $quarter): bool
    {
        return isset($this->worked[$quarter])
            && $this->rules->at($work, $quarter * self::QUARTER, ($quarter + 1) * self::QUARTER, $this->forecast) === [];
    }

    /**
     * @param  non-empty-list<int>  $quarters
     * @return non-empty-list<array{int, int}> stretches without a gap, in minutes
     */
    private static function parts(array $quarters): array
    {
        $parts = [[$quarters[0] * self::QUARTER, ($quarters[0] + 1) * self::QUARTER]];
        foreach (array_slice($quarters, 1) as $quarter) {
            $at = count($parts) - 1;
            if ($parts[$at][1] === $quarter * self::QUARTER) {
                $parts[$at] = [$parts[$at][0], ($quarter + 1) * self::QUARTER];
            } else {
                $parts[] = [$quarter * self::QUARTER, ($quarter + 1) * self::QUARTER];
            }
        }

        return $parts;
    }
}
