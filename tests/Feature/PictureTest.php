<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\LogEntry;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\JobTestCase;

/** Pictures of posts: turned upright, made smaller, stripped, kept, and served as nothing but pictures. */
final class PictureTest extends JobTestCase
{
    public function test_a_picture_is_made_smaller_and_loses_where_it_was_taken(): void
    {
        $file = $this->jpeg(2400, 1200, note: 'GPSLatitude 47.1234');
        $this->assertStringContainsString('GPSLatitude', (string) file_get_contents($file->getPathname()));
        $this->send($file)->assertSessionHasNoErrors();
        $bytes = $this->kept();
        [$width, $height, $type] = (array) getimagesizefromstring($bytes);
        $this->assertSame([1600, 800, IMAGETYPE_JPEG], [$width, $height, $type]);
        $this->assertStringNotContainsString('GPS', $bytes);
        $this->get("/jobs/{$this->job->id}/set/A1")->assertSee('the split foot')->assertSee('/pictures/', false);
    }

    /** As a phone writes it: the pixels lie on their side and a note says how to turn them. */
    #[TestWith([1, 400, 200])]
    #[TestWith([3, 400, 200])]
    #[TestWith([6, 200, 400])]
    #[TestWith([8, 200, 400])]
    public function test_a_picture_stands_upright_as_the_camera_was_held(int $orientation, int $width, int $height): void
    {
        $this->send($this->jpeg(400, 200, $orientation))->assertSessionHasNoErrors();
        $this->assertSame([$width, $height], array_slice((array) getimagesizefromstring($this->kept()), 0, 2));
        // The red corner was at the top left of the pixels as stored.
        $image = imagecreatefromstring($this->kept());
        assert($image !== false);
        [$x, $y] = match ($orientation) {
            3 => [$width - 10, $height - 10], 6 => [$width - 10, 10], 8 => [10, $height - 10], default => [10, 10]
        };
        $this->assertGreaterThan(200, imagecolorat($image, $x, $y) >> 16 & 0xFF);
        $this->assertLessThan(90, imagecolorat($image, $width - $x, $height - $y) >> 16 & 0xFF);
    }

    #[TestWith(['<?php echo 1;', 'note.php'])]
    #[TestWith(['<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>', 'drawing.svg'])]
    #[TestWith(["\xFF\xD8\xFF\xE0 not really", 'photo.jpg'])]
    #[TestWith(['', 'empty.png'])]
    public function test_what_is_no_picture_is_refused_in_words_and_nothing_is_kept(string $content, string $name): void
    {
        $answer = $this->send(UploadedFile::fake()->createWithContent($name, $content))->assertSessionHasErrors('picture');
        $this->assertStringContainsString('not a picture', (string) $answer->getSession()?->get('errors')->first('picture'));
        $this->assertSame([0, 0], [LogEntry::query()->count(), DB::table('pictures')->count()]);
    }

    public function test_a_job_holds_so_many_pictures_and_no_more(): void
    {
        config(['aequus.most.pictures' => 1]);
        $this->send($this->jpeg(300, 200))->assertSessionHasNoErrors();
        $answer = $this->send($this->jpeg(310, 200))->assertSessionHasErrors();
        $this->assertStringContainsString('This job holds 1 picture,', (string) $answer->getSession()?->get('errors')->first());
        $this->assertSame([1, 1], [LogEntry::query()->count(), DB::table('pictures')->count()]);
    }

    #[TestWith([0.3])]
    #[TestWith([0.6])]
    #[TestWith([0.99])]
    public function test_a_picture_that_was_cut_off_on_its_way_is_refused(float $share): void
    {
        $whole = (string) $this->jpeg(900, 700, note: "\xFF\xD8 a small picture within \xFF\xD9")->getContent();
        $this->send(UploadedFile::fake()->createWithContent('photo.jpg', substr($whole, 0, (int) (strlen($whole) * $share))))->assertSessionHasErrors('picture');
        $this->assertSame(0, DB::table('pictures')->count());
        $this->send(UploadedFile::fake()->createWithContent('photo.jpg', $whole.'what some cameras write behind it'))->assertSessionHasNoErrors();
    }

    public function test_a_file_beyond_what_can_be_sent_is_answered_in_words(): void
    {
        $page = url("/jobs/{$this->job->id}/set/A1");
        $answer = $this->call('POST', "/jobs/{$this->job->id}/entries/picture", server: ['CONTENT_LENGTH' => '900000000', 'HTTP_REFERER' => $page]);
        $this->assertSame(413, $answer->getStatusCode());
        $answer->assertSee('too large to be sent')->assertSee($page, false);
    }

    public function test_a_picture_is_served_as_a_picture_to_its_own_people_only(): void
    {
        $this->send($this->jpeg(300, 200));
        $url = "/jobs/{$this->job->id}/pictures/".DB::table('pictures')->value('fingerprint');
        $this->get($url)->assertOk()->assertHeader('Content-Type', 'image/jpeg')->assertHeader('X-Content-Type-Options', 'nosniff');
        $this->assertStringContainsString('no-store', (string) $this->get($url)->headers->get('Cache-Control'));
        $this->get("/jobs/{$this->job->id}/pictures/".str_repeat('0', 64))->assertNotFound();
        $other = $this->person('Finch');
        $this->actingAs($other)->get($url)->assertForbidden();
    }

    public function test_the_list_shows_a_small_one_that_a_browser_may_keep(): void
    {
        $this->send($this->jpeg(1500, 1000));
        $url = "/jobs/{$this->job->id}/pictures/".DB::table('pictures')->value('fingerprint').'?small=1';
        $this->get("/jobs/{$this->job->id}/set/A1")->assertSee($url, false);
        $small = $this->get($url)->assertOk();
        $this->assertSame([480, 320], array_slice((array) getimagesizefromstring((string) $small->getContent()), 0, 2));
        $this->assertStringContainsString('immutable', (string) $small->headers->get('Cache-Control'));
        $this->assertStringContainsString('private', (string) $small->headers->get('Cache-Control'));
    }

    public function test_the_same_picture_twice_is_kept_once_and_is_in_the_record(): void
    {
        $file = fn () => $this->jpeg(300, 200);
        $this->send($file());
        $this->send($file());
        $this->assertSame([2, 1], [LogEntry::query()->count(), DB::table('pictures')->count()]);
        $this->assertStringContainsString(
            '/Subtype /Image', (string) $this->get("/jobs/{$this->job->id}/handover/record.pdf")->assertOk()->getContent(),
        );
        $this->expectExceptionMessage('only added');
        DB::table('pictures')->delete();
    }

    private function send(UploadedFile $file): \Illuminate\Testing\TestResponse
    {
        return $this->from("/jobs/{$this->job->id}/set/A1")->post(
            "/jobs/{$this->job->id}/entries/picture",
            [
                'client_id' => (string) Str::ulid(), 'form' => 'picture', 'post' => 'A1', 'phase' => 'set', 'says' => 'the split foot',
                'picture' => $file,
            ],
        );
    }

    private function kept(): string
    {
        return (string) DB::table('pictures')->value('bytes');
    }

    /** Dark, with a red corner at the top left of its pixels, and a note block as cameras write it. */
    private function jpeg(int $width, int $height, int $orientation = 1, string $note = ''): UploadedFile
    {
        $image = imagecreatetruecolor($width, $height);
        assert($image !== false);
        imagefilledrectangle($image, 0, 0, (int) ($width / 4), (int) ($height / 4), (int) imagecolorallocate($image, 255, 0, 0));
        ob_start();
        imagejpeg($image);
        $jpeg = (string) ob_get_clean();
        // A TIFF header, one entry (0x0112, a short), and the words after it.
        $exif = "Exif\0\0II*\0".pack('V', 8).pack('v', 1).pack('vvVvv', 0x0112, 3, 1, $orientation, 0).pack('V', 0).$note;

        return UploadedFile::fake()->createWithContent(
            'photo.jpg', substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2),
        );
    }
}
