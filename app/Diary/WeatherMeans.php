<?php

declare(strict_types=1);

namespace App\Diary;

use Aequus\Days\HeldHours;
use Aequus\Days\Task;
use Aequus\Days\WeatherHold;
use Aequus\Days\Work;
use Aequus\Days\WorkKind;
use Aequus\Days\WorkWindow;
use Aequus\Diary\ToDo;
use Aequus\Plan\Holding\Hold;
use Aequus\Site\SiteState;
use App\Type\ClockTime;
use App\Type\Say;

/** What the weather of a day means for the work that is left, in words. */
final readonly class WeatherMeans
{
    /** @var list<array{Work, string}> what could be held, and the key of what is said then */
    private array $works;

    public function __construct(SiteState $site, private DaysPage $page)
    {
        $left = array_map(fn (ToDo $one) => $one->task, $page->days->toDo->all);
        $isPier = $site->plan->holding?->ofJob === Hold::Pier;
        $pours = in_array(Task::Fill, $left, true) && $page->days->toDo->isPoured;
        $lifts = in_array(Task::BuildFrame, $left, true) || in_array(Task::SetPosts, $left, true);
        $this->works = [
            ...($pours ? [[new Work('pour', WorkKind::Pour, 1.0, 4.0), 'pour']] : []),
            ...($pours && $isPier ? [[new Work('tube', WorkKind::Other, 1.0, 4.0, openTube: true), 'tube']] : []),
            ...($lifts ? [[new Work('lift', WorkKind::TiltUp, 1.0, 4.0), 'lift']] : []),
        ];
    }

    /** @return list<string> */
    public function of(int $day): array
    {
        if (! $this->page->isWorked($day)) {
            return [];
        }
        $said = [];
        $window = $this->page->hands->window($this->page->forecast->date($day));
        foreach ($this->works as [$work, $key]) {
            $held = new HeldHours($work, $window, $this->page->hands->holds, $this->page->forecast, $day);
            if ($held->stretches !== []) {
                $said[] = $this->said($key, $held, $window);
            }
        }

        return $said;
    }

    /** Until when, from when on, or when not, and by which rule. */
    private function said(string $key, HeldHours $held, WorkWindow $window): string
    {
        [$first, $last] = [$held->stretches[0], $held->stretches[count($held->stretches) - 1]];
        $isOne = count($held->stretches) === 1;
        $way = match (true) {
            $held->isAllDay => 'never',
            $isOne && $window->to < $last[1] + 15 => 'until',
            $isOne && $window->from > $first[0] - 15 => 'from',
            default => 'not',
        };

        return Say::text(
            "days.means_{$key}_{$way}", until: ClockTime::of($first[0]), from: ClockTime::of($last[1]),
            times: implode(', ', array_map(fn (array $one) => ClockTime::of($one[0]).'–'.ClockTime::of($one[1]), $held->stretches)),
            why: implode(', ', array_map($this->why(...), $held->holds)),
        );
    }

    /** The rule, with its figure in the units of the job. */
    private function why(WeatherHold $hold): string
    {
        $rules = $this->page->hands->holds;

        return Say::text("days.rule_{$hold->value}", limit: match ($hold) {
            WeatherHold::ColdAtThePour => $this->page->degrees($rules->pour),
            WeatherHold::FrostAfterThePour => $this->page->degrees($rules->frost - $rules->kept),
            WeatherHold::RainInOpenTubes => $this->page->rain($rules->rain),
            WeatherHold::Gusts => $this->page->gust($rules->gust),
            WeatherHold::Thunder, WeatherHold::NotKnown => '',
        });
    }
}
