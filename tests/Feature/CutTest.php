<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Measure\Length;
use Aequus\Plan\Tops\TopRules;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\JobTestCase;

/** A 2 × 2 frame of 5400 by 3600 mm; the ground lies at −100 under A and at −300 under B, the road at −500. */
final class CutTest extends JobTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $grid = $this->job->revision->plan()->grid;
        $this->write(
            $this->job, $this->user, new BenchmarkChosen('sill', Length::zero()), new RodReading(null, Length::millimetres(1500)), new RodReading(
                LevelPoint::named('road'), Length::millimetres(2000),
            ),
            ...array_map(
                fn (string $label) => new RodReading($grid->labelled($label)->id, Length::millimetres($label[0] === 'A' ? 1600 : 1800)),
                ['A1', 'B1', 'B2', 'A2'],
            ),
        );
    }

    public function test_a_height_comes_from_above_from_below_or_by_rows(): void
    {
        // A finished surface at 2600, 10 of clearance under it, boards of 28 and a joist of 195.
        $this->tops(['height_by' => 'stack', 'height' => '2600', 'clearance' => '10', 'layers' => '28; 195']);
        $this->assertEquals(Length::millimetres(2600 - 10 - 28 - 195), $this->plan()?->heightAtA1);
        $this->cut()->assertSee('value="28 mm; 195 mm"', false)->assertSee('value="10 mm"', false)->assertSee('value="2600 mm"', false);
        $this->assertEquals(
            Length::millimetres(2650), $this->plan()->raised(Length::millimetres(50))->under?->finished, 'moved together, the surface moves along',
        );
        $this->get("/jobs/{$this->job->id}/handover")->assertSee('What lies on the posts')->assertSee('clearance');
        // 2200 clear over the highest ground, at A1.
        $this->tops(['height_by' => 'clearance', 'height' => '2200']);
        $this->assertEquals(Length::millimetres(2100), $this->plan()?->heightAtA1);
        $this->tops(['height_by' => 'typed', 'height' => '2300', 'rows' => '2 2450']);
        $this->cut()->assertSee('Rows have heights of their own')->assertSeeText("1250\u{202F}mm")->assertSeeText("1100\u{202F}mm");
    }

    #[TestWith([['rows' => 'back 2450'], 'rows', 'is not a row and its height'])]
    #[TestWith([['height' => '-150', 'datum_line' => '-900'], 'height', 'would lie in the ground'])]
    #[TestWith([['rows' => '7 2450'], 'rows', 'is not a row and its height'])]
    #[TestWith([['rows' => '2 1100'], 'rows', 'below the datum line'])]
    #[TestWith([['height_by' => 'stack', 'layers' => 'thick'], 'layers', '“thick”'])]
    public function test_heights_that_cannot_be_are_refused_at_their_field(array $wrong, string $field, string $sentence): void
    {
        $answer = $this->tops($wrong + ['height' => '2300'])->assertSessionHasErrors($field);
        $this->assertStringContainsString($sentence, (string) $answer->getSession()?->get('errors')->first($field));
    }

    public function test_a_short_post_costs_clearance_a_packer_or_another_post(): void
    {
        $this->tops(['height' => '2300']);
        $a1 = $this->job->revision->plan()->grid->labelled('A1')->id;
        $this->write($this->job, $this->user, new TopMeasured($a1, Length::millimetres(1080)));
        // 1080 of 1100 above the line: 20 short. Over A1 the top stands 2400 clear, the least.
        $this->cut()->assertSee('Post A1 is short')->assertSeeText(
            "Lowering all tops by 20\u{202F}mm leaves 2380\u{202F}mm of clearance at A1 instead of 2400\u{202F}mm",
        )->assertSee('A packer of its own makes A1 up');
        $this->write($this->job, $this->user, new TopMeasured($a1, Length::millimetres(1030)));
        $this->cut()->assertSee('A1 is too short for a packer');
        $raise = fn (array $fields) => $this->post(
            "/jobs/{$this->job->id}/cut/raise", $fields + ['based_on' => $this->job->fresh()?->revision->number],
        );
        $raise(['way' => 'down', 'by' => '70'])->assertSessionHasNoErrors();
        $this->assertEquals(Length::millimetres(2230), $this->plan()?->heightAtA1);
        $this->cut()->assertDontSee('Post A1 is short');
        $raise(['way' => 'up', 'by' => '10']);
        $this->assertEquals(Length::millimetres(2240), $this->plan()?->heightAtA1);
        $raise(['way' => 'down', 'by' => '2000'])->assertSessionHasErrors('by');
    }

    public function test_tops_a_little_lower_may_save_a_longer_post(): void
    {
        $this->post("/jobs/{$this->job->id}/footing/rules", [
            'form' => 'rules', 'based_on' => '1', 'frost' => '900', 'margin' => '100', 'embedment_by' => 'length', 'embedment' => '600', 'pad' => '100', 'gravel' => '100', 'least_gravel' => '50', 'mode' => 'own',
        ])->assertSessionHasNoErrors();
        // The foot of B1 stands at −300 − 900: a top at 2450 wants 3650, 50 more than six lengths of 600.
        $this->tops(['height' => '2450']);
        $this->cut()->assertSeeText(
            "Lowering all tops by 50\u{202F}mm costs as much clearance, and the longest post, B1, comes out of 3600\u{202F}mm instead of 4200\u{202F}mm",
        );
        $this->tops(['height' => '2700']);
        $this->cut()->assertDontSee('costs as much clearance');
    }

    public function test_rod_marks_are_told_from_the_datum_line_whatever_ground_they_count_from(): void
    {
        $rods = fn (string $query) => $this->get("/jobs/{$this->job->id}/cut/rods?{$query}")->assertOk();
        $rods('')->assertSee('Strike a datum line first');
        $this->tops(['height' => '2300']);
        $rods('height=1900&from=own&posts=A1+B1')->assertSeeTextInOrder(['A1', "600\u{202F}mm above", 'B1', "400\u{202F}mm above"]);
        $rods('height=1900&from=mean&one=A1&other=B1')->assertSeeTextInOrder(['A1', "500\u{202F}mm above", 'B1', "500\u{202F}mm above"]);
        $rods('height=1900&from=one&one=B1')->assertSeeText("400\u{202F}mm above");
        $rods('height=1000&from=point&point='.urlencode('point road'))->assertSeeText("700\u{202F}mm below");
        $rods('height=-1400')->assertSee('lies below the ground')->assertSee('This can’t be worked out yet');
        $rods('height=100&posts=Z9')->assertSee('no post Z9');
    }

    public function test_members_are_marked_from_one_zero_and_a_notch_leaves_half_the_post(): void
    {
        $set = fn (string $query) => $this->get("/jobs/{$this->job->id}/cut/set-out?{$query}")->assertOk();
        // 5400 + 140 outside to outside: ten gaps of at most 600 want ten joists of 45.
        $set('gap=600&thickness=45')->assertSeeText("across 5540\u{202F}mm")->assertSeeText("5495\u{202F}mm");
        $set('spread=even&count=2&thickness=45&overhang=100')->assertSeeText("across 5740\u{202F}mm")->assertSee('2 across');
        $set('spread=centres&gap=600&thickness=45')->assertSee('The last bay is');
        $set('beam=200&notch=50')->assertSee('bears on wood');
        $set('beam=200&notch=90')->assertSee('less than half of the post');
        $set('beam=200&notch=150')->assertSee('A notch is shallower than the post')->assertSee('value="150"', false);
        foreach (['spread=even&count=900&thickness=45', 'thickness=0&gap=0', 'gap=-5', 'spread=centres&thickness=0', 'length=10'] as $impossible) {
            $set($impossible)->assertSee('do not fit');
        }
    }

    /** @param  array<string, string>  $fields */
    private function tops(array $fields): TestResponse
    {
        return $this->from("/jobs/{$this->job->id}/cut")->post(
            "/jobs/{$this->job->id}/cut/tops",
            $fields + [
                'form' => 'tops', 'height_by' => 'typed', 'datum_line' => '1200', 'falls_toward' => '',
                'based_on' => $this->job->fresh()?->revision->number,
            ],
        );
    }

    private function cut(): TestResponse
    {
        return $this->get("/jobs/{$this->job->id}/cut")->assertOk();
    }

    private function plan(): ?TopRules
    {
        return $this->job->fresh()?->revision->plan()->tops;
    }
}
