<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Footing\HoleDug;
use Aequus\Measure\Length;
use App\Actions\NewEntry;
use App\Actions\RecordEntry;
use App\Models\LogEntry;
use App\Site\ReadSite;
use App\View\Ahead;
use Illuminate\Testing\TestResponse;
use Tests\Builds;
use Tests\JobTestCase;

/** An entry that waited on a phone, and what was written of the same thing while it did; and what a phone is told beforehand. */
final class WrittenMeanwhileTest extends JobTestCase
{
    public function test_what_waited_is_not_taken_over_what_another_wrote_meanwhile_until_its_writer_says_so(): void
    {
        $seen = $this->hole('600', 'before');
        $this->hole('900', 'theirs', 'Bea');
        $this->send(['depth' => '950', 'seen' => (string) $seen])->assertStatus(409)
            ->assertJsonPath('message', 'While this waited, somebody wrote something else of the same.')
            ->assertJsonPath('theirs.who', 'Bea')->assertJsonPath('theirs.says', fn (string $says) => str_contains($says, '900'))
            ->assertJsonPath('mine.says', fn (string $says) => str_contains($says, '950'));
        $this->assertSame(2, LogEntry::query()->count(), 'nothing of it is stored');
        // Without what its writer saw it is one that was decided on: both stay in the book, the newest counts.
        $this->send(['depth' => '950'])->assertRedirect();
        $this->assertSame(3, LogEntry::query()->count());
    }

    public function test_nothing_stands_in_the_way_of_what_nobody_else_wrote_of(): void
    {
        $seen = $this->hole('900', 'theirs');
        $this->send(['depth' => '950', 'seen' => (string) $seen], 'after-all')->assertRedirect();
        $this->send(['depth' => '960', 'seen' => (string) $seen, 'own' => 'other after-all'], 'own-one-before')->assertRedirect();
        $this->send(['depth' => '970', 'seen' => (string) $seen, 'own' => 'other'], 'not-own')->assertStatus(409);
        $this->send(['depth' => '960', 'seen' => (string) $seen], 'the-same-figure')->assertStatus(409);
        $this->send(['depth' => '960', 'seen' => (string) ($seen + 1)], 'the-same-figure-since')->assertRedirect();
        $this->send(['post' => 'B1', 'depth' => '970', 'seen' => (string) $seen], 'another-post')->assertRedirect();
        // Sent twice it is one entry, whatever was written between.
        $this->send(['depth' => '950', 'seen' => (string) $seen], 'after-all')->assertRedirect();
        // Who types at a page that is up to date is never asked.
        $this->post("/jobs/{$this->job->id}/entries/hole", ['form' => 'hole', 'client_id' => 'typed', 'post' => 'A1', 'depth' => '980', 'seen' => (string) $seen])->assertSessionHasNoErrors();
    }

    public function test_a_phone_is_told_what_comes_next_in_the_order_of_the_work(): void
    {
        $site = app(ReadSite::class)->site($this->job);
        $this->assertNotNull($site->next);
        $this->get("/jobs/{$this->job->id}/square")->assertSee('data-ahead', false)->assertSee('data-book="0"', false);
        $square = $site->nextIn(\Aequus\Site\Phase::Square) ?? $this->fail();
        $ahead = new Ahead($site, $square);
        $this->assertTrue($ahead->isAll);
        $steps = $ahead->steps;
        $this->assertSame('tape', $steps[0]['kind']);
        $this->assertCount(6, $steps);
        $this->assertSame((string) $site->speech->say($square->do), $steps[0]['says']);
        $this->assertSame(6, count(array_unique(array_column($steps, 'about'))));
        $this->assertMatchesRegularExpression('/^[A-Z]\d-[A-Z]\d$/', $steps[0]['about']);
    }

    /** Else the phone would say that all is written down when its list is. */
    public function test_a_list_too_long_for_a_phone_says_that_it_is_not_all(): void
    {
        $site = app(ReadSite::class)->site($this->job($this->user, Builds::plan(baysX: array_fill(0, 4, 2400), baysY: array_fill(0, 3, 2400))));
        $ahead = new Ahead($site, $site->nextIn(\Aequus\Site\Phase::Square) ?? $this->fail());
        $this->assertCount(24, $ahead->steps);
        $this->assertFalse($ahead->isAll);
    }

    private function hole(string $depth, string $id, string $readBy = ''): int
    {
        $post = $this->job->revision->plan()->grid->labelled('A1')->id;

        return app(RecordEntry::class)($this->job, $this->user, new NewEntry(new HoleDug($post, Length::millimetres((float) $depth)), $id, readBy: $readBy))->sequence;
    }

    /** @param  array<string, string>  $fields */
    private function send(array $fields, string $id = 'waited'): TestResponse
    {
        return $this->post("/jobs/{$this->job->id}/entries/hole", $fields + ['form' => 'hole', 'client_id' => $id, 'post' => 'A1'], ['Accept' => 'application/json']);
    }
}
