<?php

declare(strict_types=1);

namespace App\Diary;

use Aequus\Days\HeldHours;
use Aequus\Days\Task;
use Aequus\Days\Work;
use Aequus\Days\WorkKind;
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
            ...($pours ? [[new Work('pour', WorkKind::Pour, 1.0, 4.0), 'pour']] : []), ...($pours && $isPier ? [[new Work('tube', WorkKind::Other, 1.0, 4.0, openTube: true), 'tube']] : []),
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
                $said[] = $held->isAllDay ? Say::text("days.means_no_{$key}") : Say::text("days.means_{$key}", times: implode(', ', array_map(fn (array $one) => ClockTime::of($one[0]).'–'.ClockTime::of($one[1]), $held->stretches)));
            }
        }

        return $said;
    }
}
