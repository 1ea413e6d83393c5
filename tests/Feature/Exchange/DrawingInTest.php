<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Logbook\Clear\ServiceType;
use Aequus\Plan\Place\SiteKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use App\Actions\RevisePlan;
use App\Models\Job;
use App\Models\User;
use App\Site\ReadSite;
use Illuminate\Http\UploadedFile;
use Tests\Builds;
use Tests\FeatureTestCase;

/** A drawing of somebody else: seen layer by layer, taken over all or nothing, and taken back as one. */
final class DrawingInTest extends FeatureTestCase
{
    private User $user;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user = $this->person());
        $this->job = $this->job($this->user, Builds::plan());
    }

    public function test_a_drawing_is_shown_taken_over_and_taken_back_as_one(): void
    {
        $token = $this->read($this->drawing());
        $this->get($this->at("files/drawing/{$token}"))->assertOk()->assertSeeText(['PEGS: 2 places', 'BARN: 1 line', 'GAS: 1 line', 'Not read: 1 × SPLINE.']);
        $this->assertSame(1, $this->fresh()->revision->number, 'nothing is stored by looking');
        $keep = ['token' => $token, 'based_on' => '1', 'layer_0' => 'posts', 'layer_1' => 'house', 'layer_2' => 'gas', 'unit' => '1000', 'frame' => 'plan', 'no_dig' => '600'];
        // A line in the ground without a band would keep no hole away.
        $this->post($this->at('files/drawing/keep'), array_replace($keep, ['no_dig' => '']))->assertSessionHasErrors('no_dig');
        $this->assertSame([1, 0], [$this->fresh()->revision->number, count($this->state()->log->entries)]);
        $this->post($this->at('files/drawing/keep'), $keep)->assertSessionHas('said', 'Came in: 2 posts, 1 thing on the site, 1 line in the ground.');
        $plan = $this->fresh()->revision->plan();
        $this->assertCount(count(Builds::plan()->grid->posts) + 2, $plan->grid->posts);
        $this->assertContains([9000.0, 1500.0], array_map(fn (Post $post) => [$post->at->x->inMillimetres(), $post->at->y->inMillimetres()], $plan->grid->posts));
        $this->assertSame([SiteKind::House, 'BARN', 3], [$plan->site[0]->kind, $plan->site[0]->name, count($plan->site[0]->points)]);
        $line = $this->state()->log->latest(ServiceLine::class) ?? $this->fail();
        $this->assertSame([ServiceType::Gas, 'gas to the house', 600.0, -1000.0], [$line->type, $line->name, $line->noDig->inMillimetres(), $line->points[0]->x->inMillimetres()]);
        $this->assertNotSame([], $this->state()->clear->conflicts, 'its band is kept');
        $this->get($this->at('files'))->assertSeeText('Take back what the last drawing brought');
        $this->post($this->at('files/drawing/out'))->assertSessionHas('said');
        $this->assertEquals(Builds::plan()->grid, $this->fresh()->revision->plan()->grid);
        $this->assertSame([], $this->fresh()->revision->plan()->site);
        $this->assertNull($this->state()->log->latest(ServiceLine::class));
        $this->get($this->at('files'))->assertDontSeeText('Take back what the last drawing brought');
    }

    /** Of two drawings only the newest goes; where the plan was changed since, that is said, and the plan is left. */
    public function test_only_the_newest_drawing_is_taken_back_and_a_plan_that_moved_on_is_left(): void
    {
        $take = function (string $bytes, array $roles): void {
            $this->post($this->at('files/drawing/keep'), ['token' => $this->read($bytes), 'based_on' => (string) $this->fresh()->revision->number, 'unit' => '1000', 'frame' => 'plan', 'no_dig' => '600'] + $roles)->assertSessionHasNoErrors();
        };
        $lines = fn (): array => array_map(fn (ServiceLine $line) => $line->name, array_values($this->state()->log->now(ServiceLine::class)));
        $main = DrawnTest::dxf(6, ['LINE', 8, 'MAIN', 10, '-1', 20, '8', 11, '6', 21, '8']);
        $take($this->drawing(), ['layer_0' => 'posts', 'layer_1' => 'house', 'layer_2' => 'gas']);
        $take($main, ['layer_0' => 'water']);
        $this->assertSame(['gas to the house', 'MAIN'], $lines());
        $this->post($this->at('files/drawing/out'));
        $this->assertSame([['gas to the house'], 2], [$lines(), $this->fresh()->revision->number], 'lines alone leave the plan');
        $this->post($this->at('files/drawing/out'));
        $this->assertSame([[], []], [$lines(), $this->fresh()->revision->plan()->site]);
        // Lines first, then a drawing of posts alone: the posts go, the lines stay.
        $take($main, ['layer_0' => 'water']);
        $take($this->drawing(), ['layer_0' => 'posts', 'layer_1' => '', 'layer_2' => '']);
        $this->post($this->at('files/drawing/out'));
        $this->assertSame([['MAIN'], count(Builds::plan()->grid->posts)], [$lines(), count($this->fresh()->revision->plan()->grid->posts)]);
        $this->post($this->at('files/drawing/out'));
        $take($this->drawing(), ['layer_0' => 'posts', 'layer_1' => 'house', 'layer_2' => 'gas']);
        $revision = $this->fresh()->revision;
        app(RevisePlan::class)($this->fresh(), $this->user, $revision->plan(), 'changed since', $revision->number);
        $this->post($this->at('files/drawing/out'))->assertSessionHas('said', 'Its lines in the ground are struck. The plan was changed since it came in: take back its posts and things on the plan itself.');
        $this->assertSame([[], 1], [$lines(), count($this->fresh()->revision->plan()->site)]);
    }

    public function test_what_is_not_of_the_kind_chosen_is_told(): void
    {
        $token = $this->read($this->drawing());
        $this->post($this->at('files/drawing/keep'), ['token' => $token, 'based_on' => '1', 'layer_0' => 'house', 'layer_1' => 'posts', 'layer_2' => '', 'unit' => '1000', 'frame' => 'plan'])
            ->assertSessionHas('said', 'Came in: 0 posts, 0 things on the site, 0 lines in the ground. Left out of PEGS: 2 things of another kind. Left out of BARN: 1 thing of another kind.');
        $this->assertSame(1, $this->fresh()->revision->number);
    }

    /** A plan that was changed meanwhile: nothing of the drawing is stored. */
    public function test_all_or_nothing_and_a_drawing_that_waited_too_long_is_asked_for_again(): void
    {
        $token = $this->read($this->drawing());
        $keep = ['token' => $token, 'based_on' => '7', 'layer_0' => 'posts', 'layer_1' => '', 'layer_2' => 'gas', 'unit' => '1000', 'frame' => 'plan', 'no_dig' => '600'];
        $this->post($this->at('files/drawing/keep'), $keep);
        $this->assertSame([1, 0], [$this->fresh()->revision->number, count($this->state()->log->entries)]);
        $this->post($this->at('files/drawing/keep'), array_replace($keep, ['token' => str_repeat('0', 32)]))->assertSessionHasErrors('drawing');
        $this->get($this->at('files/drawing/'.str_repeat('0', 32)))->assertRedirect($this->at('files'))->assertSessionHas('said');
        foreach (['not a drawing', "x\0y"] as $bytes) {
            $this->post($this->at('files/drawing'), ['drawing' => UploadedFile::fake()->createWithContent('plan.dxf', $bytes)])->assertSessionHasErrors('drawing');
        }
        $this->post($this->at('files/drawing'), [])->assertSessionHasErrors('drawing');
    }

    public function test_our_own_drawing_comes_in_where_it_went_out(): void
    {
        // Where a post stands already none is taken over.
        $bytes = (string) $this->get($this->at('files/plan.dxf'))->assertOk()->getContent();
        $bare = $this->job($this->user, Builds::plan([6000], [9000], ['A1']));
        $this->post("/jobs/{$bare->id}/files/drawing", ['drawing' => UploadedFile::fake()->createWithContent('plan.dxf', $bytes)])->assertSessionHasNoErrors();
        $token = hash('xxh128', $bytes);
        $this->post($this->at('files/drawing'), ['drawing' => UploadedFile::fake()->createWithContent('plan.dxf', $bytes)]);
        $this->post($this->at('files/drawing/keep'), ['token' => $token, 'based_on' => '1', 'layer_0' => 'posts', 'unit' => '1', 'frame' => 'plan'])->assertSessionHasErrors('layer_0');
        $this->assertSame(1, $this->fresh()->revision->number);
        $page = $this->get("/jobs/{$bare->id}/files/drawing/{$token}")->assertOk()->assertSeeText('POSTS: 6 places');
        $this->assertStringContainsString('value="1" selected', (string) preg_replace('/\s+/', ' ', (string) $page->getContent()));
        $this->post("/jobs/{$bare->id}/files/drawing/keep", ['token' => $token, 'based_on' => '1', 'layer_0' => 'posts', 'unit' => '1', 'frame' => 'plan'])->assertSessionHasNoErrors();
        $at = fn (Plan $plan): array => array_map(fn (Post $post) => [$post->at->x->inMillimetres(), $post->at->y->inMillimetres()], $plan->grid->posts);
        $came = array_slice($at(($bare->fresh() ?? $bare)->revision->plan()), -6);
        $this->assertEqualsCanonicalizing($at(Builds::plan()), $came);
    }

    /** @return string DXF in metres: two pegs, a barn of three corners, a gas line through the grid, and a curve that is not read */
    private function drawing(): string
    {
        return DrawnTest::dxf(6, ['POINT', 8, 'PEGS', 10, '9', 20, '1.5'], ['CIRCLE', 8, 'PEGS', 10, '9', 20, '3', 40, '0.1'], ['LWPOLYLINE', 8, 'BARN', 70, '1', 10, '0', 20, '12', 10, '4', 20, '12', 10, '4', 20, '15'],
            ['LINE', 8, 'GAS', 10, '-1', 20, '0', 11, '6', 21, '0'], ['TEXT', 8, 'GAS', 10, '-1', 20, '0', 1, 'gas to the house'], ['SPLINE', 8, 'GAS', 10, '0', 20, '0']);
    }

    private function read(string $bytes): string
    {
        $this->post($this->at('files/drawing'), ['drawing' => UploadedFile::fake()->createWithContent('plan.dxf', $bytes)])->assertSessionHasNoErrors()->assertRedirect($this->at('files/drawing/'.hash('xxh128', $bytes)));

        return hash('xxh128', $bytes);
    }

    private function at(string $path): string
    {
        return "/jobs/{$this->job->id}/{$path}";
    }

    private function fresh(): Job
    {
        return $this->job->fresh() ?? $this->job;
    }

    private function state(): SiteState
    {
        return app(ReadSite::class)->site($this->fresh())->state;
    }
}
