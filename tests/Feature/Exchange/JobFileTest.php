<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use Aequus\Logbook\Book\Remark;
use Aequus\Logbook\Book\Strike;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Measure\Length;
use App\Actions\BringIn;
use App\Actions\KeepPicture;
use App\Actions\NewEntry;
use App\Actions\RecordEntry;
use App\Demo\LoadDemo;
use App\Exchange\JobFileRefusal;
use App\Exchange\JobFileRefused;
use App\Exchange\JobOut;
use App\Exchange\JobSchema;
use App\Models\Job;
use App\Models\User;
use App\Site\ReadSite;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use JsonSchema\Validator;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Builds;
use Tests\FeatureTestCase;
use Throwable;
use ZipArchive;

/** A whole job out as one file, in on another machine, and out again. */
final class JobFileTest extends FeatureTestCase
{
    /** Every job of the demo: the same bytes come out of what came in, and everything that is true of it is the same. */
    public function test_every_job_goes_out_comes_in_and_goes_out_the_same(): void
    {
        config(['aequus.demo_seed' => LoadDemo::SEED]);
        app(LoadDemo::class)();
        $other = $this->somebody();
        foreach (Job::query()->orderBy('id')->get() as $job) {
            $bytes = JobOut::file($job);
            $this->assertSame($bytes, JobOut::file($job->fresh() ?? $job), 'the same job is the same bytes');
            $in = $this->bring($bytes, $other);
            $this->assertNotSame($job->id, $in->id);
            $this->assertSame($bytes, JobOut::file($in), $job->name);
            [$was, $is] = [app(ReadSite::class)->site($job), app(ReadSite::class)->site($in)];
            $this->assertEquals([$was->plan, $was->next?->do, $was->next?->number], [$is->plan, $is->next?->do, $is->next?->number]);
            [$was, $is] = [$was->state, $is->state];
            $this->assertSame(array_values(array_map(fn ($entry) => $entry->measured, $was->log->entries)), array_values(array_map(fn ($entry) => $entry->measured, $is->log->entries)));
        }
        $this->assertGreaterThan(8, Job::query()->count() / 2);
    }

    /** Seed 200: two hundred jobs of any size, read, dug and set as it comes. */
    public function test_random_jobs_go_out_and_come_in_the_same(): void
    {
        $dice = new Randomizer(new Mt19937(200));
        [$here, $there] = [$this->somebody(), $this->somebody()];
        for ($i = 0; $i < 200; $i++) {
            $bays = fn (): array => array_map(fn () => $dice->getInt(1500, 3600) + $dice->getInt(0, 9) / 10, range(1, $dice->getInt(1, 3)));
            $job = $this->job($here, Builds::plan($bays(), $bays()));
            $plan = $job->revision->plan();
            $this->write($job, $here, ...array_slice(Builds::readings($plan, ['B2' => [$dice->getInt(-30, 30), 0]]), 0, $dice->getInt(0, 6)));
            $posts = $dice->shuffleArray($plan->grid->posts);
            $this->write($job, $here, ...array_map(fn ($post) => new HoleDug($post->id, Length::millimetres($dice->getInt(600, 1200))), array_slice($posts, 0, $dice->getInt(0, 4))));
            $bytes = JobOut::file($job);
            $in = $this->bring($bytes, $there);
            $this->assertSame($bytes, JobOut::file($in), "job {$i}");
            $this->assertEquals(app(ReadSite::class)->site($job)->next?->do, app(ReadSite::class)->site($in)->next?->do);
        }
    }

    public function test_names_come_as_names_from_a_file_and_every_page_says_so(): void
    {
        $job = $this->written();
        $other = $this->somebody();
        $in = $this->bring(JobOut::file($job), $other);
        $this->actingAs($other);
        $by = array_unique(array_map(fn ($entry) => $entry->recordedBy, app(ReadSite::class)->site($in)->state->log->entries));
        $owner = User::query()->findOrFail($job->user_id)->name;
        $this->assertSame(["{$owner}, by file"], array_values($by));
        foreach (['plan', 'logbook', 'days', 'files'] as $page) {
            $this->get("/jobs/{$in->id}/{$page}")->assertOk()->assertSeeText('Came in from a file on');
        }
        $this->get("/jobs/{$in->id}/plan")->assertSeeText("{$owner}, by file");
        // Whose it was sees nothing new; nobody from the file is somebody here.
        $this->assertSame(1, Job::query()->where('user_id', $job->user_id)->count());
        $this->assertSame(2, User::query()->count());
        // A correction and a strike aim at what they aimed at.
        $log = app(ReadSite::class)->site($in)->state->log;
        $this->assertCount(1, $log->now(HoleDug::class));
        $this->assertSame(810.0, array_values($log->now(HoleDug::class))[0]->depth->inMillimetres());
        $this->assertSame([], $log->now(Remark::class));
    }

    public function test_a_job_comes_in_beside_itself_and_not_where_one_entry_says_something_else(): void
    {
        $job = $this->written();
        $user = User::query()->findOrFail($job->user_id);
        $bytes = JobOut::file($job);
        $beside = $this->bring($bytes, $user);
        $this->assertSame([$job->uid, 2], [$beside->uid, Job::query()->where('uid', $job->uid)->count()]);
        $count = Job::query()->count();
        $changed = $this->changed($bytes, function (array $file): array {
            $file['entries'][0]['says']['depth'] = 700_000_000;

            return $file;
        });
        $this->assertRefused(JobFileRefusal::OtherContent, $changed, $user, 'number say something else here than in the file: 1.');
        $this->assertSame($count, Job::query()->count());
        // Somebody else, who has no such job, may have it as it is.
        $this->bring($changed, $this->somebody());
    }

    public function test_what_it_says_keeps_to_the_published_schema(): void
    {
        $job = $this->written();
        $schema = json_decode((string) file_get_contents(base_path(JobSchema::PATH)));
        foreach ([JobOut::says($job), ['format' => 'aequus job']] as $i => $says) {
            $json = json_decode((string) json_encode($says));
            $validator = new Validator;
            $validator->validate($json, $schema);
            $this->assertSame($i === 0, $validator->isValid());
        }
        // Field by field: every one is described or says what it is by its name, and none is left over.
        $this->assertSame(array_keys(JobOut::says($job)), $schema->required);
        $this->assertSame(array_keys(JobOut::says($job)['entries'][0]), $schema->properties->entries->items->required);
        $this->assertSame(array_keys(JobOut::says($job)['revisions'][0]), $schema->properties->revisions->items->required);
    }

    /** Each changed in one place. */
    public function test_what_can_not_be_is_refused_and_nothing_is_stored(): void
    {
        $job = $this->written();
        $user = $this->somebody();
        $bytes = JobOut::file($job);
        $cases = [
            [JobFileRefusal::NewerVersion, fn (array $file) => ['version' => 2] + $file], [JobFileRefusal::AgainstTheSchema, fn (array $file) => ['zone' => 'Nowhere/Land'] + $file],
            [JobFileRefusal::AgainstTheSchema, fn (array $file) => ['id' => 'mine'] + $file], [JobFileRefusal::AgainstTheSchema, fn (array $file) => $file + ['more' => 1]],
            [JobFileRefusal::AgainstTheSchema, fn (array $file) => array_replace_recursive($file, ['entries' => [['measured_at' => '2026-02-30 25:00:00']]])],
            [JobFileRefusal::OutOfOrder, fn (array $file) => array_replace_recursive($file, ['entries' => [['number' => 2]]])], [JobFileRefusal::OutOfOrder, fn (array $file) => array_replace_recursive($file, ['entries' => [['revision' => 9]]])],
            [JobFileRefusal::OutOfOrder, fn (array $file) => array_replace_recursive($file, ['entries' => [['replaces' => 1]]])], [JobFileRefusal::OutOfOrder, fn (array $file) => array_replace_recursive($file, ['revisions' => [['number' => 2]]])],
            [JobFileRefusal::OutOfOrder, fn (array $file) => array_replace_recursive($file, ['entries' => [3 => ['says' => ['sequence' => 4]]]])],
            [JobFileRefusal::OtherContent, fn (array $file) => array_replace_recursive($file, ['entries' => [1 => ['id' => $file['entries'][0]['id']]]])],
            [JobFileRefusal::EntryUnreadable, fn (array $file) => array_replace_recursive($file, ['entries' => [['kind' => 'moon']]])], [JobFileRefusal::EntryUnreadable, fn (array $file) => array_replace_recursive($file, ['entries' => [['version' => 999]]])],
            [JobFileRefusal::EntryUnreadable, fn (array $file) => array_replace_recursive($file, ['entries' => [['says' => ['depth' => 'deep']]]])], [JobFileRefusal::PlanUnreadable, fn (array $file) => array_replace_recursive($file, ['revisions' => [['plan' => ['kind' => 'moon']]]])],
            [JobFileRefusal::PictureMissing, fn (array $file) => ['pictures' => []] + $file],
        ];
        foreach ($cases as $i => [$why, $change]) {
            $this->assertRefused($why, $this->changed($bytes, $change), $user, '', "case {$i}");
        }
        $this->assertRefused(JobFileRefusal::NoJobFile, 'no zip at all', $user);
        $this->assertRefused(JobFileRefusal::Damaged, $this->zip(['job.json' => '{"format":']), $user);
        $this->assertRefused(JobFileRefusal::NoJobFile, $this->zip(['pictures/'.str_repeat('a', 64) => 'x']), $user);
        $this->assertRefused(JobFileRefusal::StrangeFile, $this->zip(['job.json' => '{}', '../../etc/passwd' => 'x']), $user);
        $this->assertRefused(JobFileRefusal::PictureDamaged, $this->zip(['job.json' => (string) json_encode(JobOut::says($job)), 'pictures/'.str_repeat('a', 64) => 'x']), $user);
        // A bomb: two hundred megabytes of nothing in a few hundred kilobytes.
        $this->assertRefused(JobFileRefusal::TooLarge, $this->zip(['job.json' => str_repeat(' ', 200 * 1024 * 1024)], ZipArchive::CM_DEFLATE), $user);
        $this->assertSame([1, 0], [Job::query()->count(), Job::query()->where('user_id', $user->id)->count()]);
    }

    /** Seed 3, a thousand files (or as many as AEQUUS_DAMAGED says) with a flipped bit, a cut or a changed byte: taken as it was, or refused; never half, never too slow, never too large. */
    public function test_a_damaged_file_is_taken_whole_or_not_at_all(): void
    {
        $job = $this->written();
        $user = $this->somebody();
        $bytes = JobOut::file($job);
        $dice = new Randomizer(new Mt19937(3));
        $path = (string) tempnam(sys_get_temp_dir(), 'damaged');
        $taken = 0;
        $files = (int) (getenv('AEQUUS_DAMAGED') ?: 1000);
        for ($i = 0; $i < $files; $i++) {
            $damaged = match ($i % 4) {
                0 => substr($bytes, 0, $dice->getInt(0, strlen($bytes) - 1)),
                1 => substr_replace($bytes, chr($dice->getInt(0, 255)), $dice->getInt(0, strlen($bytes) - 1), 1),
                2 => substr_replace($bytes, chr(ord($bytes[$at = $dice->getInt(0, strlen($bytes) - 1)]) ^ (1 << $dice->getInt(0, 7))), $at, 1),
                default => substr_replace($bytes, $dice->getBytes(8), $dice->getInt(0, strlen($bytes) - 1), 0),
            };
            file_put_contents($path, $damaged);
            $begun = hrtime(true);
            $before = Job::query()->count();
            try {
                DB::transaction(fn () => app(BringIn::class)($user, $path));
                $taken++;
                $this->assertSame($before + 1, Job::query()->count());
            } catch (JobFileRefused) {
                $this->assertSame($before, Job::query()->count());
            } catch (Throwable $thrown) {
                $this->fail("Damage {$i}: ".$thrown::class.' '.$thrown->getMessage());
            }
            $this->assertLessThan(10.0, (hrtime(true) - $begun) / 1e9);
        }
        unlink($path);
        $this->assertLessThan($files / 2, $taken);
        $this->assertLessThan(256 * 1024 * 1024, memory_get_peak_usage());
        $this->assertSame(Job::query()->where('user_id', $user->id)->count(), $taken);
    }

    #[TestWith(['text', 'Choose the file of a job'])]
    #[TestWith(['zip', 'That is no file of a whole job'])]
    public function test_the_page_says_why_a_file_is_not_taken(string $kind, string $why): void
    {
        $this->actingAs($this->somebody());
        $file = $kind === 'zip' ? UploadedFile::fake()->createWithContent('job.zip', 'no zip') : 'typed';
        $this->from('/')->post('/jobs/from-file', ['job' => $file])->assertSessionHasErrors('job');
        $this->get('/')->assertSeeText($why);
    }

    public function test_a_job_is_taken_and_brought_in_by_hand(): void
    {
        $job = $this->written();
        $this->actingAs(User::query()->findOrFail($job->user_id));
        $this->get("/jobs/{$job->id}/files")->assertOk()->assertSeeTextInOrder(['The whole job', 'Site plan', 'Plan as a drawing', 'Points, a table']);
        $bytes = (string) $this->get("/jobs/{$job->id}/files/job.zip")->assertOk()->assertHeader('Content-Type', 'application/zip')->getContent();
        $this->actingAs($this->somebody());
        $this->get("/jobs/{$job->id}/files/job.zip")->assertForbidden();
        $this->post('/jobs/from-file', ['job' => UploadedFile::fake()->createWithContent('job.zip', $bytes)])->assertRedirect();
        $this->get('/')->assertSee($job->name);
    }

    /** Another person each time. */
    private function somebody(): User
    {
        $number = User::query()->count() + 1;

        return $this->person("Person {$number}");
    }

    /** Six posts, a hole with its correction, a remark that was struck, and a picture. */
    private function written(): Job
    {
        $user = $this->somebody();
        $job = $this->job($user, Builds::plan());
        $post = $job->revision->plan()->grid->labelled('B2')->id;
        $this->write($job, $user, new HoleDug($post, Length::millimetres(800)));
        $sequence = (int) DB::table('entries')->where('job_id', $job->id)->max('sequence');
        app(RecordEntry::class)($job, $user, new NewEntry(new HoleDug($post, Length::millimetres(810)), 'corrected', replaces: $sequence));
        $this->write($job, $user, new Remark(null, 'Roots, “thick as an arm”'));
        $this->write($job, $user, new Strike((int) DB::table('entries')->where('job_id', $job->id)->max('sequence'), 'another job'));
        $image = imagecreatetruecolor(40, 30) ?: $this->fail();
        $path = (string) tempnam(sys_get_temp_dir(), 'picture');
        imagejpeg($image, $path);
        app(KeepPicture::class)($job, $path);
        unlink($path);

        return $job->fresh() ?? $job;
    }

    private function bring(string $bytes, User $user): Job
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'job');
        file_put_contents($path, $bytes);
        try {
            return app(BringIn::class)($user, $path)->fresh() ?? $this->fail();
        } finally {
            unlink($path);
        }
    }

    private function assertRefused(JobFileRefusal $why, string $bytes, User $user, string $says = '', string $what = ''): void
    {
        try {
            $this->bring($bytes, $user);
        } catch (JobFileRefused $refused) {
            $this->assertSame($why, $refused->is, $what.' '.$refused->getMessage());
            $this->assertStringContainsString($says, $refused->getMessage());

            return;
        }
        $this->fail("{$what} was taken.");
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $change */
    private function changed(string $bytes, callable $change): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'job');
        file_put_contents($path, $bytes);
        $zip = new ZipArchive;
        $zip->open($path);
        $files = [];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $files[(string) $zip->getNameIndex($i)] = (string) $zip->getFromIndex($i);
        }
        $zip->close();
        unlink($path);
        $files['job.json'] = (string) json_encode($change(json_decode($files['job.json'], true)));

        return $this->zip($files);
    }

    /** @param  array<string, string>  $files */
    private function zip(array $files, int $method = ZipArchive::CM_STORE): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
        foreach ($files as $name => $content) {
            $zip->addFromString($name, $content);
            $zip->setCompressionName($name, $method);
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }
}
