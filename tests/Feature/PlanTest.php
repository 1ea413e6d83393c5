<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Footing\HoleDug;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\Section;
use App\Models\Job;
use Tests\FeatureTestCase;

final class PlanTest extends FeatureTestCase
{
    private const FIELDS = [
        'name' => 'Cider-press shelter', 'place' => 'Tarn Hollow', 'kind' => 'pergola', 'notation' => 'in16', 'tolerance' => 'building', 'squareness' => '',
        'side_minus_y' => 'lane', 'side_plus_y' => 'orchard', 'side_minus_x' => 'barn', 'side_plus_x' => 'stream',
        'post_shape' => 'nominal', 'post_nominal' => '6x6', 'post_b' => '', 'post_d' => '', 'hole' => '', 'standing' => "9'",
        'by_x' => 'bays', 'bays_x' => "8'; 2 x 9'; 8'", 'by_y' => 'bays', 'bays_y' => "7' 6; 8'; 7' 6", 'left_out' => 'C2, c3',
    ];

    public function test_a_plan_is_made_from_bays_with_posts_left_out(): void
    {
        $this->actingAs($this->person())->post('/jobs', self::FIELDS)->assertRedirect();
        $plan = Job::query()->firstOrFail()->revision->plan();
        $this->assertCount(18, $plan->grid->posts);
        $this->assertEquals(Length::feet(34), $plan->grid->columns->length());
        $this->assertEquals(Section::nominal(6, 6), $plan->post);
        $this->assertEquals(Length::inches(0.25), $plan->tolerances->squareness);
    }

    public function test_an_overall_size_is_read_by_where_the_tape_is_held(): void
    {
        $fields = ['by_x' => 'overall', 'overall_x' => '5000', 'held_x' => 'outside', 'count_x' => '2', 'by_y' => 'overall', 'overall_y' => '3 m', 'held_y' => 'inside', 'largest_y' => '1700',
            'notation' => 'mm', 'post_shape' => 'measured', 'post_b' => '100', 'post_d' => '120', 'standing' => '2400', 'left_out' => ''] + self::FIELDS;
        $this->actingAs($this->person())->post('/jobs', $fields)->assertRedirect();
        $plan = Job::query()->firstOrFail()->revision->plan();
        $this->assertEquals([Length::millimetres(2450), Length::millimetres(2450)], $plan->grid->columns->spacing()->gaps());
        $this->assertEquals([Length::millimetres(1560), Length::millimetres(1560)], $plan->grid->rows->spacing()->gaps());
    }

    public function test_bays_that_take_the_rest_of_an_overall_size(): void
    {
        $user = $this->person();
        $fields = ['bays_x' => '1800; 2 x rest; 1500', 'overall_x' => '8100', 'held_x' => 'outside', 'bays_y' => 'rest', 'overall_y' => '3000', 'held_y' => 'inside',
            'notation' => 'mm', 'post_shape' => 'measured', 'post_b' => '100', 'standing' => '2400', 'left_out' => ''] + self::FIELDS;
        $this->actingAs($user)->post('/jobs', $fields)->assertSessionHasNoErrors();
        $grid = Job::query()->firstOrFail()->revision->plan()->grid;
        $this->assertEquals(array_map(Length::millimetres(...), [1800, 2350, 2350, 1500]), $grid->columns->spacing()->gaps());
        $this->assertEquals([Length::millimetres(3100)], $grid->rows->spacing()->gaps());
        $this->get('/jobs/1/plan')->assertSee('Overall: outside')->assertSeeInOrder(['8100', '8000', '7900']);
        $this->post('/jobs', ['overall_x' => '3400'] + $fields)->assertSessionHasErrors('bays_x');
        $this->post('/jobs', ['overall_x' => ''] + $fields)->assertSessionHasErrors('overall_x');
        $this->assertSame(1, Job::query()->count());
    }

    public function test_a_grid_that_no_page_could_work_out_in_time_is_refused_before_it_is_one(): void
    {
        $metric = [
            'notation' => 'mm', 'post_shape' => 'measured', 'post_b' => '100', 'standing' => '2400', 'left_out' => '', 'form' => 'plan', 'bays_x' => '30 x 2400', 'bays_y' => '29 x 3000',
        ] + self::FIELDS;
        $this->actingAs($this->person())->from('/jobs/new/fields')->post('/jobs', $metric)->assertSessionHasErrors(['bays_x' => 'That is 930 posts. More than 900 in one job take too long to work out: split it into jobs that meet at a row.']);
        $this->post('/jobs', ['bays_x' => '29 x 2400'] + $metric)->assertSessionHasNoErrors();
    }

    public function test_an_unusual_figure_of_a_plan_is_asked_about_once(): void
    {
        $user = $this->person();
        $metric = [
            'notation' => 'mm', 'post_shape' => 'measured', 'post_b' => '100', 'standing' => '2400', 'left_out' => '',
            'bays_x' => '2400; 2400; 24000', 'bays_y' => '3000', 'form' => 'plan',
        ] + self::FIELDS;
        $this->actingAs($user)->from('/jobs/new/fields')->post('/jobs', $metric)->assertSessionHasErrors('bays_x');
        $this->get('/jobs/new/fields')->assertSee('The other bays are about')->assertSee('A digit too many?')->assertSee('Right as typed')->assertSee('value="2400; 2400; 24000"', false);
        foreach (['bays_y' => '9000', 'post_b' => '30', 'hole' => '1300', 'standing' => '24000', 'squareness' => '60'] as $field => $typed) {
            $this->from('/jobs/new/fields')->post('/jobs', [$field => $typed, 'bays_x' => '2400'] + $metric)->assertSessionHasErrors($field);
        }
        $this->assertSame(0, Job::query()->count());
        $this->post('/jobs', ['right' => '1', 'standing' => '24000'] + $metric)->assertSessionHasNoErrors();
        $revise = [
            'based_on' => 1, 'form' => 'plan', 'reason' => 'a wider hole', 'hole' => '400', 'change_x' => '4', 'change_y' => '2',
            'standing' => '24000',
        ] + $metric;
        $this->from('/jobs/1/plan')->post('/jobs/1/plan', $revise)->assertSessionHasNoErrors();
        $this->post('/jobs/1/plan', ['based_on' => 2, 'standing' => '25000'] + $revise)->assertSessionHasErrors(['standing']);
        $this->assertSame(2, Job::query()->firstOrFail()->revision->number, 'what stood in the plan was not asked about again');
    }

    public function test_a_metric_job_begins_with_metric_goods_and_so_does_the_next(): void
    {
        $this->actingAs($this->person())->get('/jobs/new/fields')->assertSee('Begin with <span class="len">2604 mm</span>', false)->assertSee('building: 1/4&quot;, 6 mm', false)->assertSee('value="6x6"', false);
        $metric = $this->get('/jobs/new/fields?in=mm')->assertSee('Usual: 90, 100, 125, 150')->assertSee('value="2 x 2400"', false)->assertSee('value="300"', false);
        $this->assertStringNotContainsString('2 x 8&#039;', (string) $metric->getContent());
        $this->post(
            '/jobs',
            [
                'notation' => 'mm', 'post_shape' => 'measured', 'post_b' => '100', 'bays_x' => '2400', 'bays_y' => '', 'standing' => '2400',
                'left_out' => '',
            ] + self::FIELDS,
        )->assertSessionHasNoErrors();
        $this->get('/jobs/new/fields')->assertSee('Begin with <span class="len">8′', false);
    }

    public function test_what_cannot_be_built_is_said_at_its_field_and_nothing_typed_is_lost(): void
    {
        $user = $this->person();
        $wrong = [
            'bays_x' => "8'; 9 ells", 'side_plus_y' => 'lane', 'left_out' => 'Q7', 'standing' => 'tall', 'post_nominal' => '7x7',
        ] + self::FIELDS;
        $answer = $this->actingAs($user)->from('/jobs/new/fields')->followingRedirects()->post('/jobs', $wrong);
        foreach (['“ells” is not a unit', 'Two sides share a name', '“tall” was not understood', 'not a nominal size'] as $sentence) {
            if ($sentence !== '“ells” is not a unit') {
                $answer->assertSee($sentence);
            }
        }
        $answer->assertSee('value="8&#039;; 9 ells"', false)->assertSee('value="tall"', false);
        $this->actingAs($user)->post('/jobs', ['left_out' => 'Q7'] + self::FIELDS)->assertSessionHasErrors(
            ['left_out' => 'There is no post Q7 in this grid. Use labels such as A1 or C3.'],
        );
        $this->actingAs($user)->post('/jobs', ['bays_x' => "8'; 9 ells"] + self::FIELDS)->assertSessionHasErrors(
            ['bays_x' => '“ells” is not a unit known here. Use \' and ", ft and in, mm, cm or m.'],
        );
        $this->assertSame(0, Job::query()->count());
    }

    public function test_a_revision_needs_a_reason_and_moves_labels_while_posts_keep_their_records(): void
    {
        $user = $this->person();
        $this->actingAs($user)->post('/jobs', self::FIELDS);
        $job = Job::query()->firstOrFail();
        $a1 = $job->revision->plan()->grid->labelled('A1');
        $this->write($job, $user, new HoleDug($a1->id, Length::feet(4)));

        $wider = ['bays_x' => "6'; 8'; 2 x 9'; 8'", 'change_x' => '0', 'left_out' => 'D2 D3', 'based_on' => '1', 'reason' => ''] + self::FIELDS;
        $this->post("/jobs/{$job->id}/plan", $wider)->assertSessionHasErrors('reason');
        $this->post("/jobs/{$job->id}/plan", ['reason' => 'Room for the cart'] + $wider)->assertSessionHasNoErrors();

        $plan = $job->fresh()->revision->plan();
        $this->assertSame('B1', $plan->grid->find($a1->id)?->label);
        $this->get("/jobs/{$job->id}/logbook")->assertSee('Hole B1 dug');
        $this->get("/jobs/{$job->id}/plan")->assertSee('Room for the cart')->assertSee('First plan');
    }

    public function test_saving_the_form_untouched_changes_nothing_but_the_number(): void
    {
        $user = $this->person();
        $this->actingAs($user)->post(
            '/jobs', ['by_x' => 'overall', 'overall_x' => "20' 0 5/16\"", 'held_x' => 'outside', 'count_x' => '3'] + self::FIELDS + [],
        );
        $job = Job::query()->firstOrFail();
        $before = $job->revision->plan();
        $page = (string) $this->get("/jobs/{$job->id}/plan")->getContent();
        $fields = ['based_on' => '1', 'reason' => 'none'];
        preg_match_all('/<input id="plan-[^"]*" name="([^"]+)"[^>]*? value="([^"]*)"/', $page, $inputs, PREG_SET_ORDER);
        foreach ($inputs as [, $name, $value]) {
            $fields[$name] ??= html_entity_decode($value, ENT_QUOTES);
        }
        preg_match_all('/<select id="plan-[^"]*" name="([^"]+)".*?<option value="([^"]*)" selected/s', $page, $selects, PREG_SET_ORDER);
        foreach ($selects as [, $name, $value]) {
            $fields[$name] ??= $value;
        }
        $this->post("/jobs/{$job->id}/plan", ['reason' => 'none'] + $fields)->assertSessionHasNoErrors();
        $after = $job->fresh()->revision;
        $this->assertSame(2, $after->number);
        $this->assertEquals($before, $after->plan());
    }

    public function test_two_windows_revising_the_same_plan_do_not_overwrite_each_other(): void
    {
        $user = $this->person();
        $this->actingAs($user)->post('/jobs', self::FIELDS);
        $job = Job::query()->firstOrFail();
        $this->post("/jobs/{$job->id}/plan", ['based_on' => '1', 'reason' => 'first window'] + self::FIELDS)->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->id}/plan", ['based_on' => '1', 'reason' => 'second window'] + self::FIELDS)->assertSessionHasErrors('refused');
        $this->assertSame(2, $job->revisions()->count());
    }

    public function test_the_live_drawing_follows_the_form_and_says_what_is_missing(): void
    {
        $this->actingAs($this->person());
        $this->post(
            '/plan/preview', self::FIELDS, ['HX-Request' => 'true'],
        )->assertOk()->assertSee('Marks along the base line')->assertSee('>D4<', false)->assertDontSee('<html', false);
        $this->post('/plan/preview', ['bays_x' => ''.'zz'] + self::FIELDS, ['HX-Request' => 'true'])->assertOk()->assertSee('Not yet a plan');
        $this->post('/plan/preview', self::FIELDS)->assertOk()->assertSee('<html', false);
        $metric = ['notation' => 'mm', 'post_shape' => 'measured', 'post_b' => '100', 'bays_x' => '2 x 2400', 'bays_y' => '3000', 'standing' => '2400', 'hole' => '300', 'left_out' => ''] + self::FIELDS;
        $this->post('/plan/preview', $metric)->assertOk()->assertSee('Overall: outside <span class="len">4900'."\u{202F}".'mm', false)->assertDontSee('′', false);
    }
}
