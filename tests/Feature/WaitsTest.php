<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Days\DayWarmth;
use Aequus\Days\Forecast;
use Aequus\Days\Hands;
use Aequus\Days\Planned;
use Aequus\Days\Task;
use Aequus\Diary\DigWork;
use Aequus\Diary\JobDays;
use Aequus\Diary\JobToDo;
use Aequus\Diary\Moved;
use Aequus\Diary\MovedWhy;
use Aequus\Guide\Clear\WaitForOthers;
use Aequus\Guide\Guide;
use Aequus\Guide\Move\Scope;
use Aequus\Logbook\Book\Remark;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Diary\Awaited;
use Aequus\Logbook\Diary\AwaitedState;
use Aequus\Logbook\Diary\AwaitedThing;
use Aequus\Logbook\Diary\HoursWorked;
use Aequus\Logbook\Diary\WeatherTold;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Footing\SoilLayer;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Set\ReadyItem;
use Aequus\Logbook\Set\SeenReady;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Plan\Terms\Side;
use Aequus\Site\SiteState;
use App\Models\Job;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Builds;
use Tests\DaysTestCase;

/** What others bring, allow or look at; hours that were written down; weather that somebody was told. */
final class WaitsTest extends DaysTestCase
{
    /** Booked: not before that day and hour. Without a day, failed, or overdue: nothing after it is promised. Passed: as if it had never been. */
    #[TestWith([AwaitedThing::Permit, Task::Dig])]
    #[TestWith([AwaitedThing::Posts, Task::SetPosts])]
    #[TestWith([AwaitedThing::Concrete, Task::Fill])]
    #[TestWith([AwaitedThing::BeforeTheFill, Task::Fill])]
    #[TestWith([AwaitedThing::Timber, Task::BuildFrame])]
    #[TestWith([AwaitedThing::AfterTheFill, Task::BuildFrame])]
    public function test_work_waits_for_what_others_do(AwaitedThing $thing, Task $task): void
    {
        $job = $this->level($this->plan());
        $plain = $this->days($job);
        $said = fn (AwaitedState $state, string $day, ?int $time = null) => $this->write($job, $this->user, new Awaited($thing, $state, $day, $time, null, 'bars too near the edge'));
        $said(AwaitedState::Booked, '2026-05-19', 615);
        $booked = $this->days($job);
        $this->assertSame('2026-05-19T10:15', $booked->forecast->clock($booked->planned[$task->value][0]->parts[0][0]));
        $this->assertNull($booked->toDo->held);
        $this->page($job)->assertSeeText('booked for Tue 19 May, by 10:15');
        foreach ([[AwaitedState::Asked, '2026-05-04', 'nobody named a day'], [AwaitedState::Failed, '2026-05-04', '“bars too near the edge”']] as [$state, $day, $words]) {
            $said($state, $day);
            $held = $this->days($job);
            $this->assertSame([$task, null], [$held->toDo->held, $held->finished === null ? null : $held->planned[$task->value] ?? null], $state->value);
            $this->page($job)->assertSeeText('Nothing after it is promised')->assertSeeText($words)->assertDontSeeText('Done on');
        }
        $said(AwaitedState::Came, '2026-05-04');
        $this->assertEquals([$plain->finished, $plain->planned], [$this->days($job)->finished, $this->days($job)->planned]);
        $said(AwaitedState::Booked, '2026-05-05');
        CarbonImmutable::setTestNow('2026-05-06 07:00');
        $this->assertSame($task, $this->toDo($job)->held, 'its day is over and nobody said what came of it');
        $this->page($job)->assertSeeText('Tue 5 May is over');
        $said(AwaitedState::CalledOff, '2026-05-06');
        $this->assertNull($this->toDo($job)->held);
    }

    /** Guide and days wait for the same, and say the same of it. */
    public function test_the_next_move_waits_too(): void
    {
        $job = $this->level($this->plan());
        $plan = $job->revision->plan();
        $this->write($job, $this->user, ...Builds::readings($plan), ...array_map(fn ($post) => new HoleDug($post->id, Length::millimetres(800)), array_slice($plan->grid->posts, 0, 2)));
        $next = fn (): ?object => Guide::next($this->state($job), Scope::job())?->do->is;
        $said = fn (AwaitedThing $thing, AwaitedState $state, string $day = '2026-05-04') => $this->write($job, $this->user, new Awaited($thing, $state, $day));
        $before = $next();
        foreach ([
            [AwaitedState::Asked, '2026-05-04', WaitForOthers::AskForADay], [AwaitedState::Booked, '2026-05-08', WaitForOthers::WaitForIt], [AwaitedState::Failed, '2026-05-04', WaitForOthers::AskAgain],
            [AwaitedState::Came, '2026-05-04', $before],
        ] as [$state, $day, $move]) {
            $said(AwaitedThing::Permit, $state, $day);
            $this->assertSame($move, $next(), $state->value);
        }
        $this->assertNotNull($before);
        $said(AwaitedThing::Permit, AwaitedState::Booked, '2026-05-08');
        $this->page($job)->assertSeeText('Wait: permit')->assertSeeText('booked for 2026-05-08');
        $this->get("/jobs/{$job->id}/footing")->assertSee("/jobs/{$job->id}/days", false);
    }

    /** An inspection that was ticked off before the pour is not waited for; one that failed is put right, and all holes wait. */
    public function test_an_inspection_before_the_fill(): void
    {
        $job = $this->level($this->plan());
        $plan = $job->revision->plan();
        $this->write(
            $job, $this->user, ...Builds::readings($plan), ...array_map(fn ($post) => new HoleDug($post->id, Length::millimetres(800)), $plan->grid->posts),
            ...array_map(fn ($post) => new PostSet($post->id), $plan->grid->posts),
        );
        foreach ($plan->grid->posts as $post) {
            foreach ([Side::PlusX, Side::PlusY] as $face) {
                $this->write($job, $this->user, PlumbReading::gap($post->id, $face, $face, Length::zero(), Length::millimetres(1000), Stage::HoleOpen));
            }
        }
        $this->write($job, $this->user, new Awaited(AwaitedThing::BeforeTheFill, AwaitedState::Failed, '2026-05-04', says: 'mud at the foot of B2'));
        $move = Guide::next($this->state($job), Scope::job());
        $this->assertSame(WaitForOthers::PutRightAndBookAgain, $move?->do->is);
        $this->page($job)->assertSeeText('mud at the foot of B2');
        $this->assertSame(Task::Fill, $this->toDo($job)->held);
        $this->write($job, $this->user, new SeenReady(ReadyItem::Inspected, null));
        $this->assertNull($this->toDo($job)->held);
        $this->assertNotSame(WaitForOthers::PutRightAndBookAgain, Guide::next($this->state($job), Scope::job())?->do->is);
    }

    public function test_whether_an_auger_on_hire_is_there_long_enough(): void
    {
        $job = $this->level($this->plan());
        $hire = fn (string $from, string $until) => $this->write($job, $this->user, new Awaited(AwaitedThing::Hire, AwaitedState::Booked, $from, null, $until));
        $hire('2026-05-08', '2026-05-10');
        $this->assertSame('2026-05-08T07:30', $this->days($job)->forecast->clock($this->days($job)->planned['dig'][0]->parts[0][0]));
        $this->page($job)->assertSeeText('The auger goes back on Sun 10 May; the last hole is done on Fri 8 May');
        // One alone is at it until Monday.
        $this->post("/jobs/{$job->id}/days", ['form' => 'hands', 'based_on' => 1, 'people' => '1', 'from' => '7:30', 'to' => '17:00', 'rest_6' => '1', 'rest_7' => '1'])->assertSessionHasNoErrors();
        $this->page($job)->assertSeeText('the last hole is done on Mon 11 May: hire it longer');
        $this->write($job, $this->user, new Awaited(AwaitedThing::Hire, AwaitedState::CalledOff, '2026-05-04'));
        $this->page($job)->assertDontSeeText('The auger goes back');
        try {
            new Awaited(AwaitedThing::Hire, AwaitedState::Booked, '2026-05-08', null, '2026-05-07');
            $this->fail('A hire that ends before it begins was taken.');
        } catch (EntryRefused) {
            $this->addToAssertionCount(1);
        }
    }

    /** Three days of digging, by the book and by what was typed: 2.4 m in 4 hours of one, 0.8 m in 2, and 3 typed in 5 are 6.2 m in 11 hours. */
    public function test_rates_are_learned_from_what_was_written_down(): void
    {
        $job = $this->level($this->plan());
        $plan = $job->revision->plan();
        $dug = fn (int ...$posts) => $this->write($job, $this->user, ...array_map(fn (int $post) => new HoleDug($plan->grid->posts[$post]->id, Length::millimetres(800)), $posts));
        $rate = fn (): float => $this->days($job)->hands->rates['dig'];
        $dug(0, 1, 2);
        $this->write($job, $this->user, new HoursWorked(Task::Dig, '2026-05-04', 1, 4.0));
        CarbonImmutable::setTestNow('2026-05-05 07:00');
        $dug(3);
        $this->write($job, $this->user, new HoursWorked(Task::Dig, '2026-05-05', 2, 1.0));
        $this->assertSame(0.5, $rate(), 'two days are luck');
        $this->page($job)->assertDontSeeText('by the log');
        CarbonImmutable::setTestNow('2026-05-06 07:00');
        $this->write($job, $this->user, new HoursWorked(Task::Dig, '2026-05-06', 1, 2.5, 2.0), new HoursWorked(Task::Dig, '2026-05-06', 1, 2.5, 1.0));
        $this->assertEqualsWithDelta(6.2 / 11, $rate(), 1e-9);
        $this->page($job)->assertSeeText('0.56 m of hole by the log');
        // Hours for which the book has nothing, and nothing was typed, tell no rate.
        $this->write($job, $this->user, new HoursWorked(Task::SetPosts, '2026-05-06', 1, 9.0), new HoursWorked(Task::SetPosts, '2026-05-05', 1, 9.0), new HoursWorked(Task::SetPosts, '2026-05-04', 1, 9.0));
        $this->assertSame(1.0, $this->days($job)->hands->rates['set']);
    }

    /** 13 metres of deep clay are more than 13 of sand. */
    public function test_a_hole_counts_by_soil_and_depth(): void
    {
        $job = $this->level($this->plan());
        $this->assertEqualsWithDelta(6 * 0.8, $this->of($this->toDo($job), Task::Dig)->amount, 1e-9);
        $of = fn (float $mm, array $layers = [], ?Soil $usual = null): float => DigWork::of(Length::millimetres($mm), array_map(fn (array $one) => new SoilLayer($one[0], Length::millimetres($one[1])), $layers), $usual);
        [$clay, $sand, $rock] = [Soil::Clay, Soil::Sand, Soil::Bedrock];
        $this->assertEqualsWithDelta([0.8, 1.0, 1.75, 0.64, 0.96], [$of(800), $of(1000), $of(1500), $of(800, usual: $sand), $of(800, usual: $clay)], 1e-9);
        // 300 of sand, clay to 700, and what lies below as the last that was met; half a metre of rock from 1000 to 1500 counts ten times and a half more.
        $this->assertEqualsWithDelta(0.3 * 0.8 + 0.5 * 1.2, $of(800, [[$sand, 300], [$clay, 700]], $rock), 1e-9);
        $this->assertEqualsWithDelta(1.0 + 0.5 * 1.5 * 10, $of(1500, [[Soil::SiltyOrClayeySand, 1000], [$rock, 1500]]), 1e-9);
    }

    public function test_weather_that_was_told_comes_before_the_station(): void
    {
        $job = $this->level($this->plan());
        $told = fn (string $day, float $least, float $greatest, float $rain = 0.0, float $gust = 0.0) => $this->write($job, $this->user, new WeatherTold($day, $least, $greatest, $rain, 9, 12, $gust));
        $fill = fn (): string => $this->days($job)->forecast->clock($this->days($job)->planned['fill'][0]->parts[0][0]);
        $this->assertSame('2026-05-05T07:30', $fill());
        $told('2026-05-05', -3.0, 3.0);
        $told('2026-05-06', -3.0, 3.0);
        $this->assertSame('2026-05-07T07:30', $fill());
        $this->page($job)->assertSeeText('−3 °C to 3 °C');
        $told('2026-05-06', 10.0, 20.0);
        $this->assertSame('2026-05-06T07:30', $fill(), 'the last word on a day counts');
        foreach ([[5.0, 4.0, 0.0, 0.0], [1.0, 4.0, -1.0, 0.0], [1.0, 4.0, 0.0, -2.0]] as [$least, $greatest, $rain, $gust]) {
            try {
                $told('2026-05-09', $least, $greatest, $rain, $gust);
                $this->fail('Such weather was taken.');
            } catch (EntryRefused) {
                $this->addToAssertionCount(1);
            }
        }
    }

    /** 5 °C and a forecast that may err: half a degree for each day ahead and one more, never above three. With blankets frost after the pour counts later. */
    public function test_a_forecast_is_doubted_the_more_the_further_ahead_and_limits_can_be_changed(): void
    {
        $job = $this->level($this->plan());
        // On Tuesday it may come a degree colder than 5.9.
        $this->skies(4.9, 5.9);
        $this->assertSame(Task::Fill, $this->days($job)->beyond);
        $this->skies(5.5, 6.5);
        $this->assertNull($this->days($job)->beyond);
        $this->skies(4.9, 5.9);
        $limits = ['limit_pour' => '2', 'limit_frost' => '0', 'limit_rain' => '1', 'limit_gust' => '10', 'limit_kept' => '0'];
        $keep = fn (array $fields): TestResponse => $this->from("/jobs/{$job->id}/days")->post("/jobs/{$job->id}/days", $fields + $limits + [
            'form' => 'hands', 'based_on' => $job->fresh()?->revision->number, 'people' => '2', 'from' => '7:30', 'to' => '17:00', 'rest_6' => '1', 'rest_7' => '1',
        ]);
        $keep([])->assertSessionHasNoErrors();
        $this->assertNull($this->days($job)->beyond);
        $this->skies(1.0, 14.0);
        $keep(['limit_pour' => '-5'])->assertSessionHasNoErrors();
        $this->assertSame(Task::Fill, $this->days($job)->beyond, 'frost in the night after');
        $keep(['limit_pour' => '-5', 'limit_kept' => '5'])->assertSessionHasNoErrors();
        $this->assertNull($this->days($job)->beyond);
        $plan = $job->fresh()?->revision->plan() ?? $this->fail();
        $this->assertEquals($plan->hands, PlanCodec::decode(json_decode((string) json_encode(PlanCodec::encode($plan)), true))->hands);
        foreach (['limit_pour' => 'cold', 'limit_rain' => '-1', 'limit_gust' => 'much', 'limit_kept' => '-2'] as $field => $typed) {
            $keep([$field => $typed])->assertSessionHasErrors($field);
        }
        // A form without these fields leaves them as they are.
        $this->post("/jobs/{$job->id}/days", ['form' => 'hands', 'based_on' => $job->fresh()?->revision->number, 'people' => '3', 'from' => '7:30', 'to' => '17:00'])->assertSessionHasNoErrors();
        $this->assertSame(5.0, $job->fresh()?->revision->plan()->hands?->holds->kept);
    }

    /** Filled on Monday at 20 °C by what was noted; the nights that came were near freezing: braces stay on until it is ripe by the weather, not by the note. */
    public function test_what_was_poured_ripens_by_the_weather_that_came(): void
    {
        $job = $this->level($this->plan());
        $plan = $job->revision->plan();
        $this->write($job, $this->user, ...array_map(fn ($post) => new HoleDug($post->id, Length::millimetres(800)), $plan->grid->posts), ...array_map(fn ($post) => new PostSet($post->id), $plan->grid->posts));
        $this->write($job, $this->user, ...array_map(fn ($post) => new PostFilled($post->id, FillStep::Done, 7, 20.0), $plan->grid->posts));
        CarbonImmutable::setTestNow('2026-05-05 07:00');
        $strip = fn (): ?string => array_key_exists('strip', $this->days($job)->planned) ? $this->days($job)->forecast->clock($this->days($job)->planned['strip'][0]->parts[0][0]) : null;
        $this->write($job, $this->user, ...array_map(fn ($post) => new PostCut($post->id), $plan->grid->posts));
        $this->skies(20.0, 20.0);
        $this->assertSame('2026-05-05T07:30', $strip());
        $this->skies(5.0, 5.0);
        // 480 degree hours at 5 °C are four days.
        $this->assertSame('2026-05-08T07:30', $strip());
        $this->skies(-5.0, -1.0);
        $this->assertNull($strip());
        $this->assertSame(Task::TakeBracesOff, $this->days($job)->beyond);
        // Filled so cold that its clock stands still: no braces off at once, but when warmth comes.
        $cold = $this->level($this->plan());
        $this->write($cold, $this->user, ...array_map(fn ($post) => new HoleDug($post->id, Length::millimetres(800)), $plan->grid->posts), ...array_map(fn ($post) => new PostSet($post->id), $plan->grid->posts));
        $this->write($cold, $this->user, ...array_map(fn ($post) => new PostFilled($post->id, FillStep::Done, 7, 0.0), $plan->grid->posts));
        $this->assertSame(6, $this->of(new JobToDo($this->state($cold), new DateTimeZone('UTC')), Task::TakeBracesOff)->pieces);
        $this->assertSame('9999-12-31T00:00', $this->of(new JobToDo($this->state($cold), new DateTimeZone('UTC')), Task::TakeBracesOff)->notBefore);
        $this->assertSame(Task::CutTops, $this->days($cold)->beyond);
        $this->skies(10.0, 10.0);
        $this->assertSame('2026-05-07T07:30', $this->days($cold)->forecast->clock($this->days($cold)->planned['cut'][0]->parts[0][0]));
    }

    /** Written down today, whatever moves the end is named; what was done in the morning’s time moves nothing later. */
    public function test_the_end_moves_for_reasons_that_are_named(): void
    {
        $job = $this->level($this->plan());
        $posts = $job->revision->plan()->grid->posts;
        CarbonImmutable::setTestNow('2026-05-05 07:00');
        $this->page($job)->assertDontSeeText('this morning')->assertSeeText('Done so far: Read the ground, 6 places.');
        $this->write($job, $this->user, ...array_map(fn ($post) => new HoleDug($post->id, Length::millimetres(800)), $posts), ...array_map(fn ($post) => new PostSet($post->id), array_slice($posts, 0, 3)));
        $this->page($job)->assertSeeText('1 day sooner than it stood this morning: work was done.')->assertSeeText('Dig, 6 holes; Set and plumb, 3 posts.');
        $this->write($job, $this->user, new Awaited(AwaitedThing::Concrete, AwaitedState::Booked, '2026-05-12'));
        $this->page($job)->assertSeeText('days later than it stood this morning: what is waited for was changed.')->assertDontSeeText('work was done.');
        $this->write($job, $this->user, new Awaited(AwaitedThing::Concrete, AwaitedState::Asked, '2026-05-05'));
        $this->page($job)->assertSeeText('This morning it had a day on which it is done: what is waited for was changed.');
        CarbonImmutable::setTestNow('2026-05-06 07:00');
        $this->write($job, $this->user, new Awaited(AwaitedThing::Concrete, AwaitedState::Came, '2026-05-06'));
        $this->page($job)->assertSeeText('This morning no day could be named: what is waited for was changed.');
        CarbonImmutable::setTestNow('2026-05-07 07:00');
        $this->write($job, $this->user, ...array_map(fn (int $day) => new WeatherTold("2026-05-0{$day}", -4.0, 3.0), [7, 8, 9]));
        $this->page($job)->assertSeeText('later than it stood this morning: weather was written down.');
        CarbonImmutable::setTestNow('2026-05-08 07:00');
        $this->write($job, $this->user, ...array_map(fn (int $day) => new HoursWorked(Task::BuildFrame, "2026-05-0{$day}", 1, 8.0, 2.0), [5, 6, 7]));
        $this->page($job)->assertSeeText('later than it stood this morning: the log tells how fast people are.');
        // At four, with nothing of the day written down but a remark.
        CarbonImmutable::setTestNow('2026-05-11 16:00');
        $this->write($job, $this->user, new Remark(null, 'rain all day'));
        $this->page($job)->assertSeeText('later than it stood this morning: what was to be done by now is not written down.');
        // On a Saturday nothing was to be done by four. Two reasons are one sentence.
        CarbonImmutable::setTestNow('2026-05-16 16:00');
        $this->write($job, $this->user, new Awaited(AwaitedThing::Concrete, AwaitedState::Booked, '2026-05-27'), new WeatherTold('2026-05-18', -4.0, 3.0));
        $this->page($job)->assertSeeText('later than it stood this morning: what is waited for was changed; weather was written down. Done so far');
    }

    /** Seed 88: one piece of work after the other, in any order, with no time passing. */
    public function test_work_that_is_written_down_moves_no_end_without_a_reason(): void
    {
        $dice = new Randomizer(new Mt19937(88));
        $job = $this->level($this->plan());
        $plan = $job->revision->plan();
        $base = array_values($this->state($job)->log->entries);
        for ($round = 0; $round < 25; $round++) {
            $entries = $base;
            $last = null;
            $hands = new Hands($dice->getInt(1, 4), 450, 1020);
            $order = $dice->shuffleArray($plan->grid->posts);
            foreach (array_merge(...array_map(fn (Post $post) => [new HoleDug($post->id, Length::millimetres($dice->getInt(600, 1000))), new PostSet($post->id)], $order)) as $payload) {
                $entries[] = Builds::entry($payload, count($entries) + 1, at: '2026-05-04 07:00:00');
                $site = SiteState::derive($plan, $entries, '2026-05-04');
                $days = JobDays::soonest(new JobToDo($site, new DateTimeZone('UTC')), $hands, new Forecast('2026-05-04', array_fill(0, 30, new DayWarmth(10.0, 20.0))), 420);
                $moved = $last === null ? null : new Moved($last, $days, true, 0);
                $this->assertTrue($moved === null || $moved->isMoved === ($moved->why !== []));
                $this->assertFalse($moved !== null && ($moved->by ?? 0) > 0 && $moved->why === [MovedWhy::WorkDone], 'work done is no reason to be later');
                $last = $days;
            }
        }
    }

    public function test_what_the_weather_of_a_day_means_is_said_for_the_work_that_is_left(): void
    {
        $job = $this->level($this->plan());
        $this->page($job)->assertDontSeeText('No pour that day')->assertDontSeeText('Pour from')->assertDontSeeText('Nothing is tilted up');
        // From 1 °C at six to 12 °C at three it is 6.02 °C at a quarter past ten: five degrees, and half a degree of doubt for each of two days.
        $this->write($job, $this->user, new WeatherTold('2026-05-05', 1.0, 12.0, 0.0, 0, 24, 12.0), new WeatherTold('2026-05-08', -2.0, 3.0));
        $this->page($job)->assertSeeText(['Pour from 10:15; before it may be below 5 °C.', 'Nothing is tilted up or lifted that day: gusts above 10 m/s.', 'No pour that day: it may be below 5 °C'])->assertDontSeeText('Tubes');
        $this->write($job, $this->user, new WeatherTold('2026-05-05', 4.0, 12.0, 1.0, 14, 18, 0.0, true), new WeatherTold('2026-05-06', 2.0, 9.0));
        $this->page($job)->assertSeeText('Nothing is tilted up or lifted after 14:00: thunder.')->assertSeeText('Pour from');
        $this->write($job, $this->user, new WeatherTold('2026-05-05', 12.0, 14.0), new WeatherTold('2026-05-06', -4.0, 3.0));
        $this->page($job)->assertSeeText('No pour that day: within a day it may fall below 0 °C.');
        $piers = $this->level($this->plan()->withHolding(($this->plan()->holding ?? $this->fail())->heldBy(Hold::Pier)));
        $this->write($piers, $this->user, new WeatherTold('2026-05-05', 10.0, 20.0, 2.0, 13, 15));
        $this->page($piers)->assertSeeText('Tubes stay covered 13:00–15:00: rain above 1 mm in an hour.')->assertDontSeeText('No pour that day');
    }

    public function test_helpers_come_on_their_own_days_and_what_is_done_meanwhile_is_said(): void
    {
        $job = $this->level($this->plan());
        $keep = fn (array $fields): TestResponse => $this->from("/jobs/{$job->id}/days")->post("/jobs/{$job->id}/days", $fields + ['form' => 'hands', 'based_on' => $job->fresh()?->revision->number, 'people' => '1', 'from' => '7:30', 'to' => '17:00', 'rest_7' => '1', 'people_1' => '']);
        $keep(['people_6' => '4', 'people_3' => '0'])->assertSessionHasNoErrors();
        $hands = $job->fresh()?->revision->plan()->hands ?? $this->fail();
        $this->assertSame([3 => 0, 6 => 4], $hands->others);
        $this->assertEquals($hands, PlanCodec::decode(json_decode((string) json_encode(PlanCodec::encode($job->fresh()?->revision->plan() ?? $this->fail())), true))->hands);
        $worked = array_map(fn (Planned $one) => $this->days($job)->forecast->date(intdiv($one->parts[0][0], 1440)), array_merge([], ...array_values($this->days($job)->planned)));
        $this->assertNotContains('2026-05-06', $worked);
        $keep(['people_2' => 'two'])->assertSessionHasErrors('people_2');
        $keep(['people_2' => '13'])->assertSessionHasErrors('people_2');
        $this->post("/jobs/{$job->id}/days", ['form' => 'hands', 'based_on' => $job->fresh()?->revision->number, 'people' => '2', 'from' => '7:30', 'to' => '17:00'])->assertSessionHasNoErrors();
        $this->assertSame([3 => 0, 6 => 4], $job->fresh()?->revision->plan()->hands?->others, 'a form that does not show them leaves them');
        $this->page($job)->assertSeeText('Meanwhile: mark and cut the frame on trestles, 18 pieces.')->assertDontSeeText('Meanwhile: Stake');
        $this->write($job, $this->user, new Awaited(AwaitedThing::Permit, AwaitedState::Asked, '2026-05-04'));
        $this->page($job)->assertSeeText('Meanwhile: Stake and prove the grid, 6 stakes.');
    }

    public function test_each_form_writes_one_entry_or_says_why_not(): void
    {
        $job = $this->level($this->plan());
        $day = ['day' => '2026-05-04'];
        $this->send($job, EntryKind::Awaited, $day + ['thing' => 'permit', 'state' => 'booked', 'time' => '9:30', 'says' => 'number 7'])->assertSessionHasNoErrors();
        $this->assertSame(570, $this->state($job)->log->latest(Awaited::class)?->time);
        $this->send($job, EntryKind::HoursWorked, $day + ['task' => 'stake', 'people' => '2', 'hours' => '1,5', 'amount' => '12'])->assertSessionHasNoErrors();
        $this->send($job, EntryKind::WeatherTold, $day + ['least' => '2', 'greatest' => '9', 'rain' => '1.5', 'rain_from' => '14', 'rain_to' => '17', 'gust' => '8', 'thunder' => '1'])->assertSessionHasNoErrors();
        $told = $this->state($job)->log->latest(WeatherTold::class) ?? $this->fail();
        $this->assertSame([0.0, 1.5, true, 0.0, 8.0], [$told->hour(13)->rain, $told->hour(16)->rain, $told->hour(14)->thunder, $told->hour(17)->rain, $told->hour(3)->gust]);
        $this->get("/jobs/{$job->id}/logbook")->assertSeeText('Permit: booked for 2026-05-04 9:30, number 7')->assertSeeText('Stake and prove the grid on 2026-05-04: 1.5 h by 2, 12 done')->assertSeeText("rain 1.5\u{202F}mm an hour from 14 to 17, gusts 8\u{202F}m/s, thunder");
        foreach ([
            [EntryKind::Awaited, ['thing' => 'permit', 'state' => 'booked', 'day' => '2026-05-01'], 'day'], [EntryKind::Awaited, ['thing' => 'permit', 'state' => 'came', 'day' => '2026-05-09'], 'day'],
            [EntryKind::Awaited, ['thing' => 'permit', 'state' => 'booked', 'day' => 'soon'], 'day'], [EntryKind::Awaited, $day + ['thing' => 'permit', 'state' => 'booked', 'time' => 'noon'], 'time'],
            [EntryKind::Awaited, $day + ['thing' => 'hire', 'state' => 'booked'], 'until'], [EntryKind::HoursWorked, $day + ['task' => 'dig', 'people' => '2', 'hours' => '3'], 'amount'],
            [EntryKind::HoursWorked, $day + ['task' => 'dig', 'people' => '2', 'hours' => 'three', 'amount' => '2'], 'hours'], [EntryKind::HoursWorked, ['day' => '2026-05-05', 'task' => 'dig', 'people' => '2', 'hours' => '3', 'amount' => '2'], 'day'],
            [EntryKind::HoursWorked, $day + ['task' => 'dig', 'people' => '0', 'hours' => '3', 'amount' => '2'], 'hours'], [EntryKind::HoursWorked, $day + ['task' => 'dig', 'people' => '1', 'hours' => '1', 'amount' => '30'], 'amount'],
            [EntryKind::WeatherTold, $day + ['least' => 'cold', 'greatest' => '4'], 'least'], [EntryKind::WeatherTold, $day + ['least' => '2', 'greatest' => '9', 'rain_from' => '30'], 'rain_from'],
            [EntryKind::WeatherTold, $day + ['least' => '9', 'greatest' => '2'], 'least'], [EntryKind::WeatherTold, $day + ['least' => '2', 'greatest' => '9', 'gust' => 'strong'], 'gust'],
        ] as [$kind, $fields, $field]) {
            $this->send($job, $kind, $fields)->assertSessionHasErrors($field);
        }
    }

    /** @param  array<string, string>  $fields */
    private function send(Job $job, EntryKind $kind, array $fields): TestResponse
    {
        return $this->from("/jobs/{$job->id}/days")->post("/jobs/{$job->id}/entries/{$kind->value}", $fields + ['form' => 'x', 'client_id' => (string) Str::ulid()]);
    }
}
