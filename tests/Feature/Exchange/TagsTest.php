<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use Aequus\Logbook\Footing\HoleDug;
use Aequus\Measure\Length;
use App\Models\Job;
use App\Models\User;
use Tests\Builds;
use Tests\FeatureTestCase;
use Tests\PdfText;

/** Tags for posts, printed and read back by a reader of square codes. */
final class TagsTest extends FeatureTestCase
{
    private User $user;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user = $this->person());
        $this->job = $this->job($this->user, Builds::plan(array_fill(0, 5, 2400), [3000]));
    }

    public function test_every_code_opens_the_page_of_its_post(): void
    {
        $this->write($this->job, $this->user, new HoleDug($this->job->revision->plan()->grid->labelled('B2')->id, Length::millimetres(810)));
        $pdf = (string) $this->get("/jobs/{$this->job->id}/files/tags.pdf?address=https://192.168.7.20:8443&paper=a4")->assertOk()->getContent();
        $read = $this->squares($pdf);
        $this->assertCount(12, $read);
        foreach ($this->job->revision->plan()->grid->posts as $post) {
            $this->assertContains("https://192.168.7.20:8443/jobs/{$this->job->id}/set/{$post->label}", $read);
        }
        $text = PdfText::of($pdf);
        $this->assertStringContainsString("{$this->job->id}-B2", $text);
        $this->assertStringContainsString('dug 810', $text);
        $this->get(str_replace('https://192.168.7.20:8443', '', $read[0]))->assertOk();
    }

    public function test_a_short_code_that_is_typed_opens_the_post_and_no_other_job(): void
    {
        $this->get("/?find={$this->job->id}-b2")->assertRedirect("/jobs/{$this->job->id}/set/B2");
        $this->get("/?find={$this->job->id}-Z9")->assertOk();
        $this->actingAs($this->person('Other'));
        $this->get("/?find={$this->job->id}-B2")->assertOk()->assertDontSee('/set/B2');
    }

    public function test_an_address_that_is_none_is_refused(): void
    {
        foreach (['', 'phone', 'javascript:alert(1)', 'https://a.test/path', 'https://a b', 'ftp://a.test'] as $address) {
            $this->get("/jobs/{$this->job->id}/files/tags.pdf?address=".urlencode($address))->assertRedirect("/jobs/{$this->job->id}/files")->assertSessionHasErrors('address');
        }
        $this->get("/jobs/{$this->job->id}/files")->assertSeeText('Type an address that begins with');
    }

    /** @return list<string> what zbar reads off the printed sheets */
    private function squares(string $pdf): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'tags');
        file_put_contents("{$path}.pdf", $pdf);
        exec('pdftoppm -r 120 -png '.escapeshellarg("{$path}.pdf").' '.escapeshellarg($path));
        $pages = glob("{$path}-*.png") ?: [];
        exec('zbarimg -q --raw '.implode(' ', array_map(escapeshellarg(...), $pages)).' 2>/dev/null', $read);
        array_map('unlink', [...$pages, $path, "{$path}.pdf"]);

        return array_values(array_unique($read));
    }
}
