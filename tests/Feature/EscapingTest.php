<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Book\Remark;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Measure\Length;
use App\Models\Job;
use Illuminate\Support\Facades\Route;
use Tests\JobTestCase;

/** Whatever somebody types is shown as it was typed, and never taken for markup, on any page. */
final class EscapingTest extends JobTestCase
{
    private const TYPED = '<i id="got-in">&"\'';

    public function test_no_page_takes_what_was_typed_for_markup(): void
    {
        $at = "/jobs/{$this->job->id}";
        $this->post("{$at}/name", ['name' => 'Shed '.self::TYPED, 'place' => 'Field '.self::TYPED])->assertSessionHasNoErrors();
        $this->from('/')->post('/helper', ['helper' => self::TYPED]);
        $this->write(
            $this->job, $this->user, new NoticeAsked('2026-05-04', 3, self::TYPED), new BenchmarkChosen(self::TYPED, Length::zero()),
            new Remark(null, self::TYPED), new Remark($this->job->revision->plan()->grid->labelled('A1')->id, self::TYPED),
        );
        $this->post("{$at}/entries/hole", $this->form(['post' => 'A1', 'depth' => '900']))->assertSessionHasNoErrors();
        $this->post("{$at}/copy", ['name' => self::TYPED, 'how' => 'log'])->assertSessionHasNoErrors();
        $copy = Job::query()->orderByDesc('id')->firstOrFail();
        $seen = 0;
        foreach ($this->pages() as $uri) {
            foreach ([$this->job->id, $copy->id] as $id) {
                $page = $this->get(strtr($uri, ['{job}' => (string) $id, '{label}' => 'A1', '{number}' => '1', '{kind}' => 'tapes']));
                if ($page->isOk() && str_contains((string) $page->headers->get('content-type'), 'text/html')) {
                    $page->assertDontSee('<i id="got-in"', false);
                    $seen += str_contains((string) $page->getContent(), 'got-in') ? 1 : 0;
                }
            }
        }
        $this->assertGreaterThan(50, $seen, 'each page shows at least the name of its job');
    }

    public function test_what_is_echoed_while_it_is_typed_is_no_markup_either(): void
    {
        $at = "/jobs/{$this->job->id}";
        foreach ([
            "{$at}/quick?line=".urlencode('a1 note '.self::TYPED), "{$at}/quick?line=".urlencode(self::TYPED),
            '/echo?unit=mm&value='.urlencode(self::TYPED), '/?find='.urlencode(self::TYPED),
        ] as $uri) {
            $this->get($uri)->assertOk()->assertDontSee('<i id', false);
        }
    }

    /** @return list<string> addresses of every page of a job */
    private function pages(): array
    {
        $pages = [];
        foreach (Route::getRoutes() as $route) {
            if (in_array('GET', $route->methods(), true) && str_starts_with($route->uri(), 'jobs/{job}') && ! str_contains($route->uri(), 'pictures')
                && ! str_contains($route->uri(), '{what}')) {
                $pages[] = '/'.$route->uri();
            }
        }

        return ['/', ...$pages];
    }
}
