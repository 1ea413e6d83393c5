<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Footing\HoleDug;
use App\Site\ReadSite;
use Tests\JobTestCase;

/** What was just written down can be taken back at once, and that too. */
final class UndoTest extends JobTestCase
{
    public function test_the_last_entry_is_taken_back_and_the_taking_back_too(): void
    {
        $at = "/jobs/{$this->job->id}";
        $this->from("{$at}/footing/dig")->post("{$at}/entries/hole", ['form' => 'hole', 'client_id' => 'one', 'post' => 'A1', 'depth' => '900']);
        $page = $this->get("{$at}/footing/dig")->assertSee('Take it back');
        preg_match('/name="sequence" value="(\d+)"/', (string) $page->getContent(), $match);
        $undo = fn (string $sequence, string $id) => $this->from("{$at}/footing/dig")->post(
            "{$at}/entries/strike", ['form' => 'undo', 'client_id' => $id, 'sequence' => $sequence, 'reason' => 'Taken back at once'],
        )->assertSessionHasNoErrors();
        $undo($match[1], 'two');
        $this->assertSame([], $this->holes());
        preg_match('/name="sequence" value="(\d+)"/', (string) $this->get("{$at}/footing/dig")->assertSee('Take it back')->getContent(), $strike);
        $undo($strike[1], 'three');
        $this->assertCount(1, $this->holes());
    }

    /** @return array<int, HoleDug> */
    private function holes(): array
    {
        return app(ReadSite::class)->site($this->job)->state->log->now(HoleDug::class);
    }
}
