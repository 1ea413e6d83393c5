<?php

declare(strict_types=1);

namespace Tests\Feature\Keeping;

use App\Models\Job;
use Illuminate\Support\Facades\DB;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;

/** What keeps an entry from being stored is told within a second, in words, with a status on which a page keeps it and sends it again. */
final class FaultsTest extends KeepingTestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->job($person = $this->person());
        $this->actingAs($person);
    }

    /**
     * @param  callable(self): callable  $spoil  gives what makes it good again
     */
    #[DataProvider('faults')]
    public function test_it_is_told_and_the_same_entry_is_stored_once_when_it_is_over(callable $spoil, string $says): void
    {
        $entry = $this->form(['form' => 'remark', 'text' => 'written in a bad moment '.str_repeat('and longer ', 400)]);
        $heal = $spoil($this);
        $waited = [];
        // The shortest of three: a busy machine adds to each what is not the application's.
        for ($try = 0; $try < 3; $try++) {
            $begun = microtime(true);
            $this->postJson("/jobs/{$this->job->id}/entries/remark", $entry)->assertStatus(503)->assertJsonPath('message', fn (string $message) => str_contains($message, $says));
            $waited[] = microtime(true) - $begun;
        }
        $this->assertLessThan(1.5, min($waited));
        $this->post("/jobs/{$this->job->id}/entries/remark", $entry)->assertStatus(503)->assertSee($says);
        $heal();
        DB::purge();
        $this->post("/jobs/{$this->job->id}/entries/remark", $entry)->assertSessionHasNoErrors();
        $this->post("/jobs/{$this->job->id}/entries/remark", $entry)->assertSessionHasNoErrors();
        $this->assertSame(1, DB::table('entries')->count());
    }

    /** @return iterable<string, array{callable(self): callable, string}> */
    public static function faults(): iterable
    {
        yield 'another writes and does not end' => [function (self $test): callable {
            $other = new PDO("sqlite:{$test->data->database()}");
            $other->exec('BEGIN IMMEDIATE');

            return fn () => $other->exec('ROLLBACK');
        }, 'Send it again'];
        yield 'the disk is full' => [function (): callable {
            DB::statement('CREATE TABLE filler (what)');
            DB::statement('PRAGMA max_page_count = 1');
            while (true) {
                try {
                    DB::statement('INSERT INTO filler VALUES (zeroblob(4000))');
                } catch (\Throwable) {
                    break;
                }
            }

            return function (): void {
                DB::statement('PRAGMA max_page_count = 1073741823');
            };
        }, 'Make room'];
        yield 'nothing can be written' => [function (): callable {
            DB::statement('PRAGMA query_only = ON');

            return fn () => DB::statement('PRAGMA query_only = OFF');
        }, 'read-only'];
    }
}
