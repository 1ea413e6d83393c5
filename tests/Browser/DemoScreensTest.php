<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\TestWith;

final class DemoScreensTest extends BrowserTestCase
{
    private const VIEWS = [
        '/', '/jobs/new', '/jobs/new/letter_box', '/jobs/new/fields', '/jobs/3/plan', '/jobs/3/clear', '/jobs/3/square', '/jobs/3/square/prove', '/jobs/3/square/hand', '/jobs/3/square/cast',
        '/jobs/3/square/sheet', '/jobs/3/level', '/jobs/3/level/instruments', '/jobs/3/footing', '/jobs/3/footing/compare', '/jobs/3/footing/hold',
        '/jobs/3/footing/width', '/jobs/3/footing/piers', '/jobs/3/footing/frost', '/jobs/3/footing/loads', '/jobs/3/footing/dig',
        '/jobs/2/set', '/jobs/2/set/D2', '/jobs/3/set/D4', '/jobs/2/set/tops', '/jobs/2/set/stop', '/jobs/3/set/start', '/jobs/3/practice', '/jobs/2/cut',
        '/jobs/2/cut/rods?height=1900&from=own', '/jobs/2/cut/set-out?beam=200', '/jobs/3/cut/members', '/jobs/2/cut/members?view=minus_x', '/jobs/4/cut/members?view=plan&up_to=joist', '/jobs/3/days', '/jobs/5/days', '/jobs/6/days/what-if', '/jobs/3/files', '/jobs/3/files/world', '/jobs/3/cut/boards', '/jobs/3/cut/fixings', '/jobs/3/footing/bill', '/jobs/3/footing/bill/choices', '/jobs/3/footing/bill/lists', '/jobs/2/cut/frame?stocks=4800+:+24.90&high=2700&low=2310&depth=145&across=3110&wide=140', '/jobs/2/handover', '/jobs/3/logbook', '/jobs/3/round/tapes', '/jobs/4/plan',
        '/jobs/4/plan/site', '/jobs/5/thing', '/jobs/7/thing', '/jobs/8/thing', '/jobs/4/square',
        '/jobs/2/round/plumb',
    ];

    /** Labels of drawings below 12 px, what is hit in them below 44 px, and buttons and fields below 56 px. */
    private const TOO_SMALL = <<<'JS'
        const small = [];
        const shown = (one) => one.checkVisibility() && one.getBoundingClientRect().width > 0;
        const all = (selector) => [...document.querySelectorAll(selector)].filter(shown);
        for (const text of all('main .drawing > svg text')) {
            const matrix = text.getScreenCTM();
            const size = parseFloat(getComputedStyle(text).fontSize) * Math.hypot(matrix.a, matrix.b);
            if (size < 12) small.push(`label ${text.textContent.trim()} ${size.toFixed(1)}`);
        }
        for (const target of all('main .drawing > svg :is(a.post, [role=img][tabindex], [role=slider])')) {
            const box = target.getBoundingClientRect();
            if (Math.min(box.width, box.height) < 43.5) small.push(`target ${target.getAttribute('aria-label')} ${box.width.toFixed(0)} by ${box.height.toFixed(0)}`);
        }
        for (const control of all('main :is(button, .button, select, input:not([type=hidden], [type=radio], [type=checkbox], [type=file]))')) {
            if (control.closest('.caution') === null && control.getBoundingClientRect().height < 55.5) small.push(`control ${control.textContent.trim().slice(0, 30) || control.name} ${control.getBoundingClientRect().height.toFixed(0)}`);
        }
        return small;
        JS;

    /** What stands on a sheet of paper. */
    private const ON_PAPER = <<<'JS'
        const seen = one => one.getClientRects().length > 0;
        const head = document.querySelector('.printed');
        return {
            head: [getComputedStyle(document.querySelector('#work')).display, getComputedStyle(head).display, getComputedStyle(head).breakInside],
            says: head.textContent,
            asks: [...document.querySelectorAll('input:not([type=hidden]), button, select, textarea, summary')].filter(seen).map(one => one.outerHTML.slice(0, 90)),
            empty: [...document.querySelectorAll('.state')].filter(one => seen(one) && getComputedStyle(one, '::before').printColorAdjust !== 'exact').map(one => one.textContent),
        };
        JS;

    protected function setUp(): void
    {
        $this->open('demo');
        $this->visit('/sign-in');
        $this->assertNothingSerious('/sign-in');
        $this->press('form[action$="/demo"] .button');
        $this->assertSees('Cider-press shelter');
    }

    public function test_axe_finds_nothing_serious_on_any_view_at_either_size(): void
    {
        foreach ([[1280, 800], [390, 844]] as [$width, $height]) {
            $this->chromium->resize($width, $height);
            foreach (self::VIEWS as $view) {
                $this->visit($view);
                $this->find('main');
                $this->assertNothingSerious("{$view} at {$width}");
                $wider = $this->chromium->driver->executeScript('return document.documentElement.scrollWidth - document.documentElement.clientWidth');
                $this->assertLessThanOrEqual(0, $wider, "{$view} scrolls sideways at {$width}");
                if ($width === 390) {
                    $this->assertSame([], $this->chromium->driver->executeScript(self::TOO_SMALL), "too small on a phone at {$view}");
                }
            }
        }
    }

    public function test_a_drawing_file_arrives_whole_though_answers_are_compressed(): void
    {
        $this->assertSame('200 image/svg+xml', $this->chromium->driver->executeScript(
            'const ask = new XMLHttpRequest(); ask.open("GET", "/mark.svg", false); ask.send(); return `${ask.status} ${ask.getResponseHeader("Content-Type")}`',
        ));
    }

    public function test_a_drawing_is_one_tab_stop_and_arrow_keys_go_from_post_to_post(): void
    {
        $this->visit('/jobs/2/set');
        $this->find('svg[data-roving] .post[tabindex="0"]');
        $stops = $this->chromium->driver->findElements(WebDriverBy::cssSelector('svg[data-roving] [tabindex="0"]'));
        $this->assertCount(1, $stops);
        $this->chromium->driver->executeScript('document.querySelector("svg[data-roving] [tabindex=\"0\"]").focus()');
        $focused = fn (): string => (string) $this->chromium->driver->executeScript('return document.activeElement.getAttribute("aria-label")');
        $this->assertStringStartsWith('D2', $focused());
        foreach ([
            [WebDriverKeys::ARROW_LEFT, 'C2'], [WebDriverKeys::ARROW_DOWN, 'C1'], [WebDriverKeys::ARROW_RIGHT, 'D1'], [WebDriverKeys::ARROW_UP, 'D2'],
        ] as [$key, $label]) {
            $this->chromium->driver->getKeyboard()->sendKeys($key);
            $this->assertStringStartsWith($label, $focused());
        }
    }

    public function test_the_echo_says_how_a_reading_is_understood_before_it_is_stored(): void
    {
        $this->visit('/jobs/3/square');
        $this->type('#tape-distance', "41' 0 5/8");
        $this->assertSees("read as 41' 0 5/8\"", '#tape-distance-echo');
        $this->type('#tape-distance', '41,250');
        $this->assertSees('could mean two things', '#tape-distance-echo');
    }

    public function test_the_keypad_fills_the_ordinary_field(): void
    {
        $this->chromium->resize(390, 844);
        $this->visit('/jobs/3/square');
        foreach (['4', '1', 'feet ′', '0', '5⁄8', '11⁄16'] as $key) {
            $this->chromium->driver->findElement(WebDriverBy::xpath("//div[@class='keypad']/button[text()='{$key}']"))->click();
        }
        $this->assertSame("41' 0 11/16", $this->find('#tape-distance')->getAttribute('value'));
    }

    public function test_an_entry_that_cannot_be_sent_waits_in_the_outbox_and_is_sent_once(): void
    {
        $this->visit('/jobs/3/logbook');
        $this->type('#remark-text', 'written in a dead spot');
        $this->offline(true);
        $this->find('form[action$="/entries/remark"] .button')->click();
        $this->assertSees('One entry waits', '#outbox');
        $this->type('#remark-text', 'and a second from the same page');
        $this->find('form[action$="/entries/remark"] .button')->click();
        $this->assertSees('2 entries wait', '#outbox');
        $this->assertSees('written in a dead spot', '#outbox');
        $this->offline(false);
        $this->chromium->driver->executeScript('dispatchEvent(new Event("online"))');
        $this->assertSees('written in a dead spot', '.book');
        $this->assertSame(1, substr_count($this->text('.book'), 'written in a dead spot'));
        $this->assertSame(1, substr_count($this->text('.book'), 'and a second from the same page'));
    }

    public function test_what_was_typed_after_the_sign_in_ran_out_is_sent_once_after_the_next(): void
    {
        $this->visit('/jobs/3/logbook');
        $this->type('#remark-text', 'typed after a long break');
        $this->chromium->driver->manage()->deleteAllCookies();
        $this->find('form[action$="/entries/remark"] .button')->click();
        $this->assertSees('One entry waits', '#outbox');
        $this->find('form[action$="/demo"] .button');
        $this->press('form[action$="/demo"] .button');
        $this->chromium->driver->wait(30)->until(fn () => $this->chromium->driver->executeScript('return document.getElementById("outbox").hidden'));
        $this->visit('/jobs/3/logbook');
        $this->assertSees('typed after a long break', '.book');
        $this->assertSame(1, substr_count($this->text('.book'), 'typed after a long break'));
    }

    public function test_what_was_typed_offline_and_is_refused_later_stays_with_its_reason(): void
    {
        $this->visit('/jobs/3/logbook');
        $this->type('#quick-line', 'b2 hole nowhere');
        $this->offline(true);
        $this->find('#quick-line')->sendKeys(WebDriverKeys::ENTER);
        $this->assertSees('One entry waits', '#outbox');
        $this->offline(false);
        $this->chromium->driver->executeScript('dispatchEvent(new Event("online"))');
        $this->assertSees('was not taken', '#outbox');
        $this->assertSees('“nowhere”', '#outbox');
        $this->assertSees('b2 hole nowhere', '#outbox');
        $this->pressAnew('#outbox button');
        $this->chromium->driver->wait(20)->until(
            fn () => $this->chromium->driver->executeScript('return document.getElementById("quick-line")?.value === "b2 hole nowhere"'),
        );
        $this->pressAnew('#outbox button + button');
        $this->until(fn (): bool => (bool) $this->chromium->driver->executeScript('return document.getElementById("outbox").hidden'), fn () => 'the outbox stays');
    }

    public function test_an_echo_on_the_side_does_not_wipe_out_the_refusal_a_form_is_about_to_show(): void
    {
        $this->visit('/jobs/3/logbook');
        $this->find('#quick-line');
        $this->chromium->driver->manage()->timeouts()->setScriptTimeout(30);
        // The form is refused; before its answer is fetched, an echo and a picture that is not there come in between.
        $this->chromium->driver->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            const form = document.querySelector('.quick-form');
            form.elements.line.value = 'b2 dance';
            (async () => {
                await fetch(form.action, { method: 'POST', body: new URLSearchParams(new FormData(form)), redirect: 'manual' });
                await fetch('/jobs/3/quick?line=b2');
                await fetch('/echo?unit=in&distance=12');
                await fetch('/jobs/3/pictures/' + '0'.repeat(64));
                done();
            })();
            JS);
        $this->visit('/jobs/3/logbook');
        $this->assertSees('not understood after B2', '.refusal');
        $this->assertSame('b2 dance', $this->find('#quick-line')->getAttribute('value'));
    }

    public function test_the_back_button_brings_the_earlier_phase_back(): void
    {
        $this->visit('/jobs/3/square');
        $this->find('.way a[href$="/jobs/3/level"]')->click();
        $this->assertSees('The ground falls');
        $this->chromium->driver->navigate()->back();
        $this->assertSees('4 of 42 readings still to take');
    }

    public function test_the_working_drawing_is_enlarged_by_button_and_key_and_a_stake_is_picked_in_it(): void
    {
        $this->visit('/jobs/3/square');
        $width = fn (): float => (float) explode(' ', (string) $this->find('.square-drawing')->getAttribute('viewBox'))[2];
        $whole = $width();
        $this->find('.zoom button[aria-label="Enlarge the drawing"]')->click();
        $this->assertEqualsWithDelta($whole / 1.4, $width(), 0.01);
        $this->chromium->driver->executeScript('document.querySelector(".square-drawing [tabindex=\"0\"]").focus()');
        $this->chromium->driver->getKeyboard()->sendKeys('+');
        $this->assertEqualsWithDelta($whole / 1.96, $width(), 0.01);
        $this->chromium->driver->getKeyboard()->sendKeys('0');
        $this->assertEqualsWithDelta($whole, $width(), 0.01);
        $this->chromium->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->find('.is-chosen');
        $this->assertSees('are marked', '.list');
        $this->assertNotEmpty($this->chromium->driver->findElements(WebDriverBy::cssSelector('.row-marked')));
    }

    #[TestWith([8.27, 11.69], 'A4')]
    #[TestWith([8.5, 11.0], 'Letter')]
    public function test_the_stake_sheet_prints_on_one_page_and_the_record_on_whole_ones(float $width, float $height): void
    {
        $this->visit('/jobs/3/square/sheet');
        $this->assertSees('Stake sheet');
        $this->assertSame(1, $this->printedPages($width, $height));
        $this->visit('/jobs/2/handover');
        $this->assertSees('Plan against what was measured');
        $this->assertLessThanOrEqual(2, $this->printedPages($width, $height));
    }

    public function test_every_sheet_says_whose_it_is_on_each_page_and_asks_for_nothing_on_paper(): void
    {
        $media = fn (string $media) => $this->chromium->driver->executeCustomCommand(
            '/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => 'Emulation.setEmulatedMedia', 'params' => ['media' => $media]],
        );
        $media('print');
        foreach (array_filter(self::VIEWS, fn (string $view) => preg_match('#^/jobs/\d#', $view) === 1) as $view) {
            $this->visit($view);
            $found = $this->chromium->driver->executeScript(self::ON_PAPER);
            // The head of a table is printed again on each page that the table runs over, if it must not break.
            $this->assertSame(['table', 'table-header-group', 'avoid'], $found['head'], $view);
            $this->assertMatchesRegularExpression('/Plan revision\s+1\.\s+Printed\s+\d+ \w+ \d{4}/', $found['says'], $view);
            $this->assertSame([], $found['asks'], "{$view}: nothing to press or fill in");
            $this->assertSame([], $found['empty'], "{$view}: a shape that tells a state is printed filled");
        }
        $media('screen');
    }

    private function printedPages(float $width, float $height): int
    {
        $answer = $this->chromium->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Page.printToPDF', 'params' => ['paperWidth' => $width, 'paperHeight' => $height, 'preferCSSPageSize' => false],
        ]);

        return (int) preg_match_all('#/Type\s*/Page\b#', (string) base64_decode($answer['data']));
    }

    private function assertNothingSerious(string $view): void
    {
        $this->chromium->driver->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        $this->chromium->driver->manage()->timeouts()->setScriptTimeout(30);
        $found = $this->chromium->driver->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            axe.run(document, { resultTypes: ['violations'] }).then((r) => done(r.violations.filter((v) => ['serious', 'critical'].includes(v.impact))
                .map((v) => v.id + ': ' + v.nodes.map((n) => n.target.join(' ') + ' ' + n.html.slice(0, 120)).join(' | '))));
            JS);
        $this->assertSame([], $found, $view);
    }

    /** A button that may be put in anew while it is pressed. */
    private function pressAnew(string $button): void
    {
        $this->until(function () use ($button): bool {
            $this->find($button)->click();

            return true;
        }, fn () => "{$button} can’t be pressed");
    }
}
