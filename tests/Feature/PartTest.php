<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use App\Models\Job;
use App\Models\User;
use Tests\FeatureTestCase;

/** Stairs, a walkway or another row beside the first grid, on the plan and in the book. */
final class PartTest extends FeatureTestCase
{
    private const STAIRS = [
        'form' => 'part', 'part' => '', 'part_name' => 's', 'part_kind' => 'row', 'part_points' => '0 : 0; 1500 : 0', 'part_largest' => '', 'part_columns' => '',
        'part_rows' => '', 'part_x' => '900', 'part_y' => '-1400', 'part_turn' => '0',
    ];

    private User $user;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user = $this->person());
        $this->job = $this->job($this->user);
    }

    public function test_a_part_is_put_on_the_plan_changed_and_taken_away(): void
    {
        $this->send(self::STAIRS)->assertSessionHasNoErrors();
        $this->assertSame(['S1', 'S2'], $this->labels());
        $this->get("/jobs/{$this->job->id}/plan")->assertSee('a row with corners S1–S2')->assertSee('value="0 mm : 0 mm; 1500 mm : 0 mm"', false);
        $id = $this->job->fresh()?->revision->plan()->parts[0]->id ?? $this->fail();
        $this->send(['part' => $id, 'part_points' => '0 : 0; 1500 : 0; 1500 : -1200', 'based_on' => '2'] + self::STAIRS)->assertSessionHasNoErrors();
        $this->assertSame(['S1', 'S2', 'S3'], $this->labels());
        $this->send(['part_name' => 'T', 'part_kind' => 'grid', 'part_columns' => '2 x 800', 'part_rows' => '700', 'part_x' => '-3000', 'part_turn' => '30', 'based_on' => '3'] + self::STAIRS)
            ->assertSessionHasNoErrors();
        $this->assertSame(['S1', 'S2', 'S3', 'T1', 'T2', 'T3', 'T4', 'T5', 'T6'], $this->labels());
        foreach (['plan', 'square', 'square/prove', 'level', 'footing', 'set', 'set/T3', 'cut', 'handover', 'footing/loads', 'square/hand', 'footing?along=part-T', 'footing?along=row-1', 'handover/record.pdf', 'square/sheet', 'footing/dig', 'footing/compare'] as $page) {
            $this->get("/jobs/{$this->job->id}/{$page}")->assertOk();
        }
        $this->get("/jobs/{$this->job->id}/set/T3")->assertSee('turned 30° to the left');
        $this->get("/jobs/{$this->job->id}/set/S1")->assertDontSee('turned');
        $this->get("/jobs/{$this->job->id}/plan")->assertSee('value="800 mm; 800 mm"', false)->assertSee('a grid T1–T6');
        $this->send(['what' => 'drop', 'part' => $id, 'based_on' => '4'])->assertSessionHasNoErrors();
        $this->assertSame(['T1', 'T2', 'T3', 'T4', 'T5', 'T6'], $this->labels());
    }

    public function test_a_post_whose_hole_runs_into_another_is_asked_about_beside_its_points(): void
    {
        $near = ['part_kind' => 'spots', 'part_points' => '0 : 0', 'part_x' => '0', 'part_y' => '-250'] + self::STAIRS;
        $this->from("/jobs/{$this->job->id}/plan")->send($near)->assertSessionHasErrors('part_points');
        $this->followRedirects($this->from("/jobs/{$this->job->id}/plan")->send($near))->assertSee('A1, S1 stand')->assertSee('right as typed');
        $this->send(['right' => '1'] + $near)->assertSessionHasNoErrors();
        $this->assertSame(['S1'], $this->labels());
    }

    public function test_the_first_grid_changed_keeps_its_parts(): void
    {
        $this->send(self::STAIRS);
        $html = (string) $this->get("/jobs/{$this->job->id}/plan")->getContent();
        preg_match_all('/<input [^>]*id="plan-([a-z_]+)"[^>]*value="([^"]*)"/', $html, $inputs, PREG_SET_ORDER);
        $fields = array_column(array_map(fn (array $input) => [$input[1], html_entity_decode($input[2], ENT_QUOTES)], $inputs), 1, 0);
        preg_match_all('/<select id="plan-([a-z_]+)".*?<option value="([^"]*)"\s*selected/', $html, $chosen, PREG_SET_ORDER);
        $fields += array_column(array_map(fn (array $select) => [$select[1], $select[2]], $chosen), 1, 0);
        $this->post("/jobs/{$this->job->id}/plan", ['form' => 'plan', 'standing' => '2500', 'reason' => 'Higher', 'based_on' => '2', 'right' => '1'] + $fields)->assertSessionHasNoErrors();
        $this->assertSame(['S1', 'S2'], $this->labels());
        $this->assertEqualsWithDelta(2500, $this->job->fresh()?->revision->plan()->standing->inMillimetres(), 1e-6);
    }

    public function test_what_can_not_be_is_said_at_its_field_and_nothing_typed_is_lost(): void
    {
        foreach ([
            'part_name' => ['A', 'There is a post A1 already'], 'part_points' => ['0, 0; 1500', 'is no pair of figures'], 'part_x' => ['left', 'left'],
            'part_turn' => ['askew', 'an angle in degrees'],
        ] as $field => [$typed, $why]) {
            $this->from("/jobs/{$this->job->id}/plan")->send([$field => $typed] + self::STAIRS)->assertSessionHasErrors($field);
            $this->get("/jobs/{$this->job->id}/plan")->assertSee($why)->assertSee('value="'.$typed.'"', false);
        }
        $this->send(['part_points' => '0 : 0'] + self::STAIRS)->assertSessionHasErrors('part_points');
        $this->send(['part_x' => '20', 'part_y' => '10'] + self::STAIRS)->assertSessionHasErrors('part_name');
        $this->assertSame(1, $this->job->revisions()->count());
    }

    public function test_a_part_with_entries_is_asked_about_before_it_goes(): void
    {
        $this->send(self::STAIRS);
        $grid = $this->job->fresh()?->revision->plan()->grid ?? $this->fail();
        $this->write($this->job->fresh() ?? $this->job, $this->user, new TapeReading($grid->labelled('S1')->id, $grid->labelled('A1')->id, Length::millimetres(1660), TapeClass::Steel));
        $id = $this->job->fresh()?->revision->plan()->parts[0]->id ?? $this->fail();
        $this->send(['what' => 'drop', 'part' => $id, 'based_on' => '2'])->assertSessionHasErrors('change');
        $this->assertSame(['S1', 'S2'], $this->labels());
        $this->send(['what' => 'drop', 'part' => $id, 'based_on' => '2', 'sure' => '1'])->assertSessionHasNoErrors();
        $this->assertSame([], $this->labels());
    }

    public function test_nobody_else_puts_parts_on_a_plan(): void
    {
        $this->actingAs($this->person('Teal'))->post("/jobs/{$this->job->id}/plan/part", self::STAIRS)->assertForbidden();
    }

    /** @param  array<string, string>  $fields */
    private function send(array $fields): \Illuminate\Testing\TestResponse
    {
        return $this->post("/jobs/{$this->job->id}/plan/part", $fields + ['based_on' => '1']);
    }

    /** @return list<string> */
    private function labels(): array
    {
        return array_map(fn ($post) => $post->label, $this->job->fresh()?->revision->plan()->grid->added ?? []);
    }
}
