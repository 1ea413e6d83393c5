<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Logbook\Clear\ServiceType;
use Aequus\Logbook\Diary\Awaited;
use Aequus\Logbook\Diary\AwaitedState;
use App\Http\Controllers\PracticeController;
use App\Models\Job;
use App\World\Fault;
use App\World\Inspector;
use App\World\MarkingDesk;
use App\World\MarksAnswer;
use App\World\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use Tests\DaysTestCase;

/** Offices that are made up: another desk and another inspector in their place, which answer as the test wants. */
final class PracticeTest extends DaysTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->post('/jobs/1/days/practice', ['of' => 'desk'])->assertNotFound();
        Route::middleware(['web', 'auth'])->post('/jobs/{job}/days/practice', PracticeController::class);
    }

    public function test_the_desk_is_asked_is_late_and_finds_a_line(): void
    {
        $this->desk(new MarksAnswer('2026-05-11', 'M-7', ServiceType::Gas, 0.5));
        $job = $this->job($this->user, $this->plan());
        $this->ask($job, 'desk')->assertSessionHas('said', 'The desk has number M-7. Marks take 3 working days: ask again then.');
        $this->assertSame(['2026-05-04', 3, 'M-7'], [$this->notice($job)->askedOn, $this->notice($job)->workingDays, $this->notice($job)->reference]);
        $this->ask($job, 'desk')->assertSessionHas('said', 'No marks yet: ask again on Fri 8 May.');
        CarbonImmutable::setTestNow('2026-05-08 07:00');
        $this->ask($job, 'desk')->assertSessionHas('said', 'No marks yet, and they are late: ask again on Mon 11 May.');
        $this->assertNull($this->state($job)->log->latest(ServiceLine::class));
        CarbonImmutable::setTestNow('2026-05-11 07:00');
        foreach ([1, 2] as $ignored) {
            $this->ask($job, 'desk')->assertSessionHas('said', 'Marks are there: a line is written down, with its band.');
        }
        $lines = array_values($this->state($job)->log->now(ServiceLine::class));
        $this->assertCount(1, $lines, 'asked twice it is one entry');
        $this->assertEqualsWithDelta([1500.0, 1500.0, 450.0], [$lines[0]->points[0]->y->inMillimetres(), $lines[0]->points[1]->y->inMillimetres(), $lines[0]->noDig->inMillimetres()], 1e-6);
        $this->get("/jobs/{$job->id}/logbook")->assertSeeText('marking desk (made up)');
    }

    public function test_a_desk_that_finds_nothing_says_so(): void
    {
        $this->desk(new MarksAnswer('2026-05-08', 'M-8', null));
        $job = $this->job($this->user, $this->plan());
        $this->ask($job, 'desk');
        CarbonImmutable::setTestNow('2026-05-08 07:00');
        $this->ask($job, 'desk')->assertSessionHas('said', 'Marks are there, number M-8: nothing was found.');
        $this->assertNull($this->state($job)->log->latest(ServiceLine::class));
    }

    public function test_the_inspector_comes_finds_something_and_comes_again(): void
    {
        $this->app->instance(Inspector::class, new class implements Inspector
        {
            public function isMadeUp(): bool
            {
                return true;
            }

            public function book(string $askedOn, string $what, string $where, int $time): Visit
            {
                return new Visit($time === 0 ? '2026-05-05' : '2026-05-07', 660, $time === 0 ? Fault::WaterInTheHole : null);
            }
        });
        $job = $this->level($this->plan());
        $last = fn (): ?Awaited => $this->state($job)->log->latest(Awaited::class);
        $this->ask($job, 'before_the_fill')->assertSessionHas('said', 'The inspector comes on Tue 5 May, by 11:00.');
        $this->ask($job, 'before_the_fill')->assertSessionHas('said', 'The inspector comes on Tue 5 May, by 11:00.');
        $this->assertSame([AwaitedState::Booked, 660], [$last()?->state, $last()?->time]);
        $this->assertCount(1, $this->state($job)->log->now(Awaited::class));
        $this->assertStringContainsString("UID:job-{$job->id}-wait-before_the_fill@aequus", (string) $this->get("/jobs/{$job->id}/days.ics")->getContent());
        CarbonImmutable::setTestNow('2026-05-05 12:00');
        $this->ask($job, 'before_the_fill')->assertSessionHas('said', 'It has not passed: water in a hole.');
        $this->assertSame([AwaitedState::Failed, 'water in a hole'], [$last()?->state, $last()?->says]);
        $this->page($job)->assertSeeText('“water in a hole”');
        $this->ask($job, 'before_the_fill')->assertSessionHas('said', 'The inspector comes on Thu 7 May, by 11:00.');
        CarbonImmutable::setTestNow('2026-05-07 12:00');
        $this->ask($job, 'before_the_fill')->assertSessionHas('said', 'It has passed.');
        $this->assertSame(AwaitedState::Came, $last()?->state);
        // One inspection does not stand for the other.
        $this->ask($job, 'after_the_fill')->assertSessionHas('said', 'The inspector comes on Tue 5 May, by 11:00.');
    }

    private function desk(MarksAnswer $answer): void
    {
        $this->app->instance(MarkingDesk::class, new class($answer) implements MarkingDesk
        {
            public function __construct(private MarksAnswer $answer)
            {
            }

            public function isMadeUp(): bool
            {
                return true;
            }

            public function answer(string $askedOn, string $runsOut, string $where): MarksAnswer
            {
                return $this->answer;
            }
        });
    }

    private function ask(Job $job, string $of): TestResponse
    {
        return $this->post("/jobs/{$job->id}/days/practice", ['of' => $of])->assertRedirect();
    }

    private function notice(Job $job): NoticeAsked
    {
        return $this->state($job)->log->latest(NoticeAsked::class) ?? $this->fail();
    }
}
