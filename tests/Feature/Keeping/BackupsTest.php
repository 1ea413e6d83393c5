<?php

declare(strict_types=1);

namespace Tests\Feature\Keeping;

use Aequus\Logbook\Book\Remark;
use App\Keeping\Backups;
use App\Keeping\KeepingRefused;
use App\Keeping\Sealed;
use App\Keeping\WriteBackup;
use App\Models\Job;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;

/** Copies that are made by themselves, encrypted ones, and a job that is forgotten. */
final class BackupsTest extends KeepingTestCase
{
    private Job $job;

    private User $person;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->job($this->person = $this->person());
        $this->write($this->job, $this->person, new Remark(null, 'before'));
    }

    public function test_one_is_made_when_the_last_is_a_day_old_and_seven_days_and_four_weeks_are_kept(): void
    {
        $backups = new Backups($this->data);
        $start = new DateTimeImmutable('2026-03-02 06:00 UTC');
        for ($hour = 0; $hour < 60 * 24; $hour += 9) {
            $now = $start->modify("+{$hour} hours");
            $backups->isDue($now) && $backups->make($now);
        }
        $days = array_map(fn (array $one) => $one['at']->format('Y-m-d'), $backups->all());
        $this->assertCount(7 + 2, $days, 'the newest of the last two weeks are among the seven days');
        $this->assertSame($days, array_unique($days));
        $this->assertGreaterThanOrEqual(15, (new DateTimeImmutable($days[0]))->diff(new DateTimeImmutable($days[array_key_last($days)]))->days);
        $this->assertSame([0o600], array_values(array_unique(array_map(fn (array $one) => fileperms($one['file']) & 0o777, $backups->all()))));
        $this->assertFalse($backups->isDue($now));
        $this->assertTrue($backups->isDue($now->modify('+25 hours')));
    }

    public function test_a_start_makes_the_one_that_is_due_and_the_list_says_that_no_copy_has_left(): void
    {
        $this->command('aequus:prepare');
        $this->assertCount(1, (new Backups($this->data))->all());
        $this->assertStringContainsString('No copy has left this machine yet', $this->command('aequus:backup', ['--list' => true])[1]);
        (new Backups($this->data))->copyHasLeft(new DateTimeImmutable('2026-11-20'));
        $this->assertStringContainsString('last left this machine on 2026-11-20', $this->command('aequus:backup', ['--list' => true])[1]);
    }

    public function test_what_was_begun_and_never_finished_goes_with_the_next_one(): void
    {
        $backups = new Backups($this->data);
        mkdir($backups->folder);
        foreach (['.writing-old' => 10_000, '.writing-now' => 60] as $name => $ago) {
            touch("{$backups->folder}/{$name}", time() - $ago);
        }
        touch("{$this->data->inForce()}/taken-half");
        $backups->make(new DateTimeImmutable);
        $this->assertSame(['.writing-now'], array_map(basename(...), glob("{$backups->folder}/.writing-*") ?: []));
        $this->command('aequus:prepare');
        $this->assertSame([], glob("{$this->data->inForce()}/taken-*"));
    }

    public function test_a_backup_that_cannot_be_made_is_told_and_keeps_nobody_from_working(): void
    {
        touch("{$this->beside}/no-folder");
        config(['aequus.backups' => "{$this->beside}/no-folder/below"]);
        [$code, $said] = $this->command('aequus:prepare');
        $this->assertSame(0, $code);
        $this->assertStringContainsString('No backup could be made', $said);
        [$code, $said] = $this->command('aequus:backup', ['file' => "{$this->beside}/nowhere/mine.aequus"]);
        $this->assertSame(1, $code);
        $this->assertStringContainsString('can’t be written', $said);
    }

    public function test_an_encrypted_one_shows_nothing_and_comes_back_with_its_passphrase_only(): void
    {
        $file = "{$this->beside}/sealed.aequus";
        (new WriteBackup)($this->data, $file, 'three dry posts and a string');
        $this->assertTrue(Sealed::is($file));
        $this->assertStringNotContainsString('before', (string) file_get_contents($file));
        $this->assertStringContainsString('passphrase is wrong', $this->command('aequus:restore', ['file' => $file, '--passphrase' => 'three wet posts'])[1]);
        $this->assertStringContainsString('Its passphrase is needed', $this->command('aequus:restore', ['file' => $file, '--no-interaction' => true])[1]);
        $this->write($this->job, $this->person, new Remark(null, 'after'));
        $this->assertSame(0, $this->command('aequus:restore', ['file' => $file, '--passphrase' => 'three dry posts and a string'])[0]);
        $this->assertSame(1, DB::table('entries')->count());
    }

    #[TestWith([0.5])]
    #[TestWith([0.999])]
    public function test_an_encrypted_one_that_was_cut_short_or_changed_is_refused(float $share): void
    {
        $file = "{$this->beside}/sealed.aequus";
        (new WriteBackup)($this->data, $file, 'three dry posts');
        $bytes = (string) file_get_contents($file);
        $at = (int) (strlen($bytes) * $share);
        foreach ([substr($bytes, 0, $at), substr_replace($bytes, chr(ord($bytes[$at]) ^ 1), $at, 1)] as $spoilt) {
            file_put_contents($file, $spoilt);
            $this->assertStringContainsString('passphrase is wrong, or the file was cut', $this->command('aequus:restore', ['file' => $file, '--passphrase' => 'three dry posts'])[1]);
        }
    }

    public function test_the_owner_takes_a_copy_along_on_the_screen_and_the_jobs_say_since_when_none_has_left(): void
    {
        $this->actingAs($this->person);
        $this->get('/')->assertSee('No copy has left this machine yet');
        $this->post('/backups', ['passphrase' => 'three dry posts', 'again' => 'three wet posts'])->assertSessionHasErrors('again');
        $copy = $this->post('/backups', ['passphrase' => 'three dry posts', 'again' => 'three dry posts'])->assertOk()->assertDownload();
        $file = "{$this->beside}/taken.aequus";
        file_put_contents($file, $copy->streamedContent());
        $this->assertTrue(Sealed::is($file));
        $this->assertSame([], glob("{$this->data->inForce()}/taken-*"), 'nothing of it stays behind');
        $this->get('/')->assertSee('A copy last left this machine on '.now()->format('j M Y'));
        $this->get('/backups')->assertOk()->assertSee('Made by themselves');
        $this->assertSame(0, $this->command('aequus:restore', ['file' => $file, '--passphrase' => 'three dry posts'])[0]);
    }

    public function test_nobody_but_the_owner_of_the_installation_takes_everybodys_jobs_along(): void
    {
        $this->get('/backups')->assertRedirect('/sign-in');
        $this->actingAs($this->person('Linnet'));
        $this->get('/backups')->assertForbidden();
        $this->post('/backups')->assertForbidden();
        $this->get('/')->assertDontSee('/backups');
        config(['aequus.mode' => 'demo']);
        $this->actingAs($this->person)->get('/backups')->assertNotFound();
    }

    public function test_a_name_that_is_taken_is_never_overwritten(): void
    {
        file_put_contents("{$this->beside}/mine", 'do not touch');
        $this->expectException(KeepingRefused::class);
        try {
            (new WriteBackup)($this->data, "{$this->beside}/mine");
        } finally {
            $this->assertSame('do not touch', file_get_contents("{$this->beside}/mine"));
        }
    }

    public function test_only_what_lies_in_the_bin_is_forgotten_and_then_nothing_of_it_is_left_in_the_data(): void
    {
        $other = $this->job($this->person);
        $this->write($other, $this->person, new Remark(null, 'stays'));
        [$code, $said] = $this->command('aequus:forget', ['job' => (string) $this->job->id]);
        $this->assertSame(1, $code);
        $this->assertStringContainsString('is not in the bin', $said);
        $this->job->forceFill(['shelf' => 'bin'])->save();
        $before = $this->data->database();
        $this->assertSame(0, $this->command('aequus:forget', ['job' => (string) $this->job->id])[0]);
        $this->assertFileDoesNotExist($before);
        $this->assertSame([$other->id], DB::table('jobs')->pluck('id')->all());
        $this->assertSame([$other->id], DB::table('entries')->pluck('job_id')->unique()->all());
        $this->assertStringNotContainsString('before', (string) file_get_contents($this->data->database()));
        $this->assertSame(1, $this->command('aequus:forget', ['job' => '1; drop'])[0]);
        $this->assertNotSame([], DB::select("SELECT 1 FROM sqlite_schema WHERE type = 'trigger' AND name = 'entries_no_delete'"));
    }

    public function test_where_an_older_folder_still_holds_a_forgotten_job_that_is_told(): void
    {
        $this->job->forceFill(['shelf' => 'bin'])->save();
        $older = $this->data->database();
        $this->command('aequus:restore', ['file' => $this->backup()]);
        [$code, $said] = $this->command('aequus:forget', ['job' => (string) $this->job->id]);
        $this->assertSame(0, $code);
        $this->assertStringContainsString('before', (string) file_get_contents($older), 'what was there before the restore stays');
        $this->assertStringContainsString('older folders of data beside it still hold it', $said);
    }

    public function test_nobody_else_on_the_machine_can_read_the_data(): void
    {
        chmod($this->data->database(), 0o644);
        chmod($this->data->inForce(), 0o755);
        $this->command('aequus:prepare');
        $this->assertSame([0o600, 0o700], [fileperms($this->data->database()) & 0o777, fileperms($this->data->inForce()) & 0o777]);
    }

    public function test_a_start_refuses_data_of_a_newer_version_and_checks_everything_after_an_unclean_stop(): void
    {
        $this->assertStringContainsString('The last stop was not a clean one', $this->command('aequus:prepare')[1]);
        unlink("{$this->data->path}/running");
        $this->assertSame([0, ''], $this->command('aequus:prepare'));
        DB::table('migrations')->insert(['migration' => '2031_01_01_000001_more', 'batch' => 9]);
        [$code, $said] = $this->command('aequus:prepare');
        $this->assertSame(1, $code);
        $this->assertStringContainsString('newer version of Aequus', $said);
    }
}
