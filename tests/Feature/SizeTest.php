<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\DemoUser;
use App\Demo\LoadDemo;
use App\Models\Job;
use Tests\FeatureTestCase;
use Tests\LargeJob;

final class SizeTest extends FeatureTestCase
{
    protected bool $asABrowserTakesIt = false;

    private const PAGES = [
        'plan', 'clear', 'square', 'square/prove', 'square/hand', 'square/cast', 'square/sheet', 'level', 'level/instruments',
        'footing', 'footing/compare', 'footing/frost', 'footing/loads', 'footing/hold', 'footing/width', 'footing/piers', 'footing/dig',
        'set', 'set/A1', 'set/tops', 'set/stop', 'set/start', 'cut', 'cut/rods', 'cut/set-out', 'cut/frame', 'cut/members', 'days', 'days/what-if', 'practice', 'files', 'files/world', 'cut/boards', 'cut/fixings', 'footing/bill', 'footing/bill/choices', 'footing/bill/lists', 'handover', 'logbook',
    ];

    private const MOST_QUERIES = 15;

    public function test_no_page_of_the_demo_asks_the_database_more_than_fifteen_times(): void
    {
        app(LoadDemo::class)();
        $this->actingAs(DemoUser::find());
        $this->assertFewQueries('/');
        foreach (Job::query()->where('id', '<=', 4)->pluck('id') as $id) {
            foreach (['thing', ...self::PAGES] as $page) {
                $this->assertFewQueries("/jobs/{$id}/{$page}");
            }
        }
    }

    public function test_nor_at_a_hundred_posts_and_a_thousand_entries_and_a_page_stays_small_on_the_wire(): void
    {
        $user = $this->person();
        $job = $this->job($user, $plan = LargeJob::plan());
        $this->write($job, $user, ...LargeJob::entries($plan));
        $this->assertSame(1_000, $job->entries()->count());
        $this->actingAs($user);
        foreach (self::PAGES as $page) {
            $body = $this->assertFewQueries("/jobs/{$job->id}/{$page}");
            $this->assertLessThan(30_000, strlen((string) gzencode($body)), $page);
        }
    }

    public function test_nor_when_every_post_has_twenty_entries_and_the_logbook_pages(): void
    {
        $user = $this->person();
        $job = $this->job($user, $plan = LargeJob::plan());
        $this->write($job, $user, ...LargeJob::entries($plan), ...LargeJob::furtherEntries($plan));
        $this->assertGreaterThanOrEqual(2_000, $job->entries()->count());
        $this->actingAs($user);
        foreach (['set', 'set/A1', 'set/J10', 'set/tops', 'logbook', 'handover'] as $page) {
            $this->assertLessThan(30_000, strlen((string) gzencode($this->assertFewQueries("/jobs/{$job->id}/{$page}"))), $page);
        }
        $this->get("/jobs/{$job->id}/logbook")->assertSee('Older entries');
    }

    public function test_a_list_where_one_line_is_expected_is_turned_away(): void
    {
        $user = $this->person();
        $job = $this->job($user);
        $this->actingAs($user);
        foreach ([
            'logbook?kind[]=x&post[]=y', 'quick?line[]=a', 'cut/rods?height=9&posts[]=A1', 'footing/hold?soil[]=x', 'square?pull[]=x',
            'footing/dig?hole[]=A1', 'set/A1?walk[]=x', 'level?again[]=3', 'footing?sideways[]=4',
        ] as $asked) {
            $this->get("/jobs/{$job->id}/{$asked}")->assertStatus(400);
        }
        $this->post("/jobs/{$job->id}/quick", ['line' => ['b2 hole 1'], 'client_id' => 'x'])->assertStatus(400);
    }

    public function test_a_first_visit_with_fonts_styles_and_scripts_stays_below_two_hundred_kilobytes(): void
    {
        $fonts = array_sum(array_map(filesize(...), glob(public_path('build/assets/*.woff2')) ?: []));
        // As the front door sends them: styles and scripts compressed, fonts as they are.
        $packed = array_sum(array_map(fn (string $file) => strlen((string) gzencode((string) file_get_contents($file))), glob(public_path('build/assets/*.{css,js}'), GLOB_BRACE) ?: []));
        $this->assertGreaterThan(20_000, $fonts);
        $this->assertGreaterThan(10_000, $packed);
        // The largest page of the demo's kind comes on top, see above.
        $this->assertLessThan(100_000, $fonts + $packed);
    }

    private function assertFewQueries(string $uri): string
    {
        $body = '';
        $queries = $this->countQueries(function () use ($uri, &$body): void {
            $body = (string) $this->followingRedirects()->get($uri)->assertOk()->getContent();
        });
        $this->assertLessThanOrEqual(self::MOST_QUERIES, $queries, $uri);

        return $body;
    }
}
