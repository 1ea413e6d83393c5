<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Plan\Place\MustFit;
use App\Demo\LoadDemo;
use App\Footing\CodeDesk;
use App\Models\Job;
use App\Models\LogEntry;
use App\Models\PlanRevision;
use App\Models\User;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Generator;
use Illuminate\Filesystem\Filesystem;
use PHPUnit\Framework\Attributes\PreserveGlobalState;
use PHPUnit\Framework\Attributes\RunTestsInSeparateProcesses;
use Tests\FeatureTestCase;
use Tests\PseudoLocale;

/** Another language would be one folder: with the folder of words changed, no page says a word of the first language. */
#[RunTestsInSeparateProcesses]
#[PreserveGlobalState(false)]
final class OneFolderOfWordsTest extends FeatureTestCase
{
    private const ROOT = __DIR__.'/../..';

    /** Not of any language: the product, its demo’s sign-in, units and what instruments write, formats of files, months as dates have them. */
    private const THE_SAME_IN_ANY = '/\b(?:Aequus|aequus|test|mm|cm|km|in|ft|yd|kg|lb|kN|kPa|psf|psi|plf|pcf|gal|kB|MB|PDF|JPEG|PNG|WebP|A4|letter|'
        .'Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec|qt|min|sin|cos|tan)\b/';

    protected function setUp(): void
    {
        $into = (string) realpath(self::ROOT.'/storage/framework').'/pseudo-words';
        (new Filesystem)->deleteDirectory($into);
        PseudoLocale::speak((string) realpath(self::ROOT.'/core/Words'), $into);
        parent::setUp();
    }

    public function test_no_page_says_a_word_that_is_not_in_the_folder_of_words(): void
    {
        app(LoadDemo::class)();
        $this->actingAs(User::query()->firstOrFail());
        $typed = $this->typed();
        $found = [];
        foreach ($this->pages() as $page) {
            $html = (string) $this->followingRedirects()->get($page)->assertOk()->getContent();
            foreach ($this->said($html) as $text) {
                $rest = (string) preg_replace(self::THE_SAME_IN_ANY, ' ', str_replace($typed, ' ', $text));
                if (preg_match('/[A-Za-z]{2,}/', $rest) === 1) {
                    $found[trim($text)][] = $page;
                }
            }
        }
        $this->assertSame([], array_map(fn (array $on) => $on[0], $found));
    }

    /** @return list<string> what people typed, longest first: it stays as they wrote it */
    private function typed(): array
    {
        $typed = [];
        foreach ([...PlanRevision::query()->pluck('plan'), ...LogEntry::query()->pluck('payload')] as $stored) {
            $stored = is_string($stored) ? json_decode($stored, true) : $stored;
            array_walk_recursive($stored, function (mixed $value, int|string $key) use (&$typed): void {
                if (is_string($value) && preg_match('/name|reason|remark|text|reference|to$|label/', (string) $key) === 1) {
                    $typed[] = $value;
                }
            });
        }
        foreach (Job::query()->get() as $job) {
            $sides = $job->revision->plan()->sides;
            $things = array_map(fn (MustFit $thing) => $thing->name, $job->revision->plan()->fit->things);
            array_push($typed, $sides->plusX, $sides->minusX, $sides->plusY, $sides->minusY, ...$things);
        }
        $typed = [...$typed, ...array_keys(CodeDesk::places()), ...Job::query()->pluck('name'), ...Job::query()->pluck('place'), ...User::query()->pluck('name'), ...LogEntry::query()->pluck('read_by')];
        $typed = array_values(array_unique(array_filter(array_map(strval(...), $typed), fn (string $one) => mb_strlen($one) > 1)));
        usort($typed, fn (string $one, string $other) => mb_strlen($other) <=> mb_strlen($one));

        return $typed;
    }

    private function pages(): Generator
    {
        yield from ['/', '/?shelf=bin', '/jobs/new', '/jobs/new?in=mm'];
        foreach (Job::query()->pluck('id') as $job) {
            foreach ([
                '/plan', '/plan/1', '/clear', '/square', '/square/prove', '/square/hand', '/square/cast', '/square/sheet', '/level', '/level/instruments',
                '/footing', '/footing/compare', '/footing/hold', '/footing/width?load=20', '/footing/piers', '/footing/frost?index=500', '/footing/loads',
                '/footing/dig', '/footing/materials', '/footing/materials?hold=pier', '/set', '/set/tops', '/set/stop', '/set/A1', '/set/walk/plumb', '/cut',
                '/cut/rods?height=1900&from=own', '/cut/set-out?beam=200', '/handover', '/logbook', '/round/tapes', '/round/rods', '/round/holes',
                '/round/plumb', '/round/tops',
            ] as $page) {
                yield "/jobs/{$job}{$page}";
            }
        }
    }

    /** @return list<string> every text of a page, and what is said of its parts to those who don’t see it */
    private function said(string $html): array
    {
        $page = new DOMDocument;
        @$page->loadHTML('<?xml encoding="utf-8"?>'.$html);
        $said = [];
        $notShown = 'ancestor::script or ancestor::style or ancestor::code or ancestor::head';
        $where = "//text()[not({$notShown})]|//title|//@aria-label|//@title|//@placeholder[not(starts-with(., 'b2 '))]|//@alt";
        foreach ((new DOMXPath($page))->query($where) ?: [] as $node) {
            $said[] = $node instanceof DOMElement ? $node->textContent : (string) $node->nodeValue;
        }

        return $said;
    }
}
