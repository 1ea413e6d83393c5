<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Guide\Guide;
use Aequus\Guide\Scope;
use Aequus\Plan\Side;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Square\OutlineVerdict;
use App\Demo\BirdHide;
use App\Demo\DemoJob;
use App\Demo\DemoUser;
use App\Demo\LoadDemo;
use App\Demo\ParcelPost;
use App\Demo\ReadFrom;
use App\Demo\Shelter;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\FeatureTestCase;

final class DemoTest extends FeatureTestCase
{
    public static function seeds(): Generator
    {
        for ($seed = 1; $seed <= 20; $seed++) {
            yield "seed {$seed}" => [$seed * 7919];
        }
        yield 'the demo’s own seed' => [LoadDemo::SEED];
    }

    #[DataProvider('seeds')]
    public function test_whatever_the_noise_the_shelters_shallow_hole_and_contradicting_tapes_are_named(int $seed): void
    {
        $site = $this->site(Shelter::job($seed, '2026-05-01'));
        $short = array_keys(array_filter($site->footing->dug, fn ($hole) => ! $hole->serves()));
        $this->assertSame([$site->plan->grid->labelled(Shelter::SHALLOW)->id->value], $short);
        $this->assertSame(OutlineVerdict::Contradiction, $site->square->outline?->verdict());
        $this->assertStringStartsWith('Pull ', (string) Guide::next($site, Scope::job())?->do);
        $this->assertStringContainsString('Dig '.Shelter::SHALLOW.' deeper', (string) Guide::next($site, Scope::phase(Phase::Footing))?->do);
        // About a foot of fall across.
        $this->assertEqualsWithDelta(300, $site->level->range()?->inMillimetres(), 60);
    }

    #[DataProvider('seeds')]
    public function test_whatever_the_noise_the_hides_leaning_and_short_posts_are_named(int $seed): void
    {
        $site = $this->site(BirdHide::job($seed, '2026-05-01'));
        $leaning = array_filter($site->plan->grid->posts, fn ($post) => ! $site->standing($post)->isWithin());
        $this->assertSame([BirdHide::LEANING], array_values(array_map(fn ($post) => $post->label, $leaning)));
        $lean = $site->standing($site->plan->grid->labelled(BirdHide::LEANING))->lean;
        $this->assertSame(Side::MinusX, $lean->pullAt($site->plan->standing)[0]->toward);
        $this->assertSame([BirdHide::SHORT], array_map(fn ($mark) => $mark->post->label, $site->cut->short()));
    }

    public function test_the_parcel_post_waits_for_its_hole(): void
    {
        $this->assertSame('Dig hole A1', Guide::next($this->site(ParcelPost::job(LoadDemo::SEED, '2026-05-01')), Scope::job())?->do);
    }

    public function test_the_demo_is_loaded_like_entered_work_and_lists_three_jobs_with_their_next_moves(): void
    {
        app(LoadDemo::class)();
        $this->actingAs(DemoUser::find())->get('/')->assertOk()
            ->assertSeeInOrder(['Cider-press shelter', 'Pull ', 'Bird hide on the boardwalk', 'Pull the top of D2', 'Parcel post by the lane', 'Dig hole A1']);
    }

    private function site(DemoJob $job): SiteState
    {
        return SiteState::derive($job->plan, ReadFrom::payloads($job->entries), '2026-06-01');
    }
}
