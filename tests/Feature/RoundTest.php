<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\BenchmarkChosen;
use Aequus\Logbook\HoleDug;
use Aequus\Logbook\RodReading;
use Aequus\Logbook\TapeReading;
use Aequus\Measure\Length;
use App\Site\ReadSite;
use Illuminate\Testing\TestResponse;
use Tests\JobTestCase;

/** A whole round on one screen. */
final class RoundTest extends JobTestCase
{
    public function test_every_reading_of_the_list_has_its_field_and_a_changed_one_corrects(): void
    {
        $this->get($this->at('round/tapes'))->assertSee('0 of ')->assertSee('A1–B1');
        $this->send('square/tape', 'round-A1-B1', ['from' => 'A1', 'to' => 'B1', 'tape' => 'steel', 'distance' => $this->planned()])->assertRedirect($this->at('round/tapes'));
        $page = $this->get($this->at('round/tapes'))->assertSee('1 of ')->assertSee('written down');
        preg_match('/name="replaces" value="(\d+)"/', (string) $page->getContent(), $match);
        $this->send('square/tape', 'round-A1-B1', ['from' => 'A1', 'to' => 'B1', 'tape' => 'steel', 'distance' => $this->planned(), 'replaces' => $match[1]])->assertSessionHasNoErrors();
        $this->assertCount(1, $this->now(TapeReading::class));
        $this->assertSame(2, $this->job->entries()->count(), 'nothing is lost');
    }

    public function test_what_is_refused_stands_at_its_own_field_only(): void
    {
        $this->send('square/tape', 'round-A1-B1', ['from' => 'A1', 'to' => 'B1', 'tape' => 'steel', 'distance' => '13 ells']);
        $page = (string) $this->get($this->at('round/tapes'))->assertSee('13 ells')->getContent();
        $this->assertSame(1, substr_count($page, 'aria-invalid="true"'));
        $this->assertSame([], $this->now(TapeReading::class));
    }

    public function test_rods_keep_the_set_up_they_are_read_from(): void
    {
        $this->get($this->at('round/rods'))->assertSee('Choose a benchmark first');
        $a1 = $this->job->revision->plan()->grid->labelled('A1')->id;
        $this->write($this->job, $this->user, new BenchmarkChosen('sill', Length::zero()), new RodReading(null, Length::millimetres(1500)), new RodReading($a1, Length::millimetres(1600)));
        $this->get($this->at('round/rods'))->assertSee('2 of ')->assertSee('sill');
        $second = $this->get($this->at('round/rods?set_up=2'))->assertSee('0 of ')->assertSee('name="set_up" value="2"', false);
        $this->from($this->at('round/rods?set_up=2'))->post($this->at('level/rod'), ['form' => 'round-Benchmark', 'client_id' => 'b', 'round' => 'rods', 'post' => 'Benchmark', 'post_part' => 'ground', 'set_up' => '2', 'rod' => '1400'])
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

    private function planned(): string
    {
        $plan = $this->job->revision->plan();

        return $plan->write($plan->grid->labelled('A1')->at->distanceTo($plan->grid->labelled('B1')->at));
    }

    /** @param  array<string, string>  $fields */
    private function send(string $path, string $form, array $fields): TestResponse
    {
        return $this->from($this->at('round/tapes'))->post($this->at($path), $fields + ['form' => $form, 'client_id' => bin2hex(random_bytes(8)), 'round' => 'tapes']);
    }

    private function at(string $path): string
    {
        return url("/jobs/{$this->job->id}/{$path}");
    }

    /** @return array<int, object> */
    private function now(string $class): array
    {
        return app(ReadSite::class)->of($this->job)->state->log->now($class);
    }
}
