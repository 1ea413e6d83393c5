<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Bill\BillLine;
use Aequus\Bill\JobNeeds;
use Aequus\Frame\UsualFrame;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Slope;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\JobKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Tops\TopRules;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Things;
use Aequus\Words\Thing\ThingWords;
use App\Models\Job;
use App\Site\ReadSite;
use Tests\Builds;
use Tests\FeatureTestCase;
use Tests\PdfText;

/** The frame on the posts as it is decided, drawn, cut and bought: two bays of 2400, rows 3000 apart, an open frame in mm. */
final class MembersTest extends FeatureTestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($user = $this->person());
        $this->job = $this->job($user, Builds::plan());
    }

    public function test_what_is_usual_is_shown_until_a_frame_is_kept(): void
    {
        $page = $this->members()->assertSee('Nothing is decided yet')->assertSeeTextInOrder(['Beams', "4 × 5400\u{202F}mm", 'not checked', 'Joists or rafters', "10 × 3600\u{202F}mm"]);
        $page->assertSee('No span and no connection is checked here')->assertSee('Order of work')->assertSeeTextInOrder(['near faces from the beam’s end', "0\u{202F}mm", "595\u{202F}mm", "5355\u{202F}mm"]);
        // An open frame on no wall has no ledger to buy, and the bill knows of no frame yet.
        $this->assertSame(1, $this->job->revisions()->count());
        $this->get("/jobs/{$this->job->id}/footing/bill")->assertSee('What stands on the posts is not in it');
        $this->assertArrayNotHasKey('frame_fixing', $this->lines());
        $this->keep($this->asShown())->assertSessionHasNoErrors();
        $this->members()->assertDontSee('Nothing is decided yet');
        $this->get("/jobs/{$this->job->id}/footing/bill")->assertDontSee('What stands on the posts is not in it');
        $this->assertEqualsWithDelta(4 * 5.4, $this->lines()['timber_by_length:45000000:195000000']->needed, 1e-9);
    }

    public function test_layers_are_changed_left_out_and_put_on_and_their_tables_named(): void
    {
        $this->keep(['beam_thick' => '60', 'joist_apart' => '450', 'joist_relied' => 'table 4 of the yard', 'brace_out' => '1', 'add' => 'purlin', 'beams_run' => 'y'] + $this->asShown())->assertSessionHasNoErrors();
        $frame = $this->plan()->frame;
        $this->assertSame([false, 60.0, 450.0, 'table 4 of the yard'], [
            $frame?->alongX, $frame?->layer(LayerKind::Beam)?->thick->inMillimetres(), $frame?->layer(LayerKind::Joist)?->apart?->inMillimetres(),
            $frame?->layer(LayerKind::Joist)?->reliedOn,
        ]);
        $this->assertNull($frame?->layer(LayerKind::Brace));
        $this->assertNotNull($frame?->layer(LayerKind::Purlin));
        $this->members()->assertSee('table 4 of the yard');
        // A form that says nothing of a layer leaves it as it is.
        $this->keep(['beams_run' => 'x'])->assertSessionHasNoErrors();
        $this->assertEqualsWithDelta(60.0, $this->plan()->frame?->layer(LayerKind::Beam)?->thick->inMillimetres(), 1e-9);
    }

    public function test_one_member_gets_a_size_of_its_own_and_is_as_the_others_again(): void
    {
        $single = fn (array $fields) => $this->post("/jobs/{$this->job->id}/cut/members/single", [
            'form' => 'single', 'based_on' => $this->job->refresh()->revisions()->max('number'), 'layer' => 'beam', 'number' => '2', 'thick' => '', 'deep' => '', 'count' => '', 'relied' => '', ...$fields,
        ]);
        $single(['deep' => '240', 'count' => '3', 'relied' => 'table 4 of the yard'])->assertSessionHasNoErrors();
        $beam = fn (): Layer => $this->plan()->frame?->layer(LayerKind::Beam) ?? $this->fail();
        $this->assertEqualsWithDelta([45.0, 195.0, 2, 45.0, 240.0, 3], [
            $beam()->at(1)->thick->inMillimetres(), $beam()->at(1)->deep->inMillimetres(), $beam()->at(1)->count, $beam()->at(2)->thick->inMillimetres(), $beam()->at(2)->deep->inMillimetres(), $beam()->at(2)->count,
        ], 1e-9);
        $this->members()->assertSeeTextInOrder(['Row 2: 3 of', "240\u{202F}mm", 'not checked', 'table 4 of the yard'])->assertSee('as the others again');
        $this->assertEqualsWithDelta(3 * 5.4, $this->lines()['timber_by_length:45000000:240000000']->needed, 1e-9);
        $this->assertEqualsWithDelta(2 * 5.4, $this->lines()['timber_by_length:45000000:195000000']->needed, 1e-9);
        // The form of all layers leaves it as it is.
        $this->keep(['beam_thick' => '60'] + $this->asShown())->assertSessionHasNoErrors();
        $this->assertSame([60.0, 3], [$beam()->at(2)->thick->inMillimetres(), $beam()->at(2)->count]);
        // Each refusal stands at its field, and nothing typed is lost.
        foreach ([
            [['number' => '3', 'count' => '3'], 'number', 'go from 1 to 2'], [['number' => 'x', 'count' => '3'], 'number', 'go from 1 to 2'], [[], 'thick', 'what is otherwise'],
            [['deep' => '195', 'count' => '2'], 'thick', 'what is otherwise'], [['count' => '7'], 'count', 'from 1 to 6'], [['deep' => 'high'], 'deep', ''],
            [['layer' => 'joist', 'number' => '4', 'deep' => '195'], 'thick', 'lie level'], [['layer' => 'board', 'number' => '1', 'count' => '2'], 'number', 'none of that number'],
        ] as [$typed, $field, $why]) {
            $single($typed)->assertSessionHasErrors($field);
            $this->assertStringContainsString($why, session('errors')->first($field));
        }
        $single(['back' => '1'])->assertSessionHasNoErrors();
        $this->assertSame([], $beam()->singly);
        $single(['layer' => 'joist', 'number' => '4', 'count' => '2'])->assertSessionHasNoErrors();
        $this->members()->assertSee('Number 4: 2 of');
        // Fewer joists than its number: told, and it can still be taken back.
        $this->keep(['joist_apart' => '2700'] + $this->asShown())->assertSessionHasNoErrors();
        $this->members()->assertSee('nothing came of it');
        $single(['layer' => 'joist', 'number' => '4', 'back' => '1'])->assertSessionHasNoErrors();
        $this->members()->assertDontSee('nothing came of it');
    }

    public function test_what_can_not_be_is_refused_at_its_field_and_kept_in_it(): void
    {
        foreach ([
            'beam_thick' => ['wide', '“wide”'], 'joist_apart' => ['45', 'Members 45 mm thick lie further apart than that'], 'beam_count' => ['9', 'a whole number from 1 to 6'],
            'joist_fixings' => ['2.5', 'a whole number from 0 to 20'], 'joist_past' => ['-20', 'zero or more'], 'beam_deep' => ['0', 'above zero'],
        ] as $field => [$typed, $says]) {
            $this->from("/jobs/{$this->job->id}/cut/members")->keep([$field => $typed] + $this->asShown())->assertSessionHasErrors();
            $this->members()->assertSee('value="'.$typed.'"', false)->assertSee($says);
        }
        $this->assertSame(1, $this->job->revisions()->count());
    }

    public function test_it_is_drawn_from_every_side_and_layer_by_layer(): void
    {
        $pieces = fn (string $query): int => substr_count((string) $this->members($query)->getContent(), 'class="frame-piece');
        // Four beams, ten rafters, four braces; up to the beams without the rafters. No ledger: there is no wall.
        foreach (['plan', 'minus_y', 'plus_y', 'minus_x', 'plus_x', 'corner_1', 'corner_2', 'corner_3', 'corner_4', 'nonsense'] as $view) {
            $this->assertSame(18, $pieces("?view={$view}"), $view);
        }
        $this->assertSame(4, $pieces('?view=plan&up_to=beam'));
        // From above the whole frame is 5400 by 3600, its bays 2400, its rafters 595 apart; from the front 5400 wide, its posts 2400 high.
        $this->members('?view=plan')->assertSee('5400 mm; 3600 mm; 2400 mm; 2400 mm; 595 mm');
        $this->members('?view=minus_y')->assertSee('5400 mm; 2740 mm; 2400 mm; 2400 mm; 2400 mm');
        $this->members('?view=plus_x')->assertSee('3600 mm; 2740 mm; 3000 mm; 2400 mm');
    }

    /** Through the row of A2 go its beam of two plies, ten rafters and two braces; through the column of B1 four plies of beams, and behind it five rafters and two braces. */
    public function test_it_is_cut_through_any_row_or_column_and_seen_from_there(): void
    {
        $pieces = fn (string $query): int => substr_count((string) $this->members($query)->getContent(), 'class="frame-piece');
        $posts = fn (string $query): int => substr_count((string) $this->members($query)->getContent(), 'class="frame-post');
        $this->assertSame([14, 3], [$pieces('?view=minus_y&through=y:A2'), $posts('?view=minus_y&through=y:A2')]);
        foreach (['minus_x', 'plus_x'] as $from) {
            $this->assertSame([11, 4], [$pieces("?view={$from}&through=x:B1"), $posts("?view={$from}&through=x:B1")], $from);
            $this->assertSame(6, substr_count((string) $this->members("?view={$from}&through=x:B1")->getContent(), ' is-cut"'), 'four plies and two posts');
        }
        // Seen square to what is cut, whatever was asked; a row that is none is the whole frame.
        $this->assertSame(14, $pieces('?view=corner_1&through=y:A2'));
        $this->members('?view=corner_1&through=y:A2')->assertSee('value="minus_y" selected', false);
        $this->members('?view=plus_y&through=y:A2')->assertSee('value="plus_y" selected', false);
        $this->assertSame(18, $pieces('?view=minus_y&through=y:Z9'));
    }

    public function test_marks_are_printed_in_full_size(): void
    {
        $text = PdfText::of((string) $this->get("/jobs/{$this->job->id}/cut/members/pole?of=joist")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent());
        foreach (['Joists on the beams', '595 mm', '5355 mm'] as $says) {
            $this->assertStringContainsString($says, $text);
        }
        $this->get("/jobs/{$this->job->id}/cut/members/pole?of=purlin")->assertNotFound();
        // 45° braces of 600 and 70: both edges 49.5 beside.
        $this->members()->assertSeeTextInOrder(['Braces: both edges along the beam', 'In full size', "551\u{202F}mm", "649\u{202F}mm"]);
        // Beams and rafters say which they are.
        $this->boards()->assertSeeTextInOrder(['beam', "5400\u{202F}mm", '1–4', 'joist', "3600\u{202F}mm", '1–10']);
    }

    public function test_every_view_is_printed_with_its_lengths(): void
    {
        $text = PdfText::of((string) $this->get("/jobs/{$this->job->id}/cut/members.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent());
        foreach (['Seen over corner 1', 'Seen from above', 'Seen from', 'Beams', 'not checked', 'No span and no connection'] as $says) {
            $this->assertStringContainsString($says, $text);
        }
        $this->assertStringContainsString('2: 595', $text);
    }

    /** Ten rafters of 3600 out of 3600s and 4 braces of 919 out of 2400s; beams of 5400 out of 5400 and 2700. */
    public function test_boards_to_buy_are_worked_out_and_stand_in_the_bill(): void
    {
        $this->boards()->assertSee('Type in which lengths each section is sold')->assertSeeTextInOrder(['beam', '4 ×', "5400\u{202F}mm", 'square', 'joist', '10 ×', "3600\u{202F}mm"]);
        $this->boards()->assertSeeTextInOrder(['brace', '4 ×', "919\u{202F}mm", 'both 45°']);
        $this->sold(['sold_45000000x195000000' => '5400 : 40; 2700 : 19', 'sold_45000000x145000000' => '3600 : 20', 'sold_70000000x70000000' => '2400:9,50'])->assertSessionHasNoErrors();
        // 4 × 40, 10 × 20 and 2 × 9.50: two halves of a beam would cost less, but the fewest pieces come first.
        $page = $this->boards()->assertSeeTextInOrder(['boards to buy', 'No way costs less.']);
        $page->assertSee('16 boards to buy, 379.00 in all.');
        $lines = $this->lines();
        $this->assertSame([4.0, 10.0, 2.0], [
            $lines['timber:45000000:195000000:5400000000']->needed, $lines['timber:45000000:145000000:3600000000']->needed, $lines['timber:70000000:70000000:2400000000']->needed,
        ]);
        $this->assertSame(4000, $lines['timber:45000000:195000000:5400000000']->goods->price === null ? null : (int) $lines['timber:45000000:195000000:5400000000']->goods->price);
        // Six posts under two plies, 20 crossings of rafters and beams, two ends of four braces: two at each.
        $this->assertEqualsWithDelta(2 * (12 + 20 + 8), $lines['frame_fixing']->needed, 1e-9);
        $this->sold(['sold_45000000x195000000' => 'long : 12'])->assertSessionHasErrors('sold_45000000x195000000');
        $this->sold(['sold_45000000x195000000' => ''])->assertSessionHasNoErrors();
        $this->boards()->assertSee('Sections whose lengths are not typed are left out');
        $this->sold(['sold_70000000x70000000' => '800 : 3'])->assertSessionHasNoErrors();
        $this->boards()->assertSee('longer than every length that is sold');
    }

    /** 3600 across take 25 boards on ten rafters, two screws at each crossing; six sheets on them, four each at the rafters. */
    public function test_boards_and_sheets_have_screws_of_their_own(): void
    {
        $this->keep(['add' => 'board'] + $this->asShown())->assertSessionHasNoErrors();
        $this->keep(['add' => 'sheet'] + $this->asShown())->assertSessionHasNoErrors();
        $lines = $this->lines();
        $this->assertEqualsWithDelta(500, $lines['board_screw']->needed, 1e-9);
        $this->assertEqualsWithDelta(24, $lines['roof_screw']->needed, 1e-9);
        $this->assertEqualsWithDelta(6, $lines['sheet:3650000000']->needed, 1e-9);
        $this->assertEqualsWithDelta(2 * (12 + 20 + 8), $lines['frame_fixing']->needed, 1e-9);
    }

    public function test_rafters_that_fall_are_cut_plumb(): void
    {
        $this->job = $this->job($this->job->revision->user, Builds::plan()->withTops(new TopRules(
            Length::millimetres(2400), Slope::level(), Slope::ratio(-0.05), Length::millimetres(1000),
        )));
        $this->boards()->assertSeeText('plumb, 2.9°');
    }

    /** Of a post seen over a corner its head and two sides are drawn, which meet in the near corner of its head. */
    public function test_what_is_turned_away_is_not_drawn(): void
    {
        foreach (['corner_1', 'corner_2', 'corner_3', 'corner_4'] as $view) {
            preg_match_all('/class="frame-post" d="([^"]+)"/', (string) $this->members("?view={$view}")->getContent(), $posts);
            $this->assertCount(6, $posts[1]);
            foreach ($posts[1] as $path) {
                preg_match_all('/(-?[\d.]+) (-?[\d.]+)/', $path, $found);
                $heights = array_map(floatval(...), $found[2]);
                $met = array_filter(array_count_values($found[0]), fn (int $times) => $times === 3);
                $this->assertCount(1, $met);
                $this->assertLessThan((min($heights) + max($heights)) / 2, (float) explode(' ', (string) array_key_first($met))[1]);
            }
        }
    }

    public function test_a_beam_that_no_stock_reaches_is_told_above_its_picture(): void
    {
        $this->sold(['sold_45000000x195000000' => '2400 : 15'])->assertSessionHasNoErrors();
        $this->members()->assertSeeText('No stock length reaches from A1 to B1');
        // Whoever buys by the cut list or the bill is told as well, and only then.
        $this->boards()->assertSee('to be settled before it is bought');
        $this->get("/jobs/{$this->job->id}/footing/bill/lists")->assertSee('to be settled before it is bought');
        $this->sold(['sold_45000000x195000000' => '5400 : 40'])->assertSessionHasNoErrors();
        $this->boards()->assertDontSee('to be settled before it is bought');
    }

    public function test_another_plan_keeps_the_frame_and_posts_cast_elsewhere_change_it(): void
    {
        $this->keep($this->asShown())->assertSessionHasNoErrors();
        foreach (['A1' => '0', 'C1' => '14'] as $post => $off) {
            $this->post("/jobs/{$this->job->id}/entries/as_cast", [
                ...$this->form(['cast_post' => $post, 'along_x' => $off, 'along_y' => '']), 'toward_x' => 'plus_x', 'toward_y' => 'plus_y',
            ])->assertSessionHasNoErrors();
        }
        $this->members()->assertSeeText("The line from A1 was cast 14\u{202F}mm longer than planned")->assertSeeText("2 × 5414\u{202F}mm");
    }

    /** Of every kind of thing, as it is usual, in both units: the frame is shown, kept, cut and bought without a fault. */
    public function test_every_kind_has_its_frame_kept_cut_and_bought_or_none(): void
    {
        foreach (Things::all() as $thing) {
            foreach ([Notation::millimetres(0), Notation::feetInches(16)] as $notation) {
                $this->job = $this->job($this->job->revision->user, $thing->make(Heard::usual($notation, ThingWords::sides($thing->kind()), $thing->asks()))->plan);
                $usual = UsualFrame::of($thing->kind(), $notation, $this->plan()->post->thicker());
                $this->members()->assertSee($usual === null ? 'Nothing usual stands' : 'Nothing is decided yet');
                $this->boards();
                if ($usual === null) {
                    $text = PdfText::of((string) $this->get("/jobs/{$this->job->id}/cut/members.pdf")->getContent());
                    $this->assertStringContainsString('Nothing usual stands', $text);
                    $this->assertStringNotContainsString('needs two posts', $text);
                    $this->keep(['add' => 'beam'])->assertSessionHasNoErrors();
                    $this->members();
                    $this->boards();

                    continue;
                }
                $this->keep($this->typed($usual->layers, $notation) + ['beams_run' => 'x'])->assertSessionHasNoErrors();
                // What is written of usual goods is read back as the same goods.
                $this->assertEquals($usual->layers, $this->plan()->frame?->layers, $thing->kind()->value);
                $this->members('?view=minus_y');
                $this->get("/jobs/{$this->job->id}/footing/bill")->assertOk();
            }
        }
    }

    /** @return array<string, string> the form as it stands */
    private function asShown(): array
    {
        $plan = $this->plan();
        $rules = $plan->frame ?? UsualFrame::of(JobKind::Pergola, $plan->notation, $plan->post->thicker()) ?? $this->fail();

        return $this->typed($rules->layers, $plan->notation) + ['beams_run' => 'x', 'add' => ''];
    }

    /**
     * @param  list<Layer>  $layers
     * @return array<string, string> as fields
     */
    private function typed(array $layers, Notation $notation): array
    {
        $form = [];
        foreach ($layers as $layer) {
            $kind = $layer->kind;
            foreach (['thick' => $layer->thick, 'deep' => $layer->deep, 'apart' => $layer->apart, 'past' => $layer->past, 'gap' => $layer->gap] as $field => $length) {
                $form += $length === null ? [] : ["{$kind->value}_{$field}" => $notation->write($length)];
            }
            $form += ["{$kind->value}_fixings" => (string) $layer->fixings, "{$kind->value}_relied" => $layer->reliedOn] + ($kind->isCounted() ? ["{$kind->value}_count" => (string) $layer->count] : []);
        }

        return $form;
    }

    /** @return array<string, BillLine> */
    private function lines(): array
    {
        $lines = (new JobNeeds(app(ReadSite::class)->site($this->job->fresh() ?? $this->job)->state))->bill()->lines;

        return array_combine(array_map(fn (BillLine $line) => $line->goods->name, $lines), $lines);
    }

    private function plan(): Plan
    {
        return ($this->job->fresh() ?? $this->job)->revision->plan();
    }

    private function members(string $query = ''): \Illuminate\Testing\TestResponse
    {
        return $this->get("/jobs/{$this->job->id}/cut/members{$query}")->assertOk();
    }

    private function boards(): \Illuminate\Testing\TestResponse
    {
        return $this->get("/jobs/{$this->job->id}/cut/boards")->assertOk();
    }

    /** @param  array<string, string>  $fields */
    private function keep(array $fields): \Illuminate\Testing\TestResponse
    {
        return $this->post("/jobs/{$this->job->id}/cut/members", $fields + ['form' => 'frame', 'based_on' => ($this->job->fresh() ?? $this->job)->revision->number]);
    }

    /** @param  array<string, string>  $fields */
    private function sold(array $fields): \Illuminate\Testing\TestResponse
    {
        return $this->from("/jobs/{$this->job->id}/cut/boards")->post("/jobs/{$this->job->id}/cut/boards", $fields + ['form' => 'sold', 'based_on' => ($this->job->fresh() ?? $this->job)->revision->number]);
    }
}
