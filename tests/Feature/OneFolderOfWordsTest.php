<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\EntryKind;
use Aequus\Measure\Notation;
use Aequus\Measure\Unit;
use Aequus\Plan\Place\MustFit;
use Aequus\Thing\Things;
use App\Demo\LoadDemo;
use App\Models\Job;
use App\Models\LogEntry;
use App\Models\PlanRevision;
use App\Models\User;
use App\World\SimulatedCodeDesk;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Generator;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\PreserveGlobalState;
use PHPUnit\Framework\Attributes\RunTestsInSeparateProcesses;
use Tests\FeatureTestCase;
use Tests\PdfText;
use Tests\PseudoLocale;

/** Another language would be one folder: with the folder of words changed, no page says a word of the first language. */
#[RunTestsInSeparateProcesses]
#[PreserveGlobalState(false)]
final class OneFolderOfWordsTest extends FeatureTestCase
{
    private const ROOT = __DIR__.'/../..';

    /** Not of any language: the product, its demo’s sign-in, units and what instruments write, formats of files, months as dates have them. */
    private const THE_SAME_IN_ANY = '/\b(?:Aequus|aequus|test|mm|cm|km|in|ft|yd|kg|lb|kN|kPa|mph|psf|psi|plf|pcf|gal|kB|MB|PDF|JPEG|PNG|WebP|A4|letter|'
        .'Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec|qt|TH|min|sin|cos|tan)\b/';

    /** What forms ask, with what is chosen where something is; what is typed goes into all others. */
    private const FIELDS = [
        'post' => 'B2', 'from' => 'A2', 'to' => 'B2', 'stake' => 'B2', 'face' => 'plus_x', 'toward' => 'minus_x', 'read_as' => 'gap', 'stage' => 'hole_open', 'about' => 'accept_lean',
        'depth' => null, 'wide' => null, 'distance' => null, 'gap' => null, 'over' => null, 'rod' => null, 'off' => null, 'above' => null, 'bags' => null,
        'celsius' => null, 'reason' => null, 'text' => null, 'name' => null, 'type' => 'water', 'no_dig' => null, 'points' => null, 'asked_on' => null,
        'working_days' => null, 'spacing' => null, 'twist' => null, 'differs' => null, 'height' => null, 'line_off' => null, 'step' => 'done',
    ];

    /** @var array<string, string> what was said in the first language, and where */
    private array $found = [];

    /** @var ?list<string> */
    private ?array $typed = null;

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
        $this->assertSays($this->get('/sign-in'), '/sign-in');
        $this->actingAs(User::query()->firstOrFail());
        foreach ($this->pages() as $page) {
            $this->assertSays($this->followingRedirects()->get($page)->assertOk(), $page);
        }
        $this->assertSays($this->get('/jobs/1/nowhere')->assertNotFound(), 'a page that is not there');
        $this->assertSame([], $this->found);
    }

    public function test_no_answer_refuses_asks_or_confirms_in_other_words(): void
    {
        app(LoadDemo::class)();
        $this->actingAs(User::query()->firstOrFail());
        foreach (EntryKind::cases() as $kind) {
            foreach (['', '0', '99999', 'x', '-1'] as $typed) {
                $fields = [];
                foreach (self::FIELDS as $field => $choice) {
                    $fields[$field] = $choice ?? $typed;
                }
                $this->send("/jobs/3/entries/{$kind->value}", ['form' => $kind->value] + $fields);
            }
        }
        foreach ([
            'b2 dance', 'b2', 'zz hole 1', 'b2 hole 900 in', 'b2 hole nowhere', 'b2 hole 10000', 'b2 filled 500 bags', 'a1-a1 300', 'b2 plumb 3 north', 'strike 4',
            'b2 take the lean because', 'b2 hole 40; b2 hole 41; b2 jump', 'b2 set', 'a2-b2 700', 'b2 note knot', '',
        ] as $line) {
            $this->send('/jobs/3/quick', ['form' => 'quick', 'line' => $line]);
            $this->assertSays($this->get('/jobs/3/quick?'.http_build_query(['line' => $line])), "the echo of “{$line}”", $line);
        }
        foreach (['jobs', 'jobs/3/plan', 'jobs/3/plan/line', 'jobs/3/plan/fit', 'jobs/3/plan/part', 'jobs/3/plan/object', 'jobs/3/footing/rules', 'jobs/3/footing/hold', 'jobs/3/footing/piers',
            'jobs/3/footing/width', 'jobs/3/footing/way', 'jobs/3/square/rules', 'jobs/3/square/placement', 'jobs/3/square/spare', 'jobs/3/cut/tops',
            'jobs/3/cut/raise', 'jobs/3/name', 'jobs/3/copy', 'jobs/3/shelf'] as $form) {
            $this->send("/{$form}", ['based_on' => '1', 'form' => 'plan']);
            $this->send("/{$form}", ['based_on' => '7', 'form' => 'plan'] + array_fill_keys(['bays_x', 'frost', 'margin', 'hole', 'post_b', 'name', 'shelf'], '1 2 x'));
        }
        $this->assertSame([], $this->found);
    }

    /** @param  array<string, string>  $fields */
    private function send(string $form, array $fields): void
    {
        $from = $form === '/jobs' ? '/jobs/new/fields' : '/jobs/3/logbook';
        $answer = $this->followingRedirects()->from($from)->post($form, $this->form($fields));
        $this->assertLessThan(500, $answer->getStatusCode(), $form);
        $this->assertSays($answer, "{$form} with ".json_encode($fields), $fields['line'] ?? '');
    }

    /** @param  string  $line  typed on the quick line: pieces of it are quoted */
    private function assertSays(TestResponse $answer, string $where, string $line = ''): void
    {
        $this->typed ??= [...$this->whatPeopleTyped(), ...$this->quickLineWords()];
        array_push($this->typed, ...array_filter(preg_split('/[ ;]+/', $line) ?: [], fn (string $piece) => mb_strlen($piece) > 1));
        $content = (string) $answer->getContent();
        foreach (str_starts_with($content, '%PDF') ? explode("\n", PdfText::of($content)) : $this->said($content) as $text) {
            $rest = str_replace($this->typed, ' ', $text);
            if (preg_match('/[A-Za-z]{2,}/', (string) preg_replace(self::THE_SAME_IN_ANY, ' ', $rest)) === 1) {
                $this->found[trim($text)] = $where;
            }
        }
    }

    /** @return list<string> the quick line is a notation: its words are told as they are typed */
    private function quickLineWords(): array
    {
        $words = [];
        foreach (EntryKind::cases() as $kind) {
            foreach ($kind->payload()::phrases() as $phrase) {
                array_push($words, ...array_map($phrase->exampleIn(...), array_map(Notation::of(...), Unit::cases())), ...[$phrase->verb, ...$phrase->words]);
            }
        }
        usort($words, fn (string $one, string $other) => mb_strlen($other) <=> mb_strlen($one));

        return array_values(array_filter($words, fn (string $word) => mb_strlen($word) > 1));
    }

    /** @return list<string> what people typed, longest first: it stays as they wrote it */
    private function whatPeopleTyped(): array
    {
        $typed = [];
        foreach ([...PlanRevision::query()->pluck('plan'), ...LogEntry::query()->pluck('payload')] as $stored) {
            $stored = is_string($stored) ? json_decode($stored, true) : $stored;
            array_walk_recursive($stored, function (mixed $value, int|string $key) use (&$typed): void {
                if (is_string($value) && preg_match('/name|reason|remark|text|reference|to$|label|relied_on/', (string) $key) === 1) {
                    $typed[] = $value;
                }
            });
        }
        foreach (Job::query()->get() as $job) {
            $sides = $job->revision->plan()->sides;
            $things = array_map(fn (MustFit $thing) => $thing->name, $job->revision->plan()->fit->things);
            array_push($typed, $sides->plusX, $sides->minusX, $sides->plusY, $sides->minusY, ...$things);
        }
        $typed = [...$typed, ...array_keys((new SimulatedCodeDesk)->districts()), ...Job::query()->pluck('name'), ...Job::query()->pluck('place'), ...User::query()->pluck('name'), ...LogEntry::query()->pluck('read_by')];
        $typed = array_values(array_unique(array_filter(array_map(strval(...), $typed), fn (string $one) => mb_strlen($one) > 1)));
        usort($typed, fn (string $one, string $other) => mb_strlen($other) <=> mb_strlen($one));

        return $typed;
    }

    private function pages(): Generator
    {
        yield from ['/', '/?shelf=bin', '/jobs/new', '/jobs/new/fields', '/jobs/new/fields?in=mm', '/jobs/2/handover/record.pdf', '/jobs/2/cut/pole'];
        foreach (Things::all() as $thing) {
            yield "/jobs/new/{$thing->kind()->value}";
        }
        foreach (Job::query()->where('id', '>', 3)->pluck('id') as $job) {
            yield from ["/jobs/{$job}/thing", "/jobs/{$job}/footing", "/jobs/{$job}/set/A1"];
        }
        foreach (Job::query()->where('id', '<=', 3)->pluck('id') as $job) {
            foreach ([
                '/plan', '/plan/1', '/plan/site', '/clear', '/square', '/square/prove', '/square/hand', '/square/cast', '/square/sheet', '/level', '/level/instruments',
                '/footing', '/footing/compare', '/footing/hold', '/footing/width?load=20', '/footing/piers', '/footing/frost?index=500', '/footing/loads',
                '/footing/dig', '/footing/bill?hold=pier', '/set', '/set/tops', '/set/stop', '/set/start', '/practice', '/set/A1', '/set/walk/plumb', '/cut',
                '/cut/rods?height=1900&from=own', '/cut/set-out?beam=200', '/cut/members', '/cut/members?view=plan&up_to=joist', '/days', '/days/what-if?from=2020-01-01', '/days/what-if', '/files', '/files/world', '/cut/boards', '/cut/fixings', '/cut/members?on=p1.0', '/footing/bill', '/footing/bill/choices', '/footing/bill/lists', '/footing/bill/lists?by=work', '/footing/bill/lists?by=day', '/footing/bill/lists?by=delivery', '/cut/frame?stocks=8000+:+24.90&plies=2&high=2700&low=2310&depth=145&seat=90&across=3110&wide=140&leg=600&brace_wide=90', '/handover', '/logbook', '/round/tapes', '/round/rods', '/round/holes',
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
