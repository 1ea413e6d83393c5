<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Guide\Guide;
use Aequus\Guide\Move\Scope;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Logbook\Clear\ServiceType;
use Aequus\Logbook\Diary\Awaited;
use Aequus\Logbook\Diary\AwaitedState;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\HeightDifference;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Square\StakeMoved;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use Aequus\Square\Readings\Wanted;
use App\Actions\CopyJob;
use App\Models\Job;
use App\World\Fault;
use App\World\Inspector;
use App\World\LevelAndRod;
use App\World\MarkingDesk;
use App\World\MarksAnswer;
use App\World\Tape;
use App\World\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\DaysTestCase;
use Tests\PdfText;

/** Offices and instruments that are made up: in one’s own job for practice only, marked everywhere, taken out as one. Others stand in their place as the test wants. */
final class PracticeTest extends DaysTestCase
{
    /** Files that leave a job. */
    private const LEAVE = ['/files/points.csv', '/files/plan.dxf', '/files/job.zip', '/footing/bill.csv', '/days.ics'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->withSession(['practice.1' => true, 'practice.2' => true]);
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

    public function test_in_ones_own_job_nobody_answers_before_practice_is_switched_on(): void
    {
        $job = $this->job($this->user, $this->plan());
        $this->withSession(['practice.1' => false]);
        $this->get("/jobs/{$job->id}/square")->assertOk()->assertDontSeeText('made-up instrument');
        $this->post("/jobs/{$job->id}/practice/ask", ['of' => 'desk'])->assertNotFound();
        $this->post("/jobs/{$job->id}/practice/read", ['client_id' => 'x'])->assertSessionHas('said', 'No instrument reads what is asked for now.');
        $this->assertSame([], $this->state($job)->log->entries);
        $this->write($job, $this->user, new NoticeAsked('2026-05-04', 3, ''));
        $this->get("/jobs/{$job->id}/square")->assertOk()->assertDontSeeText('made-up instrument');
        $this->post("/jobs/{$job->id}/practice/read", ['client_id' => 'x'])->assertSessionHas('said', 'No instrument reads what is asked for now.');
        $this->assertCount(1, $this->state($job)->log->entries);
        $this->get("/jobs/{$job->id}/practice")->assertOk()->assertSeeText('Switch practice on for this job')->assertDontSeeText('Ask the marking desk');
        $this->post("/jobs/{$job->id}/practice", ['on' => '1'])->assertRedirect("/jobs/{$job->id}/practice");
        $this->get("/jobs/{$job->id}/square")->assertSeeText('Let the made-up instrument read it');
        $other = $this->job($this->user, $this->plan());
        $this->withSession(["practice.{$other->id}" => false])->get("/jobs/{$other->id}/square")->assertDontSeeText('made-up instrument');
    }

    /** A whole layout, all heights and holes by made-up instruments: each is marked, every page and sheet says so, and all of it goes as one. */
    public function test_what_is_made_up_is_marked_everywhere_handed_over_nowhere_and_taken_out_as_one(): void
    {
        $job = $this->job($this->user, $this->plan());
        $this->write($job, $this->user, new NoticeAsked('2026-04-20', 3, ''), new BenchmarkChosen('sill', Length::zero()));
        $kinds = [];
        for ($i = 0; $i < 60; $i++) {
            $move = Guide::next($this->state($job), Scope::job());
            if ($move?->asks === EntryKind::StakeMoved) {
                $this->write($job, $this->user, ...array_map(fn (Post $post) => new StakeMoved($post->id), $move->posts));
            } elseif ($move?->asks === EntryKind::PostSet) {
                $this->write($job, $this->user, new PostSet($move->posts[0]->id));
            } elseif (in_array($move?->asks, [EntryKind::Tape, EntryKind::StringOffset, EntryKind::Rod, EntryKind::Hole, EntryKind::Plumb], true)) {
                $kinds[$move->asks->value] = true;
                $this->read($job);
            } else {
                break;
            }
        }
        $this->assertEqualsCanonicalizing(['tape', 'rod', 'hole', 'plumb'], array_keys($kinds));
        $state = $this->state($job);
        $this->assertTrue($state->square->holds(), 'the made-up site is as squarable as any');
        $made = count($state->log->madeUp());
        $this->assertGreaterThan(25, $made);
        $says = "Practice: {$made} entries of this job are made up.";
        foreach (['', '/square', '/level', '/footing', '/set', '/set/A1', '/cut', '/days', '/footing/bill', '/practice', '/handover', '/logbook', '/files'] as $page) {
            $seen = $this->followingRedirects()->get("/jobs/{$job->id}{$page}")->assertSeeText($says);
            // On paper the note of the screen is left out: the head of every printed page has it.
            preg_match('~<div class="printed">.*?</div>~s', (string) $seen->getContent(), $printed);
            $this->assertStringContainsString($says, $printed[0] ?? '', $page);
        }
        foreach (['/handover/record.pdf', '/files/tags.pdf?address=http://aequus.test'] as $sheet) {
            $text = PdfText::of((string) $this->get("/jobs/{$job->id}{$sheet}")->assertOk()->getContent());
            $this->assertStringContainsString($says, preg_replace('/\s+/u', ' ', $text) ?? '', $sheet);
        }
        // A file leaves under a name that says so, and a drawing says it in words.
        $named = fn (string $file): string => (string) $this->get("/jobs/{$job->id}{$file}")->assertOk()->headers->get('Content-Disposition');
        foreach (self::LEAVE as $file) {
            $this->assertStringContainsString('-practice.', $named($file), $file);
        }
        $this->assertStringContainsString("\r\n{$says}", (string) $this->get("/jobs/{$job->id}/files/plan.dxf")->getContent());
        $this->post("/jobs/{$job->id}/entries/handed_over", $this->form(['to' => 'the owner', 'remark' => '']))->assertSessionHasErrors('to');
        // The file carries the mark, and so does the job that comes of it.
        $file = (string) $this->get("/jobs/{$job->id}/files/job.zip")->assertOk()->getContent();
        $this->post('/jobs/from-file', ['job' => UploadedFile::fake()->createWithContent('job.zip', $file)])->assertSessionHasNoErrors();
        $this->assertCount($made, $this->state(Job::query()->latest('id')->firstOrFail())->log->madeUp());
        $copy = app(CopyJob::class)->withLog($job->fresh() ?? $job, $this->user, 'Copy');
        $this->assertCount($made, $this->state($copy)->log->madeUp(), 'a copy carries it too');
        $own = $this->state($job)->log->now(PostSet::class);
        $this->withSession(["practice.{$job->id}" => false]);
        $this->get("/jobs/{$job->id}/square")->assertSeeText($says);
        $this->post("/jobs/{$job->id}/practice/out")->assertSessionHas('said', "{$made} made-up entries were taken out.");
        $after = $this->state($job);
        $this->assertSame([], $after->log->madeUp());
        $this->assertEquals($own, $after->log->now(PostSet::class), 'what was really done stays');
        $this->assertSame([], $after->log->now(TapeReading::class));
        $this->assertFalse($after->square->holds());
        $this->get("/jobs/{$job->id}/square")->assertDontSeeText('Practice:');
        foreach (self::LEAVE as $file) {
            $this->assertStringNotContainsString('practice', $named($file), $file);
        }
        $this->assertStringNotContainsString('999', substr((string) $this->get("/jobs/{$job->id}/files/plan.dxf")->getContent(), 0, 200));
        $this->post("/jobs/{$job->id}/practice/out")->assertSessionHas('said', '0 made-up entries were taken out.');
    }

    public function test_after_it_was_taken_out_the_same_answer_is_written_down_anew(): void
    {
        $this->desk(new MarksAnswer('2026-05-08', 'M-8', null));
        $job = $this->job($this->user, $this->plan());
        $this->ask($job, 'desk');
        $this->ask($job, 'desk');
        $this->assertCount(1, $this->state($job)->log->madeUp());
        $this->post("/jobs/{$job->id}/practice/out");
        $this->assertNull($this->state($job)->log->latest(NoticeAsked::class));
        $this->ask($job, 'desk');
        $this->assertSame('M-8', $this->notice($job)->reference);
    }

    /** Another tape at the same door: pages take its reading, practice or not, and what a true instrument reads is not marked. */
    public function test_a_true_instrument_takes_the_place_of_a_stand_in_and_no_room_knows_the_difference(): void
    {
        $this->app->instance(Tape::class, new class implements Tape
        {
            public function isMadeUp(): bool
            {
                return false;
            }

            public function reads(SiteState $site, Wanted $wanted): Length
            {
                return $wanted->planned();
            }

            public function depth(SiteState $site, Post $post): ?Length
            {
                return null;
            }

            public function above(SiteState $site, Post $post): ?Length
            {
                return null;
            }
        });
        $job = $this->job($this->user, $this->plan());
        $this->withSession(["practice.{$job->id}" => false]);
        $this->write($job, $this->user, new NoticeAsked('2026-04-20', 3, ''));
        $this->get("/jobs/{$job->id}/square")->assertSeeText('Let the instrument read it');
        $move = Guide::next($this->state($job), Scope::job());
        $this->read($job);
        $entry = array_values($this->state($job)->log->entries)[1];
        $this->assertInstanceOf(TapeReading::class, $entry->payload);
        $this->assertEquals([$move?->number, false, ''], [$entry->payload->distance, $entry->isMadeUp, $entry->readBy]);
    }

    /** A water level, a line level on a string, a board and a rod see one ground: readings of all four agree. */
    public function test_every_level_sees_the_same_ground(): void
    {
        $job = $this->job($this->user, $this->plan());
        $send = fn (string $with, string $over = '', string $from = 'Benchmark', string $to = 'B2') => $this->post("/jobs/{$job->id}/practice/level", $this->form(['instrument' => $with, 'over' => $over, 'from' => $from, 'to' => $to]));
        $this->withSession(["practice.{$job->id}" => false]);
        $send('water')->assertNotFound();
        $this->get("/jobs/{$job->id}/level")->assertDontSee('practice/level');
        $this->withSession(["practice.{$job->id}" => true]);
        $send('water')->assertSessionHas('said', 'No instrument reads what is asked for now.');
        $this->write($job, $this->user, new NoticeAsked('2026-04-20', 3, ''), new BenchmarkChosen('sill', Length::zero()));
        $this->get("/jobs/{$job->id}/level")->assertSee('practice/level');
        $send('board')->assertSessionHasErrors('over');
        $send('water', to: 'Z9')->assertSessionHas('said', 'No instrument reads what is asked for now.');
        foreach ([['water', ''], ['board', '2400'], ['line_level', '4000'], ['phone', '2400']] as [$with, $over]) {
            $send($with, $over)->assertSessionHas('recorded');
        }
        $send('water', '', 'A1', 'B2')->assertSessionHas('recorded');
        $ground = fn (): float => $this->state($job)->level->ground[$job->revision->plan()->grid->labelled('B2')]?->inMillimetres() ?? $this->fail();
        $levelled = $ground();
        $this->assertCount(5, $this->state($job)->log->madeUp());
        $readings = array_values($this->state($job)->log->now(HeightDifference::class));
        foreach (array_slice($readings, 0, 4) as $reading) {
            $this->assertEqualsWithDelta($levelled, $reading->read->inMillimetres(), 12.0, $reading->instrument->value);
        }
        $this->assertEqualsWithDelta($levelled, -app(LevelAndRod::class)->rod($this->state($job), $job->revision->plan()->grid->labelled('B2'), '')->inMillimetres() + 1500.0, 8.0);
    }

    private function read(Job $job): void
    {
        $this->post("/jobs/{$job->id}/practice/read", ['client_id' => (string) Str::ulid()])->assertRedirect()->assertSessionHas('recorded');
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
        return $this->post("/jobs/{$job->id}/practice/ask", ['of' => $of])->assertRedirect();
    }

    private function notice(Job $job): NoticeAsked
    {
        return $this->state($job)->log->latest(NoticeAsked::class) ?? $this->fail();
    }
}
