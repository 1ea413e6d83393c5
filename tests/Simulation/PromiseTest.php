<?php

declare(strict_types=1);

namespace Tests\Simulation;

use Aequus\Days\Hands;
use Aequus\Days\Task;
use Aequus\Diary\Chance;
use Aequus\Diary\JobDays;
use Aequus\Diary\JobToDo;
use Aequus\Diary\LoggedRates;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Diary\HoursWorked;
use Aequus\Plan\Plan;
use Aequus\Site\SiteState;
use App\World\SimulatedWeather;
use DateTimeImmutable;
use DateTimeZone;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** The day by which four of five are said to be done, against worlds that are not the page’s own: kept about as often as it says. */
final class PromiseTest extends TestCase
{
    private const WORLDS = 200;

    private const YEARS = 200;

    /** Twelve jobs begun through the year, two hundred fresh worlds each. */
    public function test_the_promise_of_the_first_day_is_kept_in_about_four_of_five_worlds(): void
    {
        $kept = $all = 0;
        $number = 0;
        foreach (TwelveJobs::all() as $name => [$plan, $hands]) {
            $first = sprintf('2026-%02d-05', 3 + $number % 7);
            $toDo = self::toDo($plan, $first);
            $promise = self::promised($toDo, $hands, $first);
            $this->assertNotNull($promise, $name);
            for ($world = 0; $world < self::WORLDS; $world++) {
                $all++;
                $lived = new LivedWorld(7000 + 1000 * $number + $world, $first, count($plan->grid->posts));
                $finished = (new JobDays($toDo, $lived->hands($hands), $lived->weather, 420))->finished;
                $kept += $finished !== null && $finished <= $promise ? 1 : 0;
            }
            $number++;
        }
        $this->assertSame(2400, $all);
        $share = 100 * $kept / $all;
        $this->assertGreaterThanOrEqual(72.0, $share);
        $this->assertLessThanOrEqual(88.0, $share);
    }

    /** Everybody half as fast as was said: once three days of it are in the book, the day moves out. */
    public function test_the_day_moves_out_as_soon_as_the_log_shows_that_people_are_slower(): void
    {
        foreach (TwelveJobs::all() as $name => [$plan, $hands]) {
            $said = fn (int $days): ?int => self::promised(self::toDo($plan, '2026-05-04'), self::learned($plan, $hands, $days), '2026-05-04', 40);
            $this->assertSame($said(0), $said(2), "{$name}: two days are luck");
            $this->assertGreaterThan($said(0), $said(3) ?? PHP_INT_MAX, $name);
        }
    }

    private static function learned(Plan $plan, Hands $hands, int $days): Hands
    {
        $entries = [];
        for ($day = 1; $day <= $days; $day++) {
            foreach (Task::cases() as $task) {
                $entries[] = Builds::entry(new HoursWorked($task, "2026-05-0{$day}", 1, 4.0, 4.0 * $task->usualRate() / 2), count($entries) + 1);
            }
        }
        $site = SiteState::derive($plan, $entries, '2026-05-04');

        return $hands->atRates((new LoggedRates($site, $hands->rates, new DateTimeZone('UTC')))->rates());
    }

    private static function promised(JobToDo $toDo, Hands $hands, string $first, int $count = self::YEARS): ?int
    {
        $years = array_map(fn (int $year) => (new SimulatedWeather(5))->year($year, $first, LivedWorld::LONGEST, 'promised'), range(1, $count));

        return (new Chance($toDo, $hands, $years, 420))->fourFifths;
    }

    private static function toDo(Plan $plan, string $first): JobToDo
    {
        return new JobToDo(SiteState::derive($plan, [Builds::entry(new NoticeAsked((new DateTimeImmutable($first))->modify('-20 days')->format('Y-m-d'), 3, ''), 1)], $first), new DateTimeZone('UTC'));
    }
}
