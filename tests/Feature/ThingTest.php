<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Set\SpacingAt;
use Aequus\Logbook\Set\SpacingRead;
use Aequus\Measure\Length;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Terms\Side;
use Aequus\Thing\Things;
use App\Models\Job;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\FeatureTestCase;

/** A job is begun with the thing that shall stand. */
final class ThingTest extends FeatureTestCase
{
    private const BOX = [
        'form' => 'thing', 'notation' => 'mm', 'name' => 'Box at the bend', 'height_least' => '1050', 'height_most' => '1150', 'setback_least' => '150',
        'setback_most' => '200', 'box_reach' => '410', 'above_top' => '-15', 'road_below' => '35', 'post_thick' => '90', 'bought_post' => '2400', 'least_depth' => '600',
    ];

    public function test_every_kind_is_offered_with_its_drawing_and_a_way_round_it(): void
    {
        $page = $this->actingAs($this->person())->get('/jobs/new')->assertOk()->assertSee('What shall stand?')->assertSee('Something else, or every field at once');
        $this->assertSame(count(Things::all()), substr_count((string) $page->getContent(), 'profile-thumb'));
        foreach (Things::all() as $thing) {
            $page->assertSee("/jobs/new/{$thing->kind()->value}?in=", false);
        }
        $this->get('/jobs/new/other')->assertNotFound();
        $this->get('/jobs/new/nothing')->assertNotFound();
    }

    #[DataProvider('kinds')]
    public function test_the_usual_answers_of_a_kind_make_a_job(JobKind $kind, string $in): void
    {
        $this->actingAs($this->person());
        $fields = $this->fields((string) $this->get("/jobs/new/{$kind->value}?in={$in}")->assertOk()->assertSee('What it comes to')->getContent());
        $this->post("/jobs/new/{$kind->value}/preview", $fields)->assertOk()->assertSee('class="come-to"', false);
        $this->followingRedirects()->post("/jobs/new/{$kind->value}", ['name' => 'Made as usual'] + $fields)->assertOk()
            ->assertSee('What it comes to')->assertSee('Change an answer')->assertSee('Next move');
        $this->assertSame($kind, Job::query()->firstOrFail()->revision->plan()->kind);
    }

    public function test_what_is_typed_is_what_it_comes_to(): void
    {
        $this->actingAs($this->person());
        $page = $this->followingRedirects()->post('/jobs/new/letter_box', self::BOX)->assertOk();
        // 175 + 410; 1100 over a road 35 lower, and the floor of the box 15 below the post's top.
        $page->assertSee('Centre of the post from the road’s edge')->assertSee('585')->assertSee('1080')->assertSee('1320');
        $this->assertSame('Box at the bend', Job::query()->firstOrFail()->name);
        $job = Job::query()->latest('id')->firstOrFail();
        $this->get("/jobs/{$job->id}/handover")->assertOk()->assertSeeInOrder(['Face off road', 'not measured', 'Height over road', 'not measured']);
        $this->get("/jobs/{$job->id}/handover/record.pdf")->assertOk();
    }

    public function test_a_wrong_answer_is_told_at_its_field_and_nothing_typed_is_lost(): void
    {
        $this->actingAs($this->person());
        foreach ([
            'height_most' => ['1000', 'The most is less than the least'], 'bought_post' => ['1500', 'That post is too short'], 'box_reach' => ['wide', 'wide'],
            'name' => ['', 'Give the job a name'],
        ] as $field => [$typed, $why]) {
            $this->from('/jobs/new/letter_box?in=mm')->post('/jobs/new/letter_box', [$field => $typed] + self::BOX)->assertSessionHasErrors($field);
            $page = $this->get('/jobs/new/letter_box?in=mm')->assertSee($why)->assertSee('value="-15"', false);
            $this->assertStringContainsString('value="'.$typed.'"', (string) $page->getContent(), 'what was wrong stands there to be mended');
        }
        $this->assertSame(0, Job::query()->count());
        foreach (['3050', '3050 : 790 : 2', '3050 : ; ', 'x : y', ''] as $typed) {
            $this->from('/jobs/new/court_hoop')->post('/jobs/new/court_hoop', ['reaches' => $typed, 'name' => 'Hoop', 'notation' => 'mm', 'target_height' => '3050', 'inside' => '375', 'hole_wide' => '600', 'hole_deep' => '1200', 'post_thick' => '100'])
                ->assertSessionHasErrors('reaches');
        }
        $this->from('/jobs/new/pole_building')->post('/jobs/new/pole_building', ['bays' => '2.5', 'notation' => 'mm', 'name' => 'x'])->assertSessionHasErrors('bays');
        $this->post('/jobs/new/letter_box/preview', ['height_most' => '1000'] + self::BOX)->assertOk()->assertSee('Not yet a plan')->assertSee('The most is less than the least');
    }

    /** A gate for a cart of 25 m: a digit too many is asked about, at the beginning and later, and goes through where it is meant. */
    public function test_what_rarely_is_is_asked_about_over_all_questions(): void
    {
        $this->actingAs($this->person());
        $gate = ['form' => 'thing', 'notation' => 'mm', 'name' => 'Gate', 'machine_wide' => '25000', 'machine_high' => '3200', 'margin' => '300', 'post_thick' => '200'];
        $this->from('/jobs/new/gateway')->post('/jobs/new/gateway', $gate)->assertSessionHasErrors('thing');
        $this->assertSame(0, Job::query()->count());
        $this->followRedirects($this->from('/jobs/new/gateway')->post('/jobs/new/gateway', $gate))->assertSee('Tick “right as typed”')->assertSee('name="right"', false)->assertSee('value="25000"', false);
        $this->post('/jobs/new/gateway', ['right' => '1'] + $gate)->assertSessionHasNoErrors();
        $job = Job::query()->firstOrFail();
        $this->post("/jobs/{$job->id}/thing", ['machine_wide' => '35000', 'based_on' => '1', 'reason' => 'wider'] + $gate)->assertSessionHasErrors('thing');
    }

    public function test_an_answer_changed_later_is_a_new_plan_on_the_same_posts(): void
    {
        $this->actingAs($this->person());
        $shelter = ['form' => 'thing', 'notation' => 'mm', 'name' => 'Cart shelter', 'machine_wide' => '2300', 'machine_high' => '2600', 'margin' => '300', 'bays' => '2', 'deep' => '6000', 'largest_bay' => '3000', 'post_thick' => '150'];
        $this->post('/jobs/new/pole_building', $shelter);
        $job = Job::query()->firstOrFail();
        $ids = array_map(fn ($post) => $post->id->value, $job->revision->plan()->grid->posts);
        $this->post("/jobs/{$job->id}/thing", ['machine_wide' => '2500', 'based_on' => '1'] + $shelter)->assertSessionHasErrors('reason');
        $this->post("/jobs/{$job->id}/thing", ['machine_wide' => '2500', 'based_on' => '1', 'reason' => 'A wider cart'] + $shelter)->assertSessionHasNoErrors();
        $plan = $job->fresh()?->revision->plan() ?? $this->fail();
        $this->assertSame($ids, array_map(fn ($post) => $post->id->value, $plan->grid->posts));
        $this->assertEqualsWithDelta(3250, $plan->grid->columns->spacing()->gaps()[0]->inMillimetres(), 1e-6);
        $this->assertTrue($plan->openings()[0]->opening->passes);
        $this->get("/jobs/{$job->id}/thing")->assertSee('3250')->assertSee('value="2500 mm"', false)->assertDontSee('changed field by field');
        $this->get("/jobs/{$job->id}/plan/2")->assertSee('A wider cart');
    }

    public function test_a_wall_of_the_answers_moves_with_them_and_a_wall_by_hand_stays(): void
    {
        $this->actingAs($this->person());
        $deck = ['form' => 'thing', 'notation' => 'mm', 'name' => 'Back deck', 'wide' => '4800', 'deep' => '3600', 'sill_high' => '600', 'step_down' => '30', 'stack' => '363', 'largest_bay' => '2400', 'post_thick' => '120', 'panel_gap' => '10'];
        $this->post('/jobs/new/deck', $deck);
        $job = Job::query()->firstOrFail();
        $this->post("/jobs/{$job->id}/plan/line", [
            'form' => 'line', 'line_name' => 'hedge', 'line_kind' => 'boundary', 'line_holds' => 'distance', 'line_side' => Side::MinusX->value, 'line_near' => '900', 'line_far' => '900', 'line_least' => '500',
            'reason' => 'There is a hedge', 'based_on' => '1',
        ])->assertSessionHasNoErrors();
        $this->assertCount(2, $job->fresh()?->revision->plan()->fixedLines() ?? []);
        $this->post("/jobs/{$job->id}/thing", ['deep' => '3000', 'reason' => 'Less deep', 'based_on' => '2'] + $deck)->assertSessionHasNoErrors();
        $plan = $job->fresh()?->revision->plan() ?? $this->fail();
        $this->assertSame([FixedLine::ANSWERED, 'hedge'], [$plan->fixedLines()[0]->id, $plan->fixedLines()[1]->name]);
        $wall = $plan->fixedLine(FixedLine::ANSWERED) ?? $this->fail();
        // 10 + 3000 − 60 in two steps.
        $this->assertEqualsWithDelta(1475, abs($wall->off($plan->grid->labelled('A2')->at)->inMillimetres()), 1e-6);
    }

    public function test_panels_are_told_as_the_posts_stand(): void
    {
        $this->actingAs($user = $this->person());
        $this->post('/jobs/new/pergola', ['form' => 'thing', 'notation' => 'mm', 'name' => 'Screen', 'placed' => 'free', 'bays' => '1', 'panel_wide' => '2400', 'panel_gap' => '10', 'deep' => '3000', 'high' => '2400', 'post_thick' => '120']);
        $job = Job::query()->latest('id')->firstOrFail();
        $this->get("/jobs/{$job->id}/thing")->assertSee('tape A1 to B1 at the ground, and read both for plumb');
        $grid = $job->revision->plan()->grid;
        $level = Length::millimetres(1000);
        foreach (['A1' => 0, 'B1' => 10] as $label => $in) {
            $post = $grid->labelled($label)->id;
            $this->write($job, $user, new PostSet($post), PlumbReading::gap($post, Side::PlusX, Side::MinusX, Length::millimetres($in), $level, Stage::HoleOpen), PlumbReading::gap($post, Side::MinusY, Side::MinusY, Length::zero(), $level, Stage::HoleOpen));
        }
        $this->write($job, $user, new SpacingRead($grid->labelled('A1')->id, $grid->labelled('B1')->id, SpacingAt::Ground, Length::millimetres(2540)));
        $this->get("/jobs/{$job->id}/thing")->assertSee('is too wide by')->assertSee('A1–B1')->assertSee('A2–B2');
    }

    public function test_a_plan_changed_by_hand_says_so_and_one_begun_by_fields_has_no_answers(): void
    {
        $this->actingAs($user = $this->person());
        $this->get("/jobs/{$this->job($user)->id}/thing")->assertRedirect();
        $this->post('/jobs/new/gateway', ['form' => 'thing', 'notation' => 'mm', 'name' => 'Gate', 'machine_wide' => '2500', 'machine_high' => '3200', 'margin' => '300', 'post_thick' => '200']);
        $job = Job::query()->latest('id')->firstOrFail();
        $this->get("/jobs/{$job->id}/plan")->assertSee("/jobs/{$job->id}/thing", false);
        $fields = $this->fields((string) $this->get("/jobs/{$job->id}/plan")->getContent());
        $this->post("/jobs/{$job->id}/plan", ['form' => 'plan', 'bays_x' => '3400', 'reason' => 'Wider after all', 'right' => '1', 'based_on' => '1'] + $fields)->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->id}/thing")->assertSee('changed field by field since');
    }

    public static function kinds(): Generator
    {
        foreach (Things::all() as $thing) {
            foreach (['mm', 'in'] as $in) {
                yield "{$thing->kind()->value} {$in}" => [$thing->kind(), $in];
            }
        }
    }

    /** @return array<string, string> what stands in the fields of a page */
    private function fields(string $html): array
    {
        $fields = [];
        preg_match_all('/<input [^>]*name="([a-z_]+)"[^>]*value="([^"]*)"/', $html, $inputs, PREG_SET_ORDER);
        foreach ($inputs as [, $name, $value]) {
            $fields[$name] ??= html_entity_decode($value, ENT_QUOTES);
        }
        preg_match_all('/<select [^>]*name="([a-z_]+)".*?<option value="([^"]*)"\s*selected/', $html, $chosen, PREG_SET_ORDER);
        foreach ($chosen as [, $name, $value]) {
            $fields[$name] ??= $value;
        }

        return $fields;
    }
}
