<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Days\DayWarmth;
use Aequus\Days\Forecast;
use Aequus\Days\Hands;
use Aequus\Days\LearnedRate;
use Aequus\Days\Planned;
use Aequus\Days\Task;
use Aequus\Diary\Chance;
use Aequus\Diary\JobDays;
use Aequus\Diary\JobToDo;
use Aequus\Diary\ToDo;
use Aequus\Fact\Fact;
use Aequus\Guide\Cut\BuildFrame;
use Aequus\Guide\Handover\HandOver;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Set\TakeBracesOff;
use Aequus\Logbook\Book\HandedOver;
use Aequus\Logbook\Book\Strike;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Logbook\Clear\ServiceType;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Frame\MembersUp;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Plan;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;
use Aequus\Site\SiteState;
use App\Models\Job;
use App\World\SimulatedWeather;
use DateTimeZone;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Tests\Builds;
use Tests\DaysTestCase;

/** A job as days: six posts in concrete, holes of 800, seen at seven in the morning of a Monday in May under mild skies. */
final class DaysTest extends DaysTestCase
{
    /** 4.8 m of hole at half a metre are 9.6 hours for one, 5 for two and rounded up; six posts set by two are three hours. */
    public function test_what_is_left_follows_the_log_and_each_waits_for_what_comes_before(): void
    {
        $job = $this->level($this->plan());
        $toDo = $this->toDo($job);
        $this->assertSame(
            ['stake' => 6, 'dig' => 6, 'set' => 6, 'fill' => 6, 'cut' => 6, 'strip' => 6, 'frame' => 18], array_combine(array_map(fn (ToDo $one) => $one->task->value, $toDo->all), array_map(fn (ToDo $one) => $one->pieces, $toDo->all)),
        );
        $this->assertEqualsWithDelta([4.8, 24.0], [$this->of($toDo, Task::Dig)->amount, $toDo->cure], 1e-9);
        $days = $this->days($job);
        $clock = fn (Task $task): array => array_map(fn (Planned $one) => [$days->forecast->clock($one->parts[0][0]), $days->forecast->clock($one->ends())], $days->planned[$task->value]);
        // Six stakes at five an hour each for two: 36 minutes, three quarters of an hour.
        $this->assertSame([['2026-05-04T07:30', '2026-05-04T08:15']], $clock(Task::Stake));
        $this->assertSame([['2026-05-04T08:15', '2026-05-04T13:15']], $clock(Task::Dig));
        $this->assertSame([['2026-05-04T13:15', '2026-05-04T16:15']], $clock(Task::SetPosts));
        // 43.5 bags of two at five an hour are four and a half hours in two pieces of half a day: not after four, so on Tuesday.
        $fill = $clock(Task::Fill);
        $this->assertSame(['2026-05-05T07:30', 2], [$fill[0][0], count($fill)]);
        // 24 hours at 20 °C are 32 at an average of 15: not before Wednesday evening, so on Thursday.
        $this->assertSame('2026-05-07T07:30', $clock(Task::CutTops)[0][0]);
        $this->assertNull($days->beyond);
        $this->page($job)->assertDontSeeText('Utility marks');
        // Dug, set and filled, what is left is what comes after; braces come off when the clock of the last says so.
        $plan = $job->revision->plan();
        $this->write($job, $this->user, ...array_map(fn ($post) => new HoleDug($post->id, Length::millimetres(800)), $plan->grid->posts));
        $this->assertNotContains(Task::Dig, array_map(fn (ToDo $one) => $one->task, $this->toDo($job)->all));
        $this->write($job, $this->user, ...array_map(fn ($post) => new PostSet($post->id), $plan->grid->posts), ...array_map(fn ($post) => new PostFilled($post->id, FillStep::Done, 7, 20.0), $plan->grid->posts));
        $left = $this->toDo($job);
        $this->assertSame([Task::CutTops, Task::TakeBracesOff, Task::BuildFrame], array_map(fn (ToDo $one) => $one->task, $left->all));
        $this->assertSame('2026-05-05T07:00', $this->of($left, Task::CutTops)->notBefore);
        $this->get("/jobs/{$job->id}/days")->assertSeeText('Braces off')->assertDontSee('<b>Set and plumb</b>', false);
    }

    public function test_marks_that_are_waited_for_hold_the_digging(): void
    {
        $job = $this->level($this->plan());
        $this->write($job, $this->user, new NoticeAsked('2026-05-04', 3, ''));
        $this->assertSame('2026-05-08', $this->of($this->toDo($job), Task::Dig)->notBefore);
        $days = $this->days($job);
        $this->assertSame('2026-05-08T07:30', $days->forecast->clock($days->planned[Task::Dig->value][0]->parts[0][0]));
        $this->get("/jobs/{$job->id}/days")->assertSeeText('Utility marks: digging from Fri 8 May.');
    }

    /** On piers the pour and its wait come before the posts, and no braces come off. */
    public function test_piers_are_poured_and_hard_before_posts_stand_on_them(): void
    {
        $plan = $this->plan();
        $onPiers = $plan->withHolding(new Holding(Hold::Pier, new HoldingSite(Soil::Clay), PierRules::usual(Notation::millimetres(0)), Length::millimetres(300)));
        $days = $this->days($this->level($onPiers));
        $tasks = array_keys($days->planned);
        $this->assertSame(['stake', 'dig', 'fill', 'set', 'cut', 'frame'], $tasks);
        // Nothing holds a pier up: no braces are missed when it is handed over.
        $poured = $this->level($onPiers);
        $this->write($poured, $this->user, ...array_map(fn ($post) => new PostFilled($post->id, FillStep::Done, 7, 20.0), $onPiers->grid->posts));
        $why = array_merge([], ...array_map(fn (Move $move) => $move->why, [...HandOver::moves($this->state($poured))]));
        $this->assertEquals([
            Fact::of(HandOver::PostsLack, count: 6), Fact::of(HandOver::LayoutNotProved, count: 13), Fact::of(HandOver::MembersNotUp, count: 18),
        ], $why);
        [$from, $to] = $days->wait ?? $this->fail();
        $this->assertSame($days->planned['set'][0]->parts[0][0], $to);
        $this->assertGreaterThanOrEqual(24 * 60, $to - $from);
        $this->assertSame(['stake', 'dig', 'set', 'fill', 'cut', 'strip', 'frame'], array_keys($this->days($this->level($plan))->planned));
        $this->assertNull($this->days($this->level($plan->withHolding(new Holding(Hold::Gravel, new HoldingSite(Soil::Clay), PierRules::usual(Notation::millimetres(0)), Length::millimetres(300)))))->wait, 'gravel does not set');
    }

    /** Nobody asked: as if today, three working days from Monday are over on Thursday, and a holiday counts as none; Guide and days say the same. */
    public function test_nobody_digs_where_no_marks_were_asked_for(): void
    {
        $job = $this->job($this->user, $this->plan());
        $this->page($job)->assertSeeText('Utility marks are not asked for')->assertSeeText('digging begins on Fri 8 May');
        $this->assertSame('2026-05-08T07:30', $this->days($job)->forecast->clock($this->days($job)->planned[Task::Dig->value][0]->parts[0][0]));
        $this->post("/jobs/{$job->id}/days", ['form' => 'hands', 'based_on' => 1, 'people' => '2', 'from' => '7:30', 'to' => '17:00', 'rest_6' => '1', 'rest_7' => '1', 'holidays' => '2026-05-06'])->assertSessionHasNoErrors();
        // The week after, as Friday is the third of the days that count.
        $this->page($job)->assertSeeText('digging begins on Sat 9 May');
        $this->assertSame('2026-05-11T07:30', $this->days($job)->forecast->clock($this->days($job)->planned[Task::Dig->value][0]->parts[0][0]));
        $this->write($job, $this->user, new NoticeAsked('2026-05-04', 3, ''));
        $this->assertSame('2026-05-09', $this->state($job)->clear->notice?->runsOut);
    }

    public function test_cold_that_holds_the_pour_is_told_and_nothing_after_it_is_promised(): void
    {
        $job = $this->level($this->plan());
        $this->skies(-4.0, 4.0);
        $page = $this->page($job)->assertSeeText('Fill: not within the 21 days whose weather is told.')->assertSeeText('It is below 5 °C when it would be poured')->assertSeeText('frost in the day after');
        $page->assertDontSeeText('Done on');
        $this->assertSame(Task::Fill, $this->days($job)->beyond);
        $this->assertArrayNotHasKey(Task::CutTops->value, $this->days($job)->planned);
        $this->skies(12.0, 22.0);
        $this->page($job)->assertSeeText('Done on')->assertDontSeeText('It is below 5 °C')->assertSeeText('24 hours at 20 °C')->assertSeeText('The forecast is made up');
    }

    public function test_people_and_hours_are_kept_and_change_the_days(): void
    {
        $job = $this->level($this->plan());
        $two = $this->days($job)->finished;
        $keep = fn (array $fields): TestResponse => $this->from("/jobs/{$job->id}/days")->post("/jobs/{$job->id}/days", $fields + ['form' => 'hands', 'based_on' => $job->fresh()?->revision->number, 'people' => '1', 'from' => '8:00', 'to' => '16.30', 'rest_7' => '1']);
        $keep(['holidays' => '2026-05-05; 2026-05-06', 'latitude' => '47,2', 'longitude' => '-8'])->assertSessionHasNoErrors();
        $hands = $job->fresh()?->revision->plan()->hands ?? $this->fail();
        $this->assertSame([1, 480, 990, [7], ['2026-05-05', '2026-05-06'], 47.2, -8.0], [$hands->people, $hands->from, $hands->to, $hands->calendar->restDays, $hands->calendar->holidays, $hands->place?->latitude, $hands->place?->longitude]);
        $this->assertGreaterThan($two, $this->days($job)->finished);
        // Twice as fast at digging, the rest as usual.
        $keep(['rate_dig' => '1,0', 'rate_fill' => ''])->assertSessionHasNoErrors();
        $this->assertSame(['dig' => 1.0], $job->fresh()?->revision->plan()->hands?->rates);
        $this->assertSame((int) ceil(4 * 4.8), $this->days($job)->planned[Task::Dig->value][0]->work->quarters);
        $this->page($job)->assertSeeText('1 m of hole')->assertSee('Dig, usually 0.5 m of hole');
        $keep(['holidays' => '2026-05-05; 2026-05-06', 'latitude' => '47,2', 'longitude' => '-8', 'rate_dig' => '1'])->assertSessionHasNoErrors();
        $this->page($job)->assertSee('value="16:30"', false)->assertSeeText('Light ')->assertSee('value="2026-05-05; 2026-05-06"', false);
        $plan = $job->fresh()?->revision->plan() ?? $this->fail();
        $this->assertEquals($plan, PlanCodec::decode(json_decode((string) json_encode(PlanCodec::encode($plan)), true)));
        foreach ([
            'rate_dig' => ['rate_dig' => '0'], 'rate_cut' => ['rate_cut' => 'fast'], 'people' => ['people' => '0'], 'from' => ['from' => 'early'], 'to' => ['to' => '7:00'], 'holidays' => ['holidays' => '2026-02-30'], 'latitude' => ['latitude' => '91', 'longitude' => '8'],
            'longitude' => ['latitude' => '40', 'longitude' => ''], 'rest_1' => array_fill_keys(array_map(fn (int $day) => "rest_{$day}", range(1, 7)), '1'),
        ] as $field => $typed) {
            $keep($typed)->assertSessionHasErrors($field);
        }
        $this->assertSame(4, $job->revisions()->count());
    }

    public function test_days_go_into_a_calendar_and_holidays_come_out_of_one(): void
    {
        $job = $this->level($this->plan());
        $lines = fn (): array => explode("\r\n", (string) $this->get("/jobs/{$job->id}/days.ics")->assertOk()->getContent());
        $this->assertContains("UID:job-{$job->id}-dig-1@aequus", $lines());
        $this->assertContains('SUMMARY:Dig: '.$job->name, $lines());
        $sequence = fn (): int => (int) substr(array_values(array_filter($lines(), fn (string $line) => str_starts_with($line, 'SEQUENCE:')))[0], 9);
        $before = $sequence();
        $read = fn (string $bytes): TestResponse => $this->from("/jobs/{$job->id}/days")->post("/jobs/{$job->id}/days/holidays", ['form' => 'holidays', 'based_on' => $job->fresh()?->revision->number, 'calendar' => UploadedFile::fake()->createWithContent('holidays.ics', $bytes)]);
        $read("BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nDTSTART;VALUE=DATE:20260504\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n")->assertSessionHasNoErrors();
        $this->assertSame(['2026-05-04'], $job->fresh()?->revision->plan()->hands?->calendar->holidays);
        $this->assertGreaterThan($before, $sequence());
        $this->assertSame('2026-05-05T07:30', $this->days($job)->forecast->clock($this->days($job)->planned[Task::Stake->value][0]->parts[0][0]));
        $read('no calendar')->assertSessionHasErrors('calendar');
        $this->page($job)->assertSeeText('Choose a calendar’s file');
        $read("BEGIN:VCALENDAR\r\nEND:VCALENDAR\r\n")->assertSessionHasErrors('calendar');
        $this->assertSame(2, $job->revisions()->count());
    }

    /** A post that leans, filled or not, one that is short, a hole in a no-dig band: what may not be begun then is not planned, and the posts are named. */
    public function test_nothing_is_promised_past_what_is_not_settled(): void
    {
        $plan = $this->plan();
        $posts = $plan->grid->posts;
        $set = [...Builds::readings($plan), ...array_map(fn ($post) => new HoleDug($post->id, Length::millimetres(800)), $posts), ...array_map(fn ($post) => new PostSet($post->id), $posts)];
        $leans = PlumbReading::gap($posts[1]->id, Side::PlusX, Side::PlusX, Length::millimetres(12), Length::millimetres(1000), Stage::HoleOpen);
        $held = function (array $said) use ($plan): array {
            $job = $this->level($plan);
            $this->write($job, $this->user, ...$said);
            $toDo = $this->toDo($job);
            $this->page($job)->assertDontSeeText('Done on')->assertSeeText('not before it is settled what is wrong at '.$toDo->heldBy[0]->label)->assertDontSeeText('In how many years?');

            return [$toDo->held, array_map(fn ($post) => $post->label, $toDo->heldBy), array_map(fn (ToDo $one) => $one->task, $toDo->all)];
        };
        $this->assertSame([Task::Fill, ['B1'], []], $held([...$set, $leans]));
        $filled = array_map(fn ($post) => new PostFilled($post->id, FillStep::Done, 7, 20.0), $posts);
        $this->assertSame([Task::CutTops, ['B1'], []], $held([...$set, $leans, ...$filled]));
        $this->assertSame([Task::CutTops, ['C2'], []], $held([...$set, ...$filled, new TopMeasured($posts[5]->id, Length::millimetres(1300))]));
        $pipe = new ServiceLine(ServiceType::Gas, 'gas', Length::millimetres(450), [new Point(Length::millimetres(-500), Length::zero()), new Point(Length::millimetres(300), Length::zero())]);
        $this->assertSame([Task::Dig, ['A1'], [Task::Stake]], $held([$pipe]));
    }

    /** Whatever the weather: one more at hand never promises a later day, for where fewer are sooner fewer are taken. */
    public function test_one_more_never_promises_a_later_day(): void
    {
        $job = $this->level($this->plan());
        $toDo = $this->toDo($job);
        for ($seed = 1; $seed <= 25; $seed++) {
            $weather = (new SimulatedWeather($seed))->forecast('2026-04-06', 60, 'orchard');
            $before = PHP_INT_MAX;
            for ($people = 1; $people <= 5; $people++) {
                $days = JobDays::soonest($toDo, new Hands($people, 450, 1020), $weather, 420);
                $this->assertLessThanOrEqual($before, $days->finished ?? PHP_INT_MAX);
                $before = $days->finished ?? PHP_INT_MAX;
            }
        }
        // At a quarter past two eleven quarters are left: three fill 43.5 bags in twelve, on Tuesday; two begin today and end before them.
        $plan = $job->revision->plan();
        $this->write($job, $this->user, ...Builds::readings($plan), ...array_map(fn ($post) => new HoleDug($post->id, Length::millimetres(800)), $plan->grid->posts));
        $this->write($job, $this->user, ...array_map(fn ($post) => new PostSet($post->id), $plan->grid->posts));
        $warm = new Forecast('2026-05-04', array_fill(0, 20, new DayWarmth(20.0, 20.0)));
        $three = JobDays::soonest($this->toDo($job), new Hands(3, 450, 1020), $warm, 855);
        $this->assertSame(2, $three->hands->people);
        $this->assertLessThan((new JobDays($this->toDo($job), new Hands(3, 450, 1020), $warm, 855))->finished, $three->finished);
    }

    /** Of two hundred years every fifth is too cold: in four fifths it is done, in the rest not at all. */
    public function test_how_sure_it_is_is_told_by_many_years(): void
    {
        $job = $this->level($this->plan());
        $this->page($job)->assertSeeText('In how many years?')->assertDontSeeText('200 made-up years');
        $page = $this->get("/jobs/{$job->id}/days?chance=1")->assertOk()->assertSeeText('200 made-up years');
        $page->assertSeeText('half are done by')->assertSeeText('four of five done by')->assertSeeText('In 40 it is not done within 60 days.');
        $toDo = $this->toDo($job);
        $mild = new Forecast('2026-05-04', array_fill(0, 40, new DayWarmth(10.0, 20.0)));
        $cold = new Forecast('2026-05-04', array_fill(0, 40, new DayWarmth(-9.0, 2.0)));
        $chance = fn (int $colds): Chance => new Chance($toDo, new Hands(2, 450, 1020), [...array_fill(0, 10 - $colds, $mild), ...array_fill(0, $colds, $cold)], 420);
        $this->assertSame([false, false, 2], [$chance(2)->half === null, $chance(2)->fourFifths === null, $chance(2)->never]);
        $this->assertSame([false, true], [$chance(3)->half === null, $chance(3)->fourFifths === null]);
        $this->assertSame([false, true], [$chance(5)->half === null, $chance(6)->half === null]);
        // People are not always as fast as was said, and days are lost: half are done about when one plan says, four fifths later; what the log told is surer.
        $plain = (new JobDays($toDo, new Hands(2, 450, 1020), $mild, 420))->finished ?? $this->fail();
        $said = new Chance($toDo, new Hands(2, 450, 1020), array_fill(0, 200, $mild), 420);
        $learned = new Chance($toDo, new Hands(2, 450, 1020), array_fill(0, 200, $mild), 420, array_map(fn (Task $task) => new LearnedRate(1.0, array_fill(0, 3, [$task->usualRate(), 1.0])), array_combine(array_column(Task::cases(), 'value'), Task::cases())));
        $this->assertGreaterThan($plain, $said->fourFifths);
        $this->assertGreaterThan($learned->fourFifths, $said->fourFifths);
        $this->assertLessThan(4 * 1440, abs($said->half - $plain));
    }

    /** A hundred posts in concrete, in two hundred winters in which hardly anything can be poured: soon told all the same. */
    public function test_many_cold_years_are_told_soon(): void
    {
        $plan = Builds::plan(baysX: array_fill(0, 9, 2400), baysY: array_fill(0, 9, 2400))->withHolding($this->plan()->holding ?? $this->fail());
        $toDo = new JobToDo(SiteState::derive($plan, [], '2026-01-05'), new DateTimeZone('UTC'));
        $begun = hrtime(true);
        $years = array_map(fn (int $year) => (new SimulatedWeather(417))->year($year, '2026-01-05', 60, 'orchard'), range(1, 200));
        $chance = new Chance($toDo, new Hands(4, 450, 1020), $years, 420);
        // Where every line that runs is noted, it takes as long as that takes.
        $this->assertLessThan(ini_get('pcov.enabled') === '1' ? 80.0 : 8.0, (hrtime(true) - $begun) / 1e9);
        $this->assertSame([200, null], [$chance->years, $chance->half]);
    }

    public function test_a_job_that_is_handed_over_has_no_days_left(): void
    {
        $job = $this->level($this->plan());
        $posts = $job->revision->plan()->grid->posts;
        $each = fn (callable $entry) => $this->write($job, $this->user, ...array_map($entry, $posts));
        $each(fn ($post) => new HoleDug($post->id, Length::millimetres(800)));
        $each(fn ($post) => new PostSet($post->id));
        $each(fn ($post) => new PostFilled($post->id, FillStep::Done, 7, 20.0));
        $tasks = fn (): array => array_map(fn (ToDo $one) => $one->task, $this->toDo($job)->all);
        // Handed over too early, what the next move still asks for is still to do.
        $this->write($job, $this->user, new HandedOver('the owner', ''));
        $this->assertSame([Task::CutTops, Task::TakeBracesOff, Task::BuildFrame], $tasks());
        $this->write($job, $this->user, new Strike(count($this->state($job)->log->entries), 'too early'));
        $each(fn ($post) => new PostCut($post->id));
        $this->assertSame([Task::TakeBracesOff, Task::BuildFrame], $tasks());
        $this->page($job)->assertDontSeeText('No work is left');
        // The hand-over tells what the days still count.
        $why = fn (): array => array_merge([], ...array_map(fn (Move $move) => $move->why, [...HandOver::moves($this->state($job))]));
        $this->assertEquals([Fact::of(HandOver::BracesNotOff, count: 6), Fact::of(HandOver::MembersNotUp, count: 18)], array_slice($why(), -2));
        $this->write($job, $this->user, new PostFilled($posts[0]->id, FillStep::Stripped, 7, 20.0));
        $this->write($job, $this->user, new MembersUp('', LayerKind::Beam, 1, 2));
        $this->assertEquals([Fact::of(HandOver::BracesNotOff, count: 5), Fact::of(HandOver::MembersNotUp, count: 16)], array_slice($why(), -2));
        // Braces and members nobody wrote down no longer count; that there is no end any more is no change for the worse.
        $this->assertCount(5, [...TakeBracesOff::moves($this->state($job))]);
        $this->write($job, $this->user, ...array_map(fn ($post) => new PostFilled($post->id, FillStep::Stripped), array_slice($posts, 1, 4)));
        $this->assertSame(['C2'], array_map(fn (Move $move) => $move->posts[0]->label, [...TakeBracesOff::moves($this->state($job))]));
        $this->assertCount(1, [...BuildFrame::moves($this->state($job))]);
        $this->write($job, $this->user, new HandedOver('the owner', ''));
        $this->assertSame([], [...TakeBracesOff::moves($this->state($job)), ...BuildFrame::moves($this->state($job))]);
        $this->assertSame([], $tasks());
        $this->page($job)->assertSeeText('No work is left')->assertDontSeeText('This morning it had a day');
    }

    public function test_one_day_has_room_for_the_first_tasks_only(): void
    {
        $job = $this->job($this->user, Builds::plan());
        $this->page($job)->assertSeeText('Stake and prove the grid')->assertDontSeeText('No work is left');
        $days = new JobDays(new JobToDo($this->state($job), new DateTimeZone('UTC')), new Hands(2, 450, 1020), new Forecast('2026-05-04', [new DayWarmth(10.0, 20.0)]), 0);
        // Of one day only the first tasks are promised, and the first that has no room is named.
        $this->assertNotNull($days->beyond);
        $this->assertNull($days->finished);
    }
}
