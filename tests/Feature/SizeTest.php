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
    private const PAGES = [
        'plan', 'clear', 'square', 'square/prove', 'square/hand', 'square/cast', 'square/sheet', 'level', 'level/instruments',
        'footing', 'footing/compare', 'footing/frost', 'footing/loads', 'footing/hold', 'footing/piers', 'footing/dig', 'footing/materials',
        'set', 'set/A1', 'cut', 'handover', 'logbook',
    ];

    private const MOST_QUERIES = 15;

    public function test_no_page_of_the_demo_asks_the_database_more_than_fifteen_times(): void
    {
        app(LoadDemo::class)();
        $this->actingAs(DemoUser::find());
        $this->assertFewQueries('/');
        foreach (Job::query()->pluck('id') as $id) {
            foreach (self::PAGES as $page) {
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

    public function test_a_first_visit_with_fonts_styles_and_scripts_stays_below_two_hundred_kilobytes(): void
    {
        $fonts = array_sum(array_map(filesize(...), glob(public_path('build/assets/*.woff2')) ?: []));
        $all = array_sum(array_map(filesize(...), glob(public_path('build/assets/*')) ?: []));
        $this->assertGreaterThan(20_000, $fonts);
        // The largest page of the demo's kind comes on top, see above.
        $this->assertLessThan(170_000, $all);
    }

    private function assertFewQueries(string $uri): string
    {
        $body = '';
        $queries = $this->countQueries(function () use ($uri, &$body): void {
            $body = (string) $this->get($uri)->assertOk()->getContent();
        });
        $this->assertLessThanOrEqual(self::MOST_QUERIES, $queries, $uri);

        return $body;
    }
}
