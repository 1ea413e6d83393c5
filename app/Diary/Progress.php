<?php

declare(strict_types=1);

namespace App\Diary;

use Aequus\Days\Task;
use Aequus\Diary\DoneSoFar;
use Aequus\Diary\JobDays;
use Aequus\Diary\JobToDo;
use Aequus\Diary\LoggedRates;
use Aequus\Diary\Moved;
use Aequus\Diary\MovedWhy;
use Aequus\Diary\ToldWeather;
use Aequus\Logbook\Entry;
use Aequus\Site\SiteState;
use Aequus\Words\Diary\TaskWords;
use App\Type\Say;
use DateTimeImmutable;
use DateTimeZone;

/** What is done so far, and by how much the end has moved since this morning, in words. */
final readonly class Progress
{
    /** Empty where nothing is done. */
    public string $soFar;

    /** Empty where it has not moved. */
    public string $moved;

    public function __construct(private SiteState $site, private DaysPage $page, private DateTimeZone $zone)
    {
        $done = (new DoneSoFar($site))->pieces;
        $this->soFar = $done === [] ? '' : Say::text('days.so_far', done: implode('; ', array_map(
            fn (string $task, int $count) => TaskWords::of(Task::from($task)).', '.Say::text("days.left_{$task}", count: $count), array_keys($done),
            $done,
        )));
        $moved = $this->moved();
        $this->moved = $moved === null || ! $moved->isMoved ? '' : implode(' ', [match (true) {
            $moved->by === null => Say::text($page->days->finished === null ? 'days.moved_open' : 'days.moved_closed'),
            default => Say::text($moved->by > 0 ? 'days.moved_later' : 'days.moved_sooner', days: abs($moved->by)),
        }, Say::text(
            'days.moved_whys', whys: implode('; ', array_map(fn (MovedWhy $why) => Say::text("days.moved_why_{$why->value}"), $moved->why)),
        )]);
    }

    /** Since the hour at which work began; null where nothing was written down since midnight. */
    private function moved(): ?Moved
    {
        $midnight = (new DateTimeImmutable($this->site->today, $this->zone))->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d H:i:s');
        $entries = array_values($this->site->log->entries);
        $before = array_values(array_filter($entries, fn (Entry $entry) => $entry->measured < $midnight));
        if (count($before) === count($entries)) {
            return null;
        }
        // What is to be read follows from the plan alone, which is the same.
        $site = SiteState::derive($this->site->plan, $before, $this->site->today, $this->site->square->listed(), $this->site->now);
        $hands = $this->page->hands->atRates((new LoggedRates($site, $this->site->plan->hands->rates ?? [], $this->zone))->rates());
        $told = new ToldWeather($site->log);
        $morning = JobDays::soonest(new JobToDo($site, $this->zone), $hands, $told->over($this->page->clock->station), $hands->from);

        return new Moved(
            $morning, $this->page->days, $told->days == $this->page->clock->told->days, max(0, $this->page->clock->minute - $hands->from),
        );
    }
}
