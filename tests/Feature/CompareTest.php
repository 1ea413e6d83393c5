<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Bill\JobNeeds;
use Aequus\Days\DayWarmth;
use Aequus\Days\Forecast;
use Aequus\Days\FrostInGround;
use Aequus\Days\Hands;
use Aequus\Days\WeatherHour;
use Aequus\Days\WorkCalendar;
use Aequus\Diary\JobDays;
use Aequus\Diary\WhatIf;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Measure\Length;
use Aequus\Plan\Holding\Hold;
use App\Diary\ComparePage;
use App\Diary\DaysPage;
use App\Models\Job;
use App\World\WeatherStation;
use Illuminate\Testing\TestResponse;
use Tests\DaysTestCase;

/** The same job done otherwise, beside how it stands. */
final class CompareTest extends DaysTestCase
{
    public function test_what_stands_is_what_the_days_say_and_each_other_way_is_what_it_would_be(): void
    {
        $job = $this->level($this->plan());
        $page = $this->compare($job);
        $rows = $this->rows($page);
        $standing = $this->days($job);
        $done = (new DaysPage($this->state($job), $job, app(WeatherStation::class)))->moment($standing->finished ?? 0);
        $this->assertSame([$done, $done], [$rows['2 at work'][0], $rows['As it stands'][0]]);
        $this->assertSame(['1 at work', '2 at work', '3 at work', '4 at work'], array_map(fn (array $row) => $row[0], $page->tables[0][1]));
        // Half of them do it in more days; work is that of the pieces, each rounded up to quarter hours.
        $this->assertNotSame($rows['1 at work'][0], $rows['2 at work'][0]);
        $hours = array_sum(array_map(fn ($one) => $one->work->people * $one->work->quarters / 4, array_merge([], ...array_values($standing->planned))));
        $this->assertSame(round($hours, 1).' h', $rows['As it stands'][1]);
        // Each way to hold is what the days say once it is decided.
        $plan = $job->revision->plan();
        $other = $this->level($plan->withHolding(($plan->holding ?? $this->fail())->heldBy(Hold::Gravel)));
        $then = (new DaysPage($this->state($other), $other, app(WeatherStation::class)))->moment($this->days($other)->finished ?? 0);
        $this->assertSame($then, $rows['Gravel, tamped'][0] ?? $rows[array_values(array_filter(array_keys($rows), fn (string $name) => str_contains(strtolower($name), 'gravel')))[0] ?? ''][0]);
    }

    public function test_another_day_and_other_people_are_reckoned_or_refused(): void
    {
        $job = $this->level($this->plan());
        // A Saturday: who names it works on it.
        $rows = $this->rows($this->compare($job, '2026-05-09', '3'));
        $this->assertArrayHasKey('From Sat 9 May, 3 at work', $rows);
        $hands = (new Hands(3, 450, 1020))->onDays(new WorkCalendar([7]));
        $days = new JobDays($this->toDo($job), $hands->heldBy($hands->holds->withDoubt())->atRates($this->days($job)->hands->rates), $this->days($job)->forecast, 5 * 1440);
        $this->assertSame('2026-05-09T07:30', $days->forecast->clock($days->planned['stake'][0]->parts[0][0]));
        $this->assertSame((new DaysPage($this->state($job), $job, app(WeatherStation::class)))->moment($days->finished ?? 0), $rows['From Sat 9 May, 3 at work'][0]);
        foreach ([['2026-05-03', ''], ['2026-05-25', ''], ['soon', ''], ['2026-02-30', ''], ['', '0'], ['', 'x'], ['', '13']] as [$from, $people]) {
            $this->assertNotSame('', $this->compare($job, $from, $people)->refusal, "{$from} {$people}");
        }
        $this->get("/jobs/{$job->id}/days/what-if?from=2026-05-09&people=3")->assertOk()->assertSeeText('From Sat 9 May, 3 at work');
        $this->get("/jobs/{$job->id}/days/what-if?from=soon&people=3")->assertOk()->assertSeeText('Choose a day from today on');
    }

    public function test_means_that_are_faster_are_done_no_later_and_blankets_help_in_the_cold(): void
    {
        $job = $this->level($this->plan());
        $this->skies(0.8, 14.0);
        $rows = $this->rows($this->compare($job));
        $this->assertStringContainsString('not within 21 days', $rows['As it stands'][0]);
        $this->assertStringNotContainsString('not within', $rows['Blankets over the fill, 5 °C warmer'][0]);
        $this->assertSame('ask for a price', $rows['Holes by an auger'][2]);
        $this->assertNull($this->state($job)->plan->hands);
        $this->assertArrayNotHasKey('blanket', $this->needs($job));
        $this->post("/jobs/{$job->id}/days", ['form' => 'hands', 'based_on' => 1, 'people' => '2', 'from' => '7:30', 'to' => '17:00', 'limit_pour' => '5', 'limit_frost' => '0', 'limit_rain' => '1', 'limit_gust' => '10', 'limit_kept' => '5'])->assertSessionHasNoErrors();
        $this->assertSame(6.0, $this->needs($job)['blanket']);
        $this->assertArrayHasKey('No blankets over the fill', $this->rows($this->compare($job)));
    }

    /** In one year of four it rains at noon, when holes are filled; in another at night. */
    public function test_the_chance_of_rain_is_that_of_the_hours_of_the_fill(): void
    {
        $job = $this->level($this->plan());
        $mild = array_fill(0, 21, new DayWarmth(10.0, 20.0));
        $year = fn (?int $hour, float $rain = 3.0): Forecast => new Forecast('2026-05-04', $mild, $hour === null ? [] : array_fill_keys(array_map(fn (int $day) => 24 * $day + $hour, range(0, 20)), new WeatherHour($rain)));
        $if = fn (array $years): WhatIf => new WhatIf($this->toDo($job), new Hands(2, 450, 1020), $year(null), 420, $years);
        $this->assertSame(0.25, $if([$year(null), $year(9), $year(2), $year(null)])->rain);
        $this->assertSame(0.0, $if([$year(9, 1.0)])->rain, 'no more than the limit');
        $this->assertNull($if([])->rain);
    }

    public function test_winter_says_what_must_be_closed_and_what_frost_does_to_open_holes(): void
    {
        $job = $this->level($this->plan());
        $page = fn (): TestResponse => $this->get("/jobs/{$job->id}/days/what-if")->assertOk();
        $page()->assertSeeText('No frost is in the ground')->assertDontSeeText('too cold to pour')->assertDontSeeText('To be closed before');
        // Every day −9 to 2 °C, half a year back and ahead: 181 days of 3.5 below.
        $this->skies(-9.0, 2.0);
        $deep = (int) (10 * round((new FrostInGround(array_fill(0, 181, new DayWarmth(-9.0, 2.0))))->millimetres / 10));
        $page()->assertSeeText('too cold to pour now already')->assertSeeText('To be closed before: Dig, 6 holes; Fill, 6 holes.')->assertSeeText("Frost is about {$deep}\u{202F}mm deep")->assertSeeText('deeper than the line that was planned for')->assertDontSeeText('Open holes');
        $this->write($job, $this->user, new HoleDug($job->revision->plan()->grid->posts[1]->id, Length::millimetres(800)));
        $page()->assertSeeText('Open holes at B1: nothing is poured on frozen ground')->assertSeeText('Dig, 5 holes');
    }

    /** @return array<string, float> */
    private function needs(Job $job): array
    {
        $needs = [];
        foreach ((new JobNeeds($this->state($job)))->bill()->lines as $line) {
            $needs[$line->goods->name] = $line->needed;
        }

        return $needs;
    }

    private function compare(Job $job, string $from = '', string $people = ''): ComparePage
    {
        return new ComparePage($this->state($job), $job->fresh() ?? $job, app(WeatherStation::class), $from, $people);
    }

    /** @return array<string, list<string>> by the name of the way: done, work, goods */
    private function rows(ComparePage $page): array
    {
        $rows = [];
        foreach ($page->tables as [, $ways]) {
            foreach ($ways as $way) {
                $rows[$way[0]] = [$way[1], $way[2], $way[3]];
            }
        }

        return $rows;
    }
}
