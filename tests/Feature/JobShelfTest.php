<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Book\Remark;
use Aequus\Logbook\Book\Strike;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Measure\Length;
use App\Actions\NewEntry;
use App\Actions\RecordEntry;
use App\Models\Job;
use App\Models\LogEntry;
use App\Site\ReadSite;
use Tests\JobTestCase;

/** Jobs are found, renamed, put away, binned and taken back, copied; nothing of them is ever lost. */
final class JobShelfTest extends JobTestCase
{
    public function test_a_job_is_renamed_found_put_away_binned_and_taken_back(): void
    {
        $at = "/jobs/{$this->job->id}";
        $this->post("{$at}/name", ['name' => ''])->assertSessionHasErrors('name');
        $this->post("{$at}/name", ['name' => 'Goat shed', 'place' => 'Upper field'])->assertSessionHasNoErrors();
        $this->get('/?find=goat')->assertSee('Goat shed')->assertSee('Upper field');
        $this->get('/?find=barn')->assertDontSee('Goat shed')->assertSee('No job here is called so');
        $this->post("{$at}/shelf", ['shelf' => 'bin'])->assertRedirect('/');
        $this->get('/')->assertDontSee('<h2><a href="'.url($at), false);
        $this->get('/?shelf=bin')->assertSee('Goat shed')->assertSee('Take it back');
        $this->get("{$at}/plan")->assertSee('This job is in the bin');
        $this->get("{$at}/plan")->assertOk();
        $this->post("{$at}/shelf", ['shelf' => 'put_away']);
        $this->get('/?shelf=put_away')->assertSee('Goat shed');
        $this->get("{$at}/plan")->assertSee('This job is put away')->assertDontSee('in the bin. Nothing');
        $this->post("{$at}/shelf", ['shelf' => 'at_hand']);
        $this->get("{$at}/plan")->assertDontSee('This job is');
        $this->get('/')->assertSee('Goat shed');
        $this->post("{$at}/shelf", ['shelf' => 'skip'])->assertNotFound();
    }

    public function test_nobody_sees_what_others_build(): void
    {
        $other = $this->person('Rook');
        $this->job($other)->forceFill(['name' => 'Rook’s barn'])->save();
        foreach (['/', '/?find=barn', '/?shelf=bin', '/?shelf=put_away'] as $list) {
            $this->get($list)->assertOk()->assertDontSee('Rook’s barn');
        }
        $this->actingAs($other)->get('/')->assertSee('Rook’s barn')->assertDontSee($this->job->name);
    }

    public function test_a_copy_of_the_plan_has_no_log(): void
    {
        $this->write($this->job, $this->user, new Remark(null, 'damp'));
        $this->post("/jobs/{$this->job->id}/copy", ['name' => 'The second', 'how' => 'plan'])->assertSessionHasNoErrors();
        $copy = Job::query()->where('name', 'The second')->firstOrFail();
        $this->assertSame(0, $copy->entries()->count());
        $this->assertEquals($this->job->revision->plan(), $copy->revision->plan());
        $this->get("/jobs/{$copy->id}/plan")->assertDontSee('Copy of')->assertSee('Plan of Test shelter, revision 1');
    }

    public function test_a_copy_with_the_log_says_so_everywhere_and_is_no_evidence(): void
    {
        $a1 = $this->job->revision->plan()->grid->labelled('A1')->id;
        $this->write($this->job, $this->user, new HoleDug($a1, Length::millimetres(900)), new Remark(null, 'damp'));
        $first = (int) $this->job->entries()->min('sequence');
        app(RecordEntry::class)($this->job, $this->user, new NewEntry(new HoleDug($a1, Length::millimetres(950)), 'correction', null, '', $first));
        $this->write($this->job, $this->user, new Strike($first + 1, 'it was dry'));
        $this->post("/jobs/{$this->job->id}/copy", ['name' => 'The copy', 'how' => 'log'])->assertSessionHasNoErrors();
        $copy = Job::query()->where('name', 'The copy')->firstOrFail();
        $state = app(ReadSite::class)->site($copy)->state;
        $this->assertEquals(
            [Length::millimetres(950)], array_map(fn (HoleDug $hole) => $hole->depth, array_values($state->log->now(HoleDug::class))),
        );
        $this->assertSame([], $state->log->now(Remark::class), 'the strike aims at the copy of the remark');
        $this->assertSame(4, $this->job->entries()->count());
        $this->assertSame(8, LogEntry::query()->count());
        foreach (['plan', 'square', 'logbook', 'handover', 'set', 'square/sheet'] as $page) {
            $this->get("/jobs/{$copy->id}/{$page}")->assertSee('Copy of Test shelter,')->assertSee('No evidence');
        }
        $this->post(
            "/jobs/{$copy->id}/entries/handed_over", $this->form(['to' => 'the owner', 'remark' => '', 'sure' => '1']),
        )->assertSessionHasErrors('to');
        $this->get("/jobs/{$this->job->id}/plan")->assertDontSee('No evidence');
    }
}
