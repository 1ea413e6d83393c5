<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Days\Task;
use Aequus\Diary\Call;
use Aequus\Diary\CallFor;
use Aequus\Diary\Calls;
use Aequus\Logbook\Diary\Awaited;
use Aequus\Logbook\Diary\AwaitedState;
use Aequus\Logbook\Diary\AwaitedThing;
use Aequus\Logbook\Diary\WeatherTold;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use App\Models\Job;
use Carbon\CarbonImmutable;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\DaysTestCase;

/** Whom to call when work falls on another day than was promised; and the evening and the morning of a day by the same clock. Monday 2026-05-04, seven o’clock. */
final class CallsTest extends DaysTestCase
{
    /** By the days all is dug on Monday and set by Tuesday morning. */
    #[TestWith([AwaitedThing::BeforeTheFill, '2026-05-04', CallFor::Later])]
    #[TestWith([AwaitedThing::BeforeTheFill, '2026-05-12', CallFor::Sooner])]
    #[TestWith([AwaitedThing::AfterTheFill, '2026-05-05', CallFor::Later])]
    #[TestWith([AwaitedThing::Concrete, '2026-05-04', CallFor::Later])]
    #[TestWith([AwaitedThing::Posts, '2026-05-04', null])]
    #[TestWith([AwaitedThing::Timber, '2026-05-04', null])]
    #[TestWith([AwaitedThing::Timber, '2026-05-20', CallFor::Sooner])]
    public function test_who_comes_too_soon_or_much_too_late_is_called(AwaitedThing $thing, string $day, ?CallFor $for): void
    {
        $job = $this->level($this->plan());
        $this->write($job, $this->user, new Awaited($thing, AwaitedState::Booked, $day));
        $this->assertSame($for, $this->calls($job)[0]->for ?? null);
    }

    public function test_what_is_asked_for_is_the_hour_at_which_all_before_it_is_done(): void
    {
        $job = $this->level($this->plan());
        $set = $this->days($job)->planned[Task::SetPosts->value];
        $ready = $set[count($set) - 1]->ends();
        $this->write($job, $this->user, new Awaited(AwaitedThing::BeforeTheFill, AwaitedState::Booked, '2026-05-04', 900));
        $this->assertSame($ready, $this->calls($job)[0]->from);
        $this->page($job)->assertSeeText('Inspection before the fill, promised for Mon 4 May: too soon. It is wanted from');
        $on = CarbonImmutable::parse($this->days($job)->forecast->clock($ready));
        $this->write($job, $this->user, new Awaited(AwaitedThing::BeforeTheFill, AwaitedState::Booked, $on->format('Y-m-d'), 60 * $on->hour + $on->minute));
        $this->assertSame([], $this->calls($job), 'just in time');
        $this->write($job, $this->user, new Awaited(AwaitedThing::BeforeTheFill, AwaitedState::Booked, $on->format('Y-m-d')));
        $this->assertSame(CallFor::Later, $this->calls($job)[0]->for, 'by noon may be at eight');
    }

    public function test_a_day_that_fell_through_wants_another(): void
    {
        $job = $this->level($this->plan());
        foreach ([AwaitedState::Asked, AwaitedState::Failed] as $state) {
            $this->write($job, $this->user, new Awaited(AwaitedThing::BeforeTheFill, $state, '2026-05-04'));
            $this->assertSame(CallFor::ADay, $this->calls($job)[0]->for);
            $this->assertNotNull($this->calls($job)[0]->from, 'what comes before the fill is still planned');
        }
        $this->write($job, $this->user, new Awaited(AwaitedThing::Permit, AwaitedState::Asked, '2026-05-04'));
        $calls = $this->calls($job);
        $this->assertSame([AwaitedThing::Permit, AwaitedThing::BeforeTheFill], array_map(fn (Call $call) => $call->of->thing, $calls));
        $this->assertNull($calls[1]->from, 'nobody knows when holes are dug');
        $this->page($job)->assertSeeText('no day holds, and what comes before it has none yet');
        $this->write($job, $this->user, new Awaited(AwaitedThing::BeforeTheFill, AwaitedState::Booked, '2026-05-11'));
        $this->assertSame(CallFor::Off, $this->calls($job)[1]->for, 'promised, and nothing before it has a day');
    }

    public function test_a_lorry_is_put_off_when_the_weather_holds_the_pour(): void
    {
        $job = $this->level($this->plan());
        $posts = $job->revision->plan()->grid->posts;
        $this->write($job, $this->user, ...array_map(fn ($post) => new HoleDug($post->id, Length::millimetres(800)), $posts), ...array_map(fn ($post) => new PostSet($post->id), $posts));
        $this->write($job, $this->user, new Awaited(AwaitedThing::Concrete, AwaitedState::Booked, '2026-05-05', 540));
        $this->assertSame([], $this->calls($job));
        $this->write($job, $this->user, new WeatherTold('2026-05-05', -2.0, 4.0), new WeatherTold('2026-05-06', -2.0, 8.0));
        $call = $this->calls($job)[0];
        $this->assertSame(CallFor::Later, $call->for);
        $this->assertSame($this->days($job)->planned[Task::Fill->value][0]->parts[0][0], $call->from);
    }

    public function test_what_is_never_poured_in_the_days_that_are_known_is_looked_at_by_nobody(): void
    {
        $job = $this->level($this->plan());
        $this->write($job, $this->user, new Awaited(AwaitedThing::AfterTheFill, AwaitedState::Booked, '2026-05-18'));
        $this->assertSame(CallFor::Sooner, $this->calls($job)[0]->for);
        $this->skies(-4.0, 3.0);
        $this->assertSame(CallFor::Off, $this->calls($job)[0]->for);
        $this->page($job)->assertSeeText('what comes before it has no day');
    }

    public function test_an_auger_is_kept_longer_or_fetched_later(): void
    {
        $job = $this->level($this->plan());
        $hire = fn (string $from, string $until) => $this->write($job, $this->user, new Awaited(AwaitedThing::Hire, AwaitedState::Booked, $from, null, $until));
        $hire('2026-05-04', '2026-05-04');
        $this->assertSame([], $this->calls($job), 'the last hole is done that evening');
        CarbonImmutable::setTestNow('2026-05-04 15:00');
        $this->assertSame(CallFor::Longer, $this->calls($job)[0]->for, 'nothing was dug by three');
        $this->write($job, $this->user, new Awaited(AwaitedThing::Permit, AwaitedState::Booked, '2026-05-08', 480));
        $hire('2026-05-05', '2026-05-15');
        $calls = array_values(array_filter($this->calls($job), fn (Call $call) => $call->of->thing === AwaitedThing::Hire));
        $this->assertSame(CallFor::Later, $calls[0]->for, 'it would stand idle');
        $this->write($job, $this->user, new Awaited(AwaitedThing::Permit, AwaitedState::Failed, '2026-05-04'));
        $this->assertContains(CallFor::Off, array_map(fn (Call $call) => $call->for, $this->calls($job)), 'nobody digs');
    }

    /** On piers nothing is set before they are poured: while an inspection holds the pour, no post is promised either. */
    public function test_while_the_pour_of_piers_is_held_nothing_is_set_on_them(): void
    {
        $job = $this->level($this->plan()->withHolding(new Holding(Hold::Pier, new HoldingSite(Soil::SiltyOrClayeySand), PierRules::usual(Notation::millimetres(0)), Length::millimetres(300))));
        $this->assertSame(['dig', 'fill', 'set'], array_slice(array_keys($this->days($job)->planned), 1, 3));
        $this->write($job, $this->user, new Awaited(AwaitedThing::BeforeTheFill, AwaitedState::Failed, '2026-05-04'));
        $days = $this->days($job);
        $this->assertSame(Task::Fill, $days->toDo->held);
        $this->assertArrayNotHasKey('set', $days->planned);
        $dig = $days->planned['dig'];
        $this->assertSame($dig[count($dig) - 1]->ends(), $this->calls($job)[0]->from, 'wanted once holes are dug');
    }

    public function test_the_evening_says_by_when_and_the_morning_what_came(): void
    {
        $job = $this->level($this->plan());
        $posts = $job->revision->plan()->grid->posts;
        $this->write($job, $this->user, ...array_map(fn ($post) => new HoleDug($post->id, Length::millimetres(800)), $posts), ...[new PostSet($posts[0]->id), new PostSet($posts[1]->id), new PostFilled($posts[1]->id, FillStep::Done, 7, 12.0)]);
        CarbonImmutable::setTestNow('2026-05-04 15:00');
        $this->write($job, $this->user, new WeatherTold('2026-05-04', 6.0, 14.0, 4.0, 16, 19));
        $this->get("/jobs/{$job->id}/set/stop")->assertOk()->assertSeeText(['Rain from 16:00, in 60 min', 'The hours of the day end at 17:00, in 2 h 0 min', 'Dusk is not reckoned', 'begin by 15:'])->assertSeeText('about 10 min');
        CarbonImmutable::setTestNow('2026-05-04 15:50');
        $this->get("/jobs/{$job->id}/set/stop")->assertOk()->assertSeeText('more than there is');
        CarbonImmutable::setTestNow('2026-05-04 18:00');
        $this->write($job, $this->user, new WeatherTold('2026-05-04', 6.0, 14.0));
        // The station is made up: what nobody wrote down is not called calm.
        $this->get("/jobs/{$job->id}/set/stop")->assertOk()->assertSeeText('Nobody knows the weather until work begins again.')->assertDontSeeText('Nothing is foretold');
        $this->get("/jobs/{$job->id}/set/start")->assertOk()->assertSeeText('By the weather that came, nothing is to be looked at first.');
        $this->write($job, $this->user, new WeatherTold('2026-05-05', 6.0, 14.0));
        $this->get("/jobs/{$job->id}/set/stop")->assertOk()->assertSeeText('Nothing is foretold before work begins again, Tue 5 May 7:30.');
        CarbonImmutable::setTestNow('2026-05-05 07:00');
        $this->write($job, $this->user, new WeatherTold('2026-05-05', -3.0, 9.0, 5.0, 2, 5, 14.0));
        $start = $this->get("/jobs/{$job->id}/set/start")->assertOk();
        $start->assertSeeInOrder(['Before work goes on', 'it came to freezing', 'Read plumb again', 'Bail out the holes', 'Look for frozen ground'])->assertSeeText('4 May 7:00');
        $start->assertDontSeeText('Nobody wrote down')->assertSeeText('−3 °C');
        $this->write($job, $this->user, new WeatherTold('2026-05-05', 6.0, 14.0));
        $this->get("/jobs/{$job->id}/set/start")->assertOk()->assertSeeText('By the weather that came');
        CarbonImmutable::setTestNow('2026-05-06 07:00');
        $this->get("/jobs/{$job->id}/set/start")->assertOk()->assertSeeText('The weather since is made up here, so it proves nothing.')->assertDontSeeText('By the weather that came');
        CarbonImmutable::setTestNow('2026-06-20 07:00');
        $this->get("/jobs/{$job->id}/set/start")->assertOk()->assertSeeText('the weather since is not known. Look at each as if the worst had come.')->assertSeeText('22 days from 30 May to 20 Jun');
    }

    /** @return list<Call> */
    private function calls(Job $job): array
    {
        return (new Calls($this->days($job), $this->state($job)->today))->all;
    }
}
