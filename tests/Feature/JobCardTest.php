<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Measure\Length;
use App\Job\JobCards;
use App\Models\Job;
use App\Models\User;
use App\Site\ReadSite;
use Illuminate\Support\Facades\DB;
use Tests\Builds;
use Tests\FeatureTestCase;

/** The list of jobs shows what was worked out before, and never what is not true any more. */
final class JobCardTest extends FeatureTestCase
{
    private User $person;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->job($this->person = $this->person(), Builds::plan([2400], [3000]));
        $this->actingAs($this->person);
    }

    public function test_a_list_that_was_shown_before_reads_no_entry_and_shows_the_same(): void
    {
        $first = $this->get('/')->assertOk()->getContent();
        DB::enableQueryLog();
        $this->assertSame(self::withoutTokens($first), self::withoutTokens($this->get('/')->getContent()));
        $this->assertSame([], array_filter(DB::getQueryLog(), fn (array $query) => str_contains($query['query'], 'payload')));
    }

    public function test_what_is_written_since_is_on_the_card(): void
    {
        $this->get('/')->assertSee('Ask for utility marks');
        $this->write($this->job, $this->person, new NoticeAsked('2026-01-02', 3, ''));
        $this->get('/')->assertDontSee('Ask for utility marks');
        $this->job->update(['name' => 'Another name']);
        $this->get('/')->assertSee('Another name');
    }

    public function test_when_what_waits_is_over_the_card_is_made_anew(): void
    {
        $post = $this->job->revision->plan()->grid->posts[0];
        $this->write(
            $this->job, $this->person, new HoleDug($post->id, Length::millimetres(900)), new PostSet($post->id), new PostFilled($post->id, FillStep::Done, null, 20.0),
        );
        $cards = app(JobCards::class);
        $kept = $cards->one($this->job);
        $this->assertTrue($kept->isStillTrue(now()->addHours(23)->getTimestamp()));
        $this->assertFalse($kept->isStillTrue(now()->addHours(25)->getTimestamp()));
        $this->assertTrue($cards->one($this->job->fresh())->isStillTrue(now()->getTimestamp()));
    }

    public function test_jobs_that_take_longer_than_a_second_come_afterwards_each_by_itself(): void
    {
        array_map(fn () => $this->job($this->person, Builds::plan([2400], [3000])), range(1, 3));
        $this->app->instance(JobCards::class, new JobCards(app(ReadSite::class), seconds: 0.0));
        $list = $this->get('/')->assertOk();
        $this->assertSame(4, substr_count((string) $list->getContent(), 'is being worked out'));
        $this->get("/jobs/{$this->job->id}/card")->assertOk()->assertSee('mini-way', false)->assertDontSee('is being worked out');
        $this->actingAs($this->person('Linnet'))->get("/jobs/{$this->job->id}/card")->assertForbidden();
    }

    private static function withoutTokens(string|false $page): string
    {
        return (string) preg_replace('/value="[A-Za-z0-9]{40}"/', '', (string) $page);
    }
}
