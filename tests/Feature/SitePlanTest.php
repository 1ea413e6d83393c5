<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Level\GroundPlane;
use Aequus\Level\GroundPoint;
use Aequus\Measure\Length;
use Aequus\Plan\Place\SiteKind;
use Aequus\Plan\Place\Surroundings;
use Aequus\Plan\Terms\Point;
use App\Drawing\SitePlan;
use App\Models\Job;
use App\Paper\Paper;
use Tests\FeatureTestCase;
use Tests\PdfText;

/** Boundaries, house and trees on the plan, and the sheet that a permit office wants. */
final class SitePlanTest extends FeatureTestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($user = $this->person());
        $this->job = $this->job($user);
    }

    public function test_what_stands_on_the_site_is_put_on_the_plan_and_printed_to_scale(): void
    {
        $this->stand('boundary', 'North line', '-4000 : 9000; 12000 : 9000', '1500');
        $this->stand('house', 'House', '-3000 : -6000; 5000 : -6000; 5000 : -2500; -3000 : -2500', '2000');
        $this->stand('tree', 'Walnut', '9000 : 2000', '0', '2500');
        $plan = $this->job->fresh()?->revision->plan() ?? $this->fail();
        $this->assertSame([SiteKind::Boundary, SiteKind::House, SiteKind::Tree], array_map(fn ($object) => $object->kind, $plan->site));
        $sheet = new SitePlan($plan, Paper::A4);
        // 16 m wide and 15 m deep into 174 by 205 mm: 1 to 100.
        $this->assertSame(100, $sheet->scale);
        foreach ($sheet->posts as $i => $post) {
            $this->assertEqualsWithDelta($plan->grid->posts[$i]->at->x->minus($plan->grid->posts[0]->at->x)->inMillimetres() / 100, ($post['x'] - $sheet->posts[0]['x']) * 25.4 / 96, 0.02);
            $this->assertGreaterThan(0, $post['y']);
            $this->assertLessThan(297 * 96 / 25.4, $post['y']);
        }
        $last = $plan->grid->posts[count($plan->grid->posts) - 1];
        $this->assertEqualsWithDelta(9000 - $last->at->y->inMillimetres() - $plan->post->d->inMillimetres() / 2, $sheet->distances[0]['length']->inMillimetres(), 0.1);
        // The line to the walnut ends at its crown, 2.5 m from its trunk; names of lines stand on them.
        $walnut = array_values(array_filter($sheet->objects, fn (array $one) => $one['name'] === 'Walnut'))[0];
        $this->assertEqualsWithDelta(25, hypot($sheet->distances[2]['x2'] - $walnut['x'], $sheet->distances[2]['y2'] - $walnut['y']) * 25.4 / 96, 0.01);
        $this->assertEqualsWithDelta($sheet->distances[0]['y2'], $sheet->objects[0]['y'], 8);
        $this->assertEqualsWithDelta($sheet->barIs->inMillimetres() / 100, $sheet->bar * 25.4 / 96, 0.01);
        $this->get("/jobs/{$this->job->id}/plan/site")->assertOk()->assertSee('1 to 100')->assertSee('North line')->assertSee('Walnut');
        foreach (['a4' => [595.28, 841.89], 'letter' => [612, 792]] as $paper => $size) {
            $pdf = $this->get("/jobs/{$this->job->id}/plan/site.pdf?paper={$paper}")->assertOk()->assertHeader('content-type', 'application/pdf');
            $this->assertEqualsWithDelta($size, PdfText::size((string) $pdf->getContent()), 1);
            // The boundary of 16 m is 160 mm long on paper: measured on the printed page, it is true to scale.
            $printed = array_filter(PdfText::lineLengths((string) $pdf->getContent()), fn (float $points) => abs($points * 25.4 / 72 - 160) < 0.2);
            $this->assertCount(1, $printed, $paper);
            $this->assertStringContainsString('North line', PdfText::of((string) $pdf->getContent()));
            $this->assertSame(1, preg_match_all('/\/Type \/Page\b/', (string) $pdf->getContent()), 'one sheet');
        }
    }

    public function test_no_word_on_the_sheet_covers_another(): void
    {
        $this->stand('boundary', 'Lot line', '-900 : -900; 7000 : -900', '0');
        $this->stand('tree', 'Walnut', '6800 : 400', '0', '700');
        $this->stand('wet', 'Cart pond', '-2500 : 0; -600 : 0; -600 : 1200; -2500 : 1200', '0');
        $this->stand('tree', 'Pear', '6800 : 1900', '0', '500');
        $labels = (new SitePlan($this->job->fresh()?->revision->plan() ?? $this->fail(), Paper::A4))->labels;
        $this->assertCount(4 + 4 + 4, $labels);
        foreach ($labels as $i => $one) {
            foreach (array_slice($labels, $i + 1) as $other) {
                $apart = $one->box[0] >= $other->box[2] || $other->box[0] >= $one->box[2] || $one->box[1] >= $other->box[3] || $other->box[1] >= $one->box[3];
                $this->assertTrue($apart, "{$one->text} and {$other->text}");
            }
        }
    }

    /** On the sheet y grows downward: north at 90° points up, wind from 0° comes from the right and points left. */
    public function test_the_rose_tells_where_north_lies_and_from_where_wind_and_water_come(): void
    {
        $this->post("/jobs/{$this->job->id}/plan/around", ['form' => 'around', 'north' => '90', 'sun' => '', 'wind' => '0', 'water' => '225', 'based_on' => '1'])->assertSessionHasNoErrors();
        $plan = $this->job->fresh()?->revision->plan() ?? $this->fail();
        $this->assertEquals(new Surroundings(90, null, 0, 225), $plan->around);
        [$north, $wind, $water] = (new SitePlan($plan, Paper::A4))->rose->arrows;
        $ends = fn (array $arrow): array => sscanf($arrow['d'], 'M%f %f L%f %f') ?? $this->fail();
        [$x1, $y1, $x2, $y2] = $ends($north);
        $this->assertEqualsWithDelta([0.0, -26.0], [$x2 - $x1, $y2 - $y1], 0.02);
        [$x1, $y1, $x2, $y2] = $ends($wind);
        $this->assertEqualsWithDelta([-26.0, 0.0], [$x2 - $x1, $y2 - $y1], 0.02);
        [$x1, $y1, $x2, $y2] = $ends($water);
        $this->assertEqualsWithDelta([26.0 * M_SQRT1_2, -26.0 * M_SQRT1_2], [$x2 - $x1, $y2 - $y1], 0.02);
        // Ground that falls toward +x, 1 in 20.
        $ground = GroundPlane::fit(array_map(
            fn (array $at) => new GroundPoint(new Point(Length::millimetres($at[0]), Length::millimetres($at[1])), Length::millimetres(-$at[0] / 20)), [[0, 0], [4000, 0], [0, 4000], [4000, 4000]],
        ));
        $falls = (new SitePlan($plan, Paper::A4, $ground))->rose->arrows[3];
        $this->assertSame('ground falls 50 mm in 1000 mm', $falls['words']);
        [$x1, , $x2] = $ends($falls);
        $this->assertEqualsWithDelta(26.0, $x2 - $x1, 0.02);
        $this->get("/jobs/{$this->job->id}/plan/site")->assertSee('north')->assertSee('wind');
        $this->post("/jobs/{$this->job->id}/plan/around", ['form' => 'around', 'north' => '17', 'based_on' => '2'])->assertSessionHasErrors('north');
    }

    public function test_a_building_close_beside_another_is_asked_about(): void
    {
        $near = ['object_kind' => 'structure', 'object_name' => 'Barn', 'object_points' => '-3000 : -4000; 5000 : -4000; 5000 : -900; -3000 : -900'];
        $this->from("/jobs/{$this->job->id}/plan/site")->stood($near)->assertSessionHasErrors('object_least');
        $this->followRedirects($this->from("/jobs/{$this->job->id}/plan/site")->stood($near))->assertSee('snow off two roofs')->assertSee('right as typed');
        // Far enough, or something that is no building: nothing is asked.
        $this->stood(['object_name' => 'Far barn', 'object_points' => '-3000 : -4000; 5000 : -4000; 5000 : -1300; -3000 : -1300'] + $near)->assertSessionHasNoErrors();
        $this->stood(['object_kind' => 'wet', 'object_name' => 'Pond', 'based_on' => '2'] + $near)->assertSessionHasNoErrors();
        $this->stood(['right' => '1', 'based_on' => '3'] + $near)->assertSessionHasNoErrors();
    }

    /** @param  array<string, string>  $fields */
    private function stood(array $fields): \Illuminate\Testing\TestResponse
    {
        return $this->post("/jobs/{$this->job->id}/plan/object", $fields + ['form' => 'object', 'object_least' => '', 'object_reach' => '', 'based_on' => '1']);
    }

    public function test_it_is_taken_away_again_and_what_can_not_be_is_said(): void
    {
        $this->stand('house', 'House', '-3000 : -6000; 5000 : -6000; 5000 : -2500');
        $id = $this->job->fresh()?->revision->plan()->site[0]->id ?? $this->fail();
        $this->post("/jobs/{$this->job->id}/plan/object", ['what' => 'drop', 'object' => $id, 'based_on' => '2'])->assertSessionHasNoErrors();
        $this->assertSame([], $this->job->fresh()?->revision->plan()->site);
        foreach (['object_name' => '', 'object_points' => '0, 0', 'object_least' => 'near', 'object_kind' => 'castle'] as $field => $typed) {
            $this->from("/jobs/{$this->job->id}/plan/site")->post("/jobs/{$this->job->id}/plan/object", [$field => $typed] + self::fields('house', 'House', '0 : 0; 9 : 0; 9 : 9'))->assertSessionHasErrors($field);
        }
        $this->post("/jobs/{$this->job->id}/plan/object", self::fields('house', 'House', '0 : 0; 9 : 0'))->assertSessionHasErrors('object_points');
        $this->stand('house', 'House', '-3000 : -6000; 5000 : -6000; 5000 : -2500');
        $this->post("/jobs/{$this->job->id}/plan/object", self::fields('tree', 'house', '0 : 0'))->assertSessionHasErrors('object_name');
        $this->actingAs($this->person('Teal'))->post("/jobs/{$this->job->id}/plan/object", self::fields('house', 'House', '0 : 0; 9 : 0; 9 : 9'))->assertForbidden();
    }

    public function test_a_post_too_near_is_taken_by_a_decision_that_names_the_thing(): void
    {
        $this->stand('boundary', 'Lot line', '-9000 : -600; 19000 : -600', '900');
        $this->get("/jobs/{$this->job->id}/plan")->assertOk()->assertSee('name="thing" value="Lot line"', false);
        $decision = $this->form(['form' => 'decide', 'about' => 'accept_distance', 'post' => 'A1', 'reason' => 'the neighbour signed']);
        $this->post("/jobs/{$this->job->id}/entries/decision", $decision)->assertSessionHasErrors();
        $this->post("/jobs/{$this->job->id}/entries/decision", $decision + ['thing' => 'Lot line'])->assertSessionHasNoErrors();
        $this->get("/jobs/{$this->job->id}/logbook")->assertSee('Take the distance as it is (A1), to Lot line: the neighbour signed');
        // It was taken for A1 alone.
        $this->get("/jobs/{$this->job->id}/plan")->assertSee('name="post" value="B1"', false);
    }

    private function stand(string $kind, string $name, string $points, string $least = '', string $reach = ''): void
    {
        $this->post("/jobs/{$this->job->id}/plan/object", ['object_least' => $least, 'object_reach' => $reach, 'based_on' => (string) $this->job->fresh()?->revision->number] + self::fields($kind, $name, $points))
            ->assertSessionHasNoErrors();
    }

    /** @return array<string, string> */
    private static function fields(string $kind, string $name, string $points): array
    {
        return ['form' => 'object', 'object_kind' => $kind, 'object_name' => $name, 'object_points' => $points, 'object_least' => '', 'object_reach' => '', 'based_on' => '1'];
    }
}
