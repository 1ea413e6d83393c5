<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Bill\JobNeeds;
use Aequus\Frame\UsualFrame;
use Aequus\Logbook\Frame\BoardSpoiled;
use Aequus\Logbook\Frame\MembersUp;
use Aequus\Measure\Length;
use Aequus\Plan\Frame\Air;
use Aequus\Plan\Frame\FastenerKind;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Frame\Seating;
use Aequus\Plan\JobKind;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Point;
use App\Models\Job;
use App\Site\ReadSite;
use Illuminate\Testing\TestResponse;
use Tests\Builds;
use Tests\FeatureTestCase;

/** What holds a frame together, what is up of it, and boards that were spoiled: two bays of 2400, rows 3000 apart, an open frame in mm, kept as usual. */
final class FixingsTest extends FeatureTestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($user = $this->person());
        $this->job = $this->job($user, $this->plan());
    }

    public function test_fasteners_are_chosen_told_of_and_bought(): void
    {
        $this->fixings()->assertSeeText('not chosen')->assertSeeText('hot-dip zinc or stainless');
        $this->keep(['air' => 'salt', 'brace_fastener' => 'bolt', 'brace_long' => '160', 'brace_end' => '70', 'brace_edge' => '', 'brace_drilled' => '1', 'joist_fastener' => 'screw', 'joist_long' => '120'])->assertSessionHasNoErrors();
        $frame = $this->now()->frame ?? $this->fail();
        $bolt = $frame->layer(LayerKind::Brace)->joinery->fastener ?? $this->fail();
        $this->assertSame([Air::Salt, FastenerKind::Bolt, true, null], [$frame->air, $bolt->kind, $bolt->isDrilled, $bolt->fromEdge]);
        $this->fixings()->assertSeeText("bolt of 160\u{202F}mm")->assertSeeText("70\u{202F}mm from ends")->assertSeeText('drill first')->assertSeeText('begin all by hand')->assertSeeText('In this air and timber: stainless');
        $needed = $this->needed();
        // 8 ends of braces and 20 crossings of rafters, two each; beams keep what nobody chose.
        $this->assertSame([16.0, 40.0, 24.0], [$needed['bolt:160000000'], $needed['screw:120000000'], $needed['frame_fixing']]);
        // A form that does not show a layer leaves it as it is.
        $this->keep(['air' => 'wet'])->assertSessionHasNoErrors();
        $this->assertNotNull($this->now()->frame?->layer(LayerKind::Brace)?->joinery->fastener);
        $this->keep(['brace_fastener' => ''])->assertSessionHasNoErrors();
        $this->assertNull($this->now()->frame?->layer(LayerKind::Brace)?->joinery->fastener);
    }

    public function test_what_does_not_fit_is_named_before_it_is_bought(): void
    {
        // Out of the yard’s sheet: a saddle for one ply under a beam of two, a shoe for deeper joists.
        $this->keep(['beam_fastener' => '', 'beam_yard' => 'S 1', 'joist_fastener' => '', 'joist_yard' => 'H 2'])->assertSessionHasNoErrors();
        $told = '“S 1”, which takes';
        $this->fixings()->assertSeeText($told)->assertSeeText('is made for 1 ply, not for 2')->assertSeeText('not as deep as “H 2” asks');
        $this->get("/jobs/{$this->job->id}/footing/bill/lists")->assertSee('to be settled before it is bought');
        $this->get("/jobs/{$this->job->id}/cut/members")->assertSeeText($told);
        $this->keep(['beam_fastener' => '', 'beam_yard' => 'S 2', 'joist_fastener' => '', 'joist_yard' => 'H 1'])->assertSessionHasNoErrors();
        $this->fixings()->assertDontSeeText('which takes')->assertSeeText("“S 2”, for 88\u{202F}mm to 92\u{202F}mm");
        $this->get("/jobs/{$this->job->id}/footing/bill/lists")->assertDontSee('to be settled before it is bought');
        $this->keep(['beam_fastener' => '', 'beam_name' => 'saddle', 'beam_from' => '80', 'beam_to' => '92', 'beam_pattern' => '4 × 11 at 60 × 40', 'joist_fastener' => '', 'joist_yard' => 'H 1'])->assertSessionHasNoErrors();
        $this->fixings()->assertSeeText('holes 4 × 11 at 60 × 40');
        $this->keep(['beam_fastener' => '', 'beam_yard' => 'S 2', 'joist_fastener' => '', 'joist_yard' => 'H 1'])->assertSessionHasNoErrors();
        // Six posts under beams, ten rafters on two of them; 12 screws in each saddle, 8 in each shoe.
        $needed = $this->needed();
        $screws = array_sum(array_filter($needed, fn (string $id) => str_starts_with($id, 'connector_screw'), ARRAY_FILTER_USE_KEY));
        $this->assertSame([6.0, 20.0, 6 * 12.0 + 20 * 8.0], [$needed['cap'], $needed['hanger'], $screws]);
    }

    public function test_what_can_not_be_is_refused_at_its_field(): void
    {
        foreach ([
            'beam_from' => [['beam_name' => 'cap', 'beam_from' => '90', 'beam_to' => '80'], 'the first figure is the smaller one'], 'joist_long' => [['joist_fastener' => 'nail', 'joist_long' => ''], ''],
            'joist_end' => [['joist_fastener' => 'nail', 'joist_long' => '90', 'joist_end' => 'far'], '“far”'], 'beam_screws' => [['beam_name' => 'cap', 'beam_from' => '80', 'beam_to' => '90', 'beam_screws' => '99'], 'from 0 to 60'],
        ] as $field => [$typed, $says]) {
            $this->from("/jobs/{$this->job->id}/cut/fixings")->keep($typed + ['beam_fastener' => '', 'joist_fastener' => ''])->assertSessionHasErrors($field);
            $this->fixings()->assertSee($says);
        }
        $this->assertSame(1, $this->job->revisions()->count());
    }

    public function test_how_members_sit_spread_and_move_is_kept_and_refused_at_its_field(): void
    {
        $members = fn (array $fields): TestResponse => $this->from("/jobs/{$this->job->id}/cut/members")->post("/jobs/{$this->job->id}/cut/members", $fields + [
            'form' => 'frame', 'based_on' => $this->revision(), 'beams_run' => 'x', 'beam_thick' => '45', 'beam_deep' => '195', 'beam_past' => '300', 'joist_thick' => '45', 'joist_deep' => '145',
        ]);
        $members([
            'beam_seating' => 'in_notch', 'beam_seat' => '150', 'joist_seat' => '', 'joist_by' => 'centres', 'joist_apart' => '600', 'joist_offset' => '20', 'joist_left_out' => '3; 4', 'joist_moisture' => '24,5 %',
        ])->assertSessionHasNoErrors();
        $frame = $this->now()->frame ?? $this->fail();
        [$beam, $joist] = [$frame->layer(LayerKind::Beam) ?? $this->fail(), $frame->layer(LayerKind::Joist) ?? $this->fail()];
        $this->assertSame([Seating::InNotch, 150.0, true, 20.0, [3, 4], 24.5], [
            $beam->joinery->seating, $beam->joinery->seat?->inMillimetres(), $joist->spread->atCentres, $joist->spread->offset?->inMillimetres(), $joist->spread->leftOut, $joist->moisture,
        ]);
        $page = $this->get("/jobs/{$this->job->id}/cut/members")->assertSeeText('green timber bows within a day')->assertSee('value="3, 4"', false);
        $page->assertSeeText('While you build');
        $this->get("/jobs/{$this->job->id}/cut/boards")->assertOk();
        foreach (['joist_left_out' => ['three', 'numbers of places'], 'joist_moisture' => ['300', 'from 0 to 200'], 'joist_offset' => ['-5', 'zero or more'], 'beam_seat' => ['-1', 'zero or more']] as $field => [$typed, $says]) {
            $members([$field => $typed])->assertSessionHasErrors($field);
            $this->get("/jobs/{$this->job->id}/cut/members")->assertSee($says)->assertSee('value="'.$typed.'"', false);
        }
    }

    public function test_pieces_that_are_up_are_written_down_and_drawn_solid(): void
    {
        $up = fn (array $fields): TestResponse => $this->from("/jobs/{$this->job->id}/cut/members")->post("/jobs/{$this->job->id}/entries/members_up", $fields + $this->form(['form' => 'up', 'on' => '']));
        // Nothing stands on posts that are not set: asked first, and taken as typed.
        $up(['layer' => 'joist', 'from' => '2', 'to' => '5'])->assertSessionHasErrors('from');
        $this->get("/jobs/{$this->job->id}/cut/members")->assertSee('nothing can stand on it yet');
        $up(['layer' => 'joist', 'from' => '2', 'to' => '5', 'sure' => '1'])->assertSessionHasNoErrors();
        $up(['layer' => 'beam', 'from' => '1', 'to' => '', 'sure' => '1'])->assertSessionHasNoErrors();
        $page = $this->get("/jobs/{$this->job->id}/cut/members")->assertSeeText('5 of 18 pieces are up.');
        $this->assertSame(5, substr_count((string) $page->getContent(), 'frame-piece is-built'));
        $this->get("/jobs/{$this->job->id}/logbook")->assertSeeText('Joists or rafters 2 to 5 up')->assertSeeText('Beams 1 up');
        foreach ([['from', '0', '3'], ['from', '11', '12'], ['to', '2', '11'], ['from', 'x', ''], ['from', '5', '4']] as [$field, $from, $to]) {
            $up(['layer' => 'joist', 'from' => $from, 'to' => $to, 'sure' => '1'])->assertSessionHasErrors($field);
        }
        $up(['layer' => 'roof', 'from' => '1', 'to' => '1'])->assertSessionHasErrors('layer');
        $this->assertCount(2, app(ReadSite::class)->site($this->job->fresh() ?? $this->job)->state->log->now(MembersUp::class));
    }

    /** Ten rafters out of 3600s: one spoiled costs an eleventh board, on the cut list and on the bill; what is struck costs nothing again. */
    public function test_a_board_cut_wrong_is_written_off_and_what_it_gave_is_sawn_again(): void
    {
        $this->sold(['sold_45000000x145000000' => '3600 : 20; 4800 : 28'])->assertSessionHasNoErrors();
        $this->assertSame(10.0, $this->needed()['timber:45000000:145000000:3600000000']);
        $off = fn (array $fields): TestResponse => $this->from("/jobs/{$this->job->id}/cut/boards")->post("/jobs/{$this->job->id}/entries/board_spoiled", $fields + $this->form([
            'form' => 'spoiled_45000000x145000000_0', 'section' => '45000000,145000000', 'board' => '3600000000', 'pieces' => '3600000000',
        ]));
        $off(['right' => '3600'])->assertSessionHasErrors('right');
        $off(['right' => '1200'])->assertSessionHasErrors('right');
        $off(['left' => '3700'])->assertSessionHasErrors('right');
        $off(['left' => '2000'])->assertSessionHasNoErrors();
        $page = $this->get("/jobs/{$this->job->id}/cut/boards")->assertSeeTextInOrder(['11 boards to buy', 'Boards to buy', '10 ×', 'Sawn again for what was spoiled', '1 ×']);
        $page->assertSeeText('220.00 in all');
        $this->assertSame(11.0, $this->needed()['timber:45000000:145000000:3600000000']);
        $this->get("/jobs/{$this->job->id}/logbook")->assertSeeText('spoiled; lost 3600')->assertSeeText('left of it 2000');
        $entry = array_values(app(ReadSite::class)->site($this->job->fresh() ?? $this->job)->state->log->now(BoardSpoiled::class))[0];
        $this->assertSame([3600.0], array_map(fn (Length $piece) => $piece->inMillimetres(), $entry->lost));
    }

    public function test_odd_lengths_that_lie_there_are_sawn_first_and_sold_ones_are_counted_on_the_bill(): void
    {
        $this->sold(['sold_45000000x145000000' => '3600 : 20', 'lying_45000000x145000000' => '2 x 3700; 1450'])->assertSessionHasNoErrors();
        $this->get("/jobs/{$this->job->id}/cut/boards")->assertSee('value="2 × 3700 mm; 1450 mm"', false)->assertSeeText('lies there')->assertSeeText('8 boards to buy, 160.00');
        $this->assertSame(8.0, $this->needed()['timber:45000000:145000000:3600000000']);
        foreach (['3600' => 'is a length that is sold', 'long' => 'is no length', '0 x 3700' => 'is no length'] as $typed => $says) {
            $this->sold(['lying_45000000x145000000' => (string) $typed])->assertSessionHasErrors('lying_45000000x145000000');
            $this->get("/jobs/{$this->job->id}/cut/boards")->assertSee($says);
        }
        $this->assertSame(8.0, $this->needed()['timber:45000000:145000000:3600000000']);
    }

    /** A part beside the grid: chosen on the page, kept by itself, cut and bought with the first. */
    public function test_a_frame_on_a_part_is_decided_on_its_own(): void
    {
        $zero = new Point(Length::zero(), Length::zero());
        $part = new Part('p1', 'F', PartKind::Row, [$zero, new Point(Length::millimetres(4000), Length::zero())], [], [], Length::millimetres(2000), new Point(Length::zero(), Length::millimetres(-9000)), 15.0);
        $this->job = $this->job($this->job->revision->user, $this->plan()->withParts([$part]));
        $this->get("/jobs/{$this->job->id}/footing/bill")->assertSee('Nothing is kept yet of what stands on F');
        $this->get("/jobs/{$this->job->id}/cut/members?on=p1.0")->assertOk()->assertSeeText('part F, F1 to F3')->assertSee('Nothing usual stands');
        $before = $this->needed()['frame_fixing'];
        $this->post("/jobs/{$this->job->id}/cut/members", ['form' => 'frame', 'based_on' => $this->revision(), 'on' => 'p1.0', 'add' => 'rail', 'beams_run' => 'x'])->assertSessionHasNoErrors()
            ->assertRedirect("/jobs/{$this->job->id}/cut/members?on=p1.0");
        // Two rails over three posts, two fixings at each.
        $this->assertSame($before + 12.0, $this->needed()['frame_fixing']);
        $this->assertNull($this->now()->frame?->layer(LayerKind::Rail));
        $this->get("/jobs/{$this->job->id}/cut/members?on=p1.0&view=minus_y")->assertSeeText("2 × 4000\u{202F}mm")->assertSee('4140 mm');
        $this->get("/jobs/{$this->job->id}/cut/boards")->assertSeeText("4000\u{202F}mm");
        $this->get("/jobs/{$this->job->id}/footing/bill")->assertDontSee('Nothing is kept yet of what stands on F');
        // Its screws are chosen on their own: six crossings of rails and posts, two in each.
        $this->keep(['on' => 'p1.0', 'rail_fastener' => 'screw', 'rail_long' => '90'])->assertRedirect("/jobs/{$this->job->id}/cut/fixings?on=p1.0")->assertSessionHasNoErrors();
        $this->assertSame([12.0, $before], [$this->needed()['screw:90000000'], $this->needed()['frame_fixing']]);
        $this->get("/jobs/{$this->job->id}/cut/fixings?on=p1.0")->assertSeeText("screw of 90\u{202F}mm")->assertDontSee('beam_fastener');
        $this->fixings()->assertSee('beam_fastener')->assertDontSeeText("screw of 90\u{202F}mm");
    }

    private function plan(): Plan
    {
        $plan = Builds::plan();

        return $plan->withFrame(UsualFrame::of(JobKind::Pergola, $plan->notation, $plan->post->thicker()) ?? $this->fail());
    }

    private function now(): Plan
    {
        return ($this->job->fresh() ?? $this->job)->revision->plan();
    }

    private function revision(): int
    {
        return ($this->job->fresh() ?? $this->job)->revision->number;
    }

    /** @return array<string, float> */
    private function needed(): array
    {
        $needed = [];
        foreach ((new JobNeeds(app(ReadSite::class)->site($this->job->fresh() ?? $this->job)->state))->bill()->lines as $line) {
            $needed[$line->goods->name] = $line->needed;
        }

        return $needed;
    }

    private function fixings(): TestResponse
    {
        return $this->get("/jobs/{$this->job->id}/cut/fixings")->assertOk();
    }

    /** @param  array<string, string>  $fields */
    private function keep(array $fields): TestResponse
    {
        return $this->post("/jobs/{$this->job->id}/cut/fixings", $fields + ['form' => 'fixings', 'based_on' => $this->revision()]);
    }

    /** @param  array<string, string>  $fields */
    private function sold(array $fields): TestResponse
    {
        return $this->from("/jobs/{$this->job->id}/cut/boards")->post("/jobs/{$this->job->id}/cut/boards", $fields + ['form' => 'sold', 'based_on' => $this->revision()]);
    }
}
