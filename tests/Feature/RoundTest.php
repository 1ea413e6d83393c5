<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\LeanMeasure;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Square\StringReading;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Plan\Layout\LayoutRules;
use Aequus\Plan\Layout\ReadingList;
use Aequus\Plan\Terms\Side;
use App\Round\RoundKind;
use App\Round\RoundRow;
use App\Round\RoundSheet;
use App\Site\ReadSite;
use Illuminate\Testing\TestResponse;
use Tests\Builds;
use Tests\JobTestCase;
use Tests\LargeJob;

/** A whole round on one screen. */
final class RoundTest extends JobTestCase
{
    public function test_every_reading_of_the_list_has_its_field_and_a_changed_one_corrects(): void
    {
        $this->get($this->at('round/tapes'))->assertSee('0 of ')->assertSee('A1–B1');
        $this->send(
            'entries/tape', 'round-A1-B1', ['from' => 'A1', 'to' => 'B1', 'tape' => 'steel', 'distance' => $this->planned()],
        )->assertRedirect($this->at('round/tapes'));
        $page = $this->get($this->at('round/tapes'))->assertSee('1 of ')->assertSee('written down');
        preg_match('/name="replaces" value="(\d+)"/', (string) $page->getContent(), $match);
        $this->send(
            'entries/tape', 'round-A1-B1', ['from' => 'A1', 'to' => 'B1', 'tape' => 'steel', 'distance' => $this->planned(), 'replaces' => $match[1]],
        )->assertSessionHasNoErrors();
        $this->assertCount(1, $this->now(TapeReading::class));
        $this->assertSame(2, $this->job->entries()->count(), 'nothing is lost');
    }

    public function test_what_is_refused_stands_at_its_own_field_only(): void
    {
        $this->send('entries/tape', 'round-A1-B1', ['from' => 'A1', 'to' => 'B1', 'tape' => 'steel', 'distance' => '13 ells']);
        $page = (string) $this->get($this->at('round/tapes'))->assertSee('13 ells')->getContent();
        $this->assertSame(1, substr_count($page, 'aria-invalid="true"'));
        $this->assertSame([], $this->now(TapeReading::class));
    }

    public function test_rods_keep_the_set_up_they_are_read_from(): void
    {
        $this->get($this->at('round/rods'))->assertSee('Choose a benchmark first');
        $a1 = $this->job->revision->plan()->grid->labelled('A1')->id;
        $this->write(
            $this->job, $this->user, new BenchmarkChosen('sill', Length::zero()), new RodReading(null, Length::millimetres(1500)),
            new RodReading($a1, Length::millimetres(1600)),
        );
        $this->get($this->at('round/rods'))->assertSee('2 of ')->assertSee('sill');
        $second = $this->get($this->at('round/rods?set_up=2'))->assertSee('0 of ')->assertSee('name="set_up" value="2"', false);
        $this->from($this->at('round/rods?set_up=2'))->post(
            $this->at('entries/rod'),
            [
                'form' => 'round-Benchmark', 'client_id' => 'b', 'round' => 'rods', 'post' => 'Benchmark', 'post_part' => 'ground', 'set_up' => '2',
                'rod' => '1400',
            ],
        )
            ->assertSessionHasNoErrors()->assertRedirect($this->at('round/rods?set_up=2'));
        $this->get($this->at('round/rods?set_up=2'))->assertSee('1 of ');
        $this->assertStringContainsString('round', (string) $second->getContent());
    }

    public function test_a_hole_that_met_something_is_no_bare_field(): void
    {
        $this->get($this->at('round/holes'))->assertSee('No hole has a depth yet');
        $this->get($this->at('round/tops'))->assertSee('Decide where the tops shall be first');
        $this->get($this->at('round/elsewhere'))->assertNotFound();
        $this->assertSame([], $this->now(HoleDug::class));
    }

    public function test_both_faces_of_every_post_that_stands_are_read_with_their_direction(): void
    {
        $this->get($this->at('round/plumb'))->assertSee('No post stands yet');
        $a1 = $this->job->revision->plan()->grid->labelled('A1')->id;
        $this->write($this->job, $this->user, new PostSet($a1));
        $page = (string) $this->get($this->at('round/plumb?level=600'))->assertSee('0 of 2 written down')->getContent();
        $this->assertSame(2, substr_count($page, 'name="level" value="600 mm"'));
        $face = ['post' => 'A1', 'face' => 'minus_y', 'stage' => 'hole_open', 'way' => 'gap', 'level' => '600 mm', 'gap' => '4'];
        $this->send('entries/plumb', 'round-A1-minus_y', $face)->assertSessionHasErrors('leans');
        $this->send('entries/plumb', 'round-A1-minus_y', $face + ['leans' => 'plus_y'])->assertSessionHasNoErrors();
        $this->send('entries/plumb', 'round-A1-plus_x', ['face' => 'plus_x', 'gap' => '', 'leans' => 'plumb'] + $face)->assertSessionHasNoErrors();
        $page = (string) $this->get($this->at('round/plumb'))->assertSee('2 of 2 written down')->getContent();
        $this->assertStringContainsString('<option value="plus_y" selected', preg_replace('/\s+/', ' ', $page) ?? '');
        $this->assertSame(['leans', 'plumb this way'], $this->words($page), '4 over 600 is more than the tolerance; the other face is plumb');
        $this->write(
            $this->job, $this->user,
            new PlumbReading($a1, Side::MinusY, Side::PlusY, LeanMeasure::bob(Length::millimetres(2), Length::millimetres(2000)), Stage::HoleOpen),
        );
        $this->get($this->at('round/plumb'))->assertSee('change it on the page of the post');
        $this->write($this->job, $this->user, new PostFilled($a1, FillStep::Done));
        $this->get($this->at('round/plumb'))->assertSee('0 of 2 written down');
    }

    public function test_an_offset_from_a_string_has_its_side(): void
    {
        $plan = Builds::plan();
        $rules = $plan->layout;
        $this->job = $this->job(
            $this->user,
            $plan->withLayout(
                new LayoutRules($rules->placement, ReadingList::Lean, $rules->tape, null, $rules->strings, $rules->boards, $rules->cover),
            ),
        );
        $row = collect(
            (new RoundSheet(RoundKind::Tapes, app(ReadSite::class)->site($this->job)->state))->rows,
        )->first(fn (RoundRow $row) => $row->kind === EntryKind::StringOffset);
        [$side] = array_keys($row->choice->options);
        $this->send('entries/string_offset', "round-{$row->key}", $row->with + ['off' => '3'])->assertSessionHasErrors('toward');
        $this->send('entries/string_offset', "round-{$row->key}", $row->with + ['off' => '3', 'toward' => $side])->assertSessionHasNoErrors();
        $this->assertSame($side, $this->stringRow($row->key)->choice?->chosen);
        [$stake, $from, $to] = array_map(
            fn (string $label) => $plan->grid->labelled($label)->id,
            array_values(array_intersect_key($row->with, ['stake' => 1, 'from' => 1, 'to' => 1])),
        );
        $read = $this->now(StringReading::class);
        $this->write($this->job, $this->user, new StringReading($stake, $to, $from, $read[array_key_last($read)]->off->negated(), Length::zero()));
        $this->assertSame($side, $this->stringRow($row->key)->choice?->chosen, 'the same side, the string looked along the other way');
        $this->write($this->job, $this->user, new StringReading($stake, $from, $to, $read[array_key_last($read)]->off->negated(), Length::zero()));
        $this->assertNotSame($side, $this->stringRow($row->key)->choice?->chosen);
    }

    private function stringRow(string $key): RoundRow
    {
        return collect(
            (new RoundSheet(RoundKind::Tapes, app(ReadSite::class)->site($this->job)->state))->rows,
        )->firstOrFail(fn (RoundRow $row) => $row->key === $key);
    }

    public function test_a_long_round_is_walked_in_parts_and_stays_in_the_one_that_is_filled(): void
    {
        $large = $this->job($this->user, $plan = LargeJob::plan());
        $at = url("/jobs/{$large->id}/round/tapes");
        $this->get($at)->assertRedirect("{$at}?part=1");
        $first = $this->get("{$at}?part=1")->assertOk()->assertSee('Parts of this round')->assertSee('Go on with');
        $this->assertSame(100, substr_count((string) $first->getContent(), 'name="client_id"'));
        $sheet = new RoundSheet(RoundKind::Tapes, app(ReadSite::class)->site($large)->state);
        $this->assertSame(count($sheet->rows), array_sum(array_map(fn (int $part) => count($sheet->part($part)), range(1, $sheet->parts()))));
        $row = $sheet->part(2)[0];
        $this->from("{$at}?part=2")->post(url("/jobs/{$large->id}/entries/{$row->kind->value}"), $row->with + [
            $row->field => $plan->write($row->planned ?? Length::zero()), 'form' => $row->form(), 'client_id' => 'a-part', 'round' => 'tapes',
        ])->assertSessionHasNoErrors()->assertRedirect("{$at}?part=2");
        foreach ([0, -1, $sheet->parts() + 1] as $none) {
            $this->get("{$at}?part={$none}")->assertRedirect("{$at}?part=1");
        }
        $this->get("{$at}?part={$sheet->parts()}")->assertDontSee('Go on with');
        $this->write($large, $this->user, ...array_slice(Builds::readings($plan), 0, 130));
        $read = new RoundSheet(RoundKind::Tapes, app(ReadSite::class)->site($large)->state);
        $isRead = array_map(fn (RoundRow $row) => $row->isRead(), $read->rows);
        $this->assertNotContains(false, array_slice($isRead, 0, 100), 'the first part is done');
        $this->assertContains(false, $isRead);
        $this->get($at)->assertRedirect("{$at}?part=2");
        $this->get($this->at('round/tapes'))->assertOk()->assertDontSee('Parts of this round');
    }

    /** @return list<string> how the rows stand */
    private function words(string $page): array
    {
        preg_match_all('/class="state state-[a-z-]+">([^<]+)</', $page, $match);

        return $match[1];
    }

    private function planned(): string
    {
        $plan = $this->job->revision->plan();

        return $plan->write($plan->grid->labelled('A1')->at->distanceTo($plan->grid->labelled('B1')->at));
    }

    /** @param  array<string, string>  $fields */
    private function send(string $path, string $form, array $fields): TestResponse
    {
        return $this->from($this->at('round/tapes'))->post(
            $this->at($path), $fields + ['form' => $form, 'client_id' => bin2hex(random_bytes(8)), 'round' => 'tapes'],
        );
    }

    private function at(string $path): string
    {
        return url("/jobs/{$this->job->id}/{$path}");
    }

    /** @return array<int, object> */
    private function now(string $class): array
    {
        return app(ReadSite::class)->site($this->job)->state->log->now($class);
    }
}
