<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** One thumb, one post: a phone of 390 × 844 in the yard. */
final class PostOnAPhoneTest extends BrowserTestCase
{
    private int $presses = 0;

    protected function setUp(): void
    {
        $this->open('demo');
        $this->visit('/sign-in');
        $this->press('form[action$="/demo"] .button');
        $this->chromium->resize(390, 844);
    }

    public function test_a_depth_and_two_plumb_readings_take_at_most_twelve_presses_beside_the_figures(): void
    {
        $this->visit('/jobs/3/set/D4');
        $this->assertSees('Dig hole D4', '.move');
        $this->keyIn('#hole-depth', ['4', "'", '0', '1/2']);
        $this->touch('form[action$="/entries/hole"] .button');
        $this->assertSees('Set post D4', '.move');
        $this->touch('#entry .button-yard');
        foreach (['lane', 'stream'] as $face) {
            $this->assertSees("Hold the level on the {$face} face", '.move');
            $this->touch('label:has(input[name="leans"][value="'.($face === 'lane' ? 'plus_y' : 'plus_x').'"])');
            $this->keyIn('#plumb-gap', ['1/8']);
            $this->touch('#entry .button-yard');
        }
        $this->assertSees('Plumb');
        $this->assertLessThanOrEqual(12, $this->presses);
        $this->assertGreaterThan(5, $this->presses, 'each was counted');
    }

    public function test_everything_a_thumb_must_hit_is_large_enough(): void
    {
        foreach (['/jobs/2/set/D2', '/jobs/3/set/D4', '/jobs/2/set/stop', '/jobs/3/set/start', '/jobs/3/footing/dig', '/jobs/3/round/rods'] as $page) {
            $this->visit($page);
            $this->find('main');
            $small = $this->chromium->driver->executeScript(<<<'JS'
                document.querySelectorAll('main details').forEach((fold) => { fold.open = true; });
                return [...document.querySelectorAll('main a:not(svg *), main button, main summary, main input:not([type=hidden], .tick *, .key *), main select, main .tick, main .key')]
                    .filter((one) => one.offsetParent !== null && one.getBoundingClientRect().height < 55.5).map((one) => one.outerHTML.slice(0, 80));
                JS);
            $this->assertSame([], $small, $page);
            $this->assertLessThanOrEqual(
                390, $this->chromium->driver->executeScript('return document.documentElement.scrollWidth'), "{$page} scrolls sideways",
            );
        }
    }

    public function test_an_action_stands_on_one_screen_and_the_keypad_stays_as_it_was_left(): void
    {
        foreach (['/jobs/3/square' => '#tape-distance', '/jobs/3/set/D4' => '#hole-depth'] as $page => $field) {
            $this->visit($page);
            $this->find($field);
            $sees = $this->chromium->driver->executeScript(<<<'JS'
                const seen = (one) => { const at = one.getBoundingClientRect(); return at.height > 0 && at.top >= 0 && at.bottom <= innerHeight; };
                const entry = document.querySelector('#entry');
                return [seen(document.querySelector('.move h2')), seen(document.querySelector('.move .big')), seen(entry.querySelector('input[data-keypad]')), [...entry.querySelector('.keypad').children].every(seen)];
                JS);
            $this->assertSame([true, true, true, true], $sees, $page);
        }
        $this->visit('/jobs/3/square');
        $button = $this->find('#entry .button')->getLocation()->getY() + 56;
        $this->assertLessThanOrEqual(844, $button, 'the button needs no scrolling');
        $this->find('.keypad-fold summary')->click();
        $this->visit('/jobs/3/square');
        $this->assertNull($this->find('.keypad-fold')->getAttribute('open'));
    }

    /** The post leans 0.80° to the lane, that is out from its lane face; the phone’s own error is 0.30°. */
    public function test_the_phone_is_a_level_that_loses_its_own_error(): void
    {
        $this->setPost();
        $this->assertFalse($this->find('[data-phone-at-work]')->isDisplayed());
        $this->find('label:has(input[name="face"][value="minus_y"])')->click();
        $this->tilt(on: 0.80 + 0.30);
        $this->find('[data-phone-begin]')->click();
        $this->assertSees('Left edge on the lane face', '[data-phone-what]');
        $this->until(fn (): bool => $this->find('[data-phone-turned]')->isDisplayed(), fn () => 'the first hold is not taken: '.$this->plain('.phone-level'));
        $this->assertEqualsWithDelta(1.10, (float) $this->plain('[data-phone-figure]'), 0.11);
        $this->assertSees('top to the lane', '.phone-figure');
        $this->tilt(on: -0.80 + 0.30);
        $this->find('[data-phone-turned]')->click();
        $this->until(fn (): bool => str_contains($this->plain('[data-phone-says]'), 'By phone'), fn () => 'the second hold is not taken: '.$this->plain('.phone-level'));
        $this->assertSees('top to the lane, good to 0.12 in in 10 ft, so it may be 0.24 in off', '[data-phone-says]');
        $this->assertSame(1, preg_match('/The phone itself is ([\d.]+) in in 10 ft out/', $this->plain('[data-phone-says]'), $own));
        $this->assertEqualsWithDelta(tan(deg2rad(0.30)) * 120, (float) $own[1], 0.12);
        $read = (string) $this->find('#plumb-gap')->getAttribute('value');
        $this->assertEqualsWithDelta(0.80, (float) $read, 0.06);
        $this->assertFalse($this->find('[data-phone-at-work]')->isDisplayed());
        $this->press('form[action$="/entries/plumb"] .button-yard');
        $this->visit('/jobs/3/logbook');
        $this->assertSees("{$read} toward the lane, by phone", '.book');
    }

    public function test_a_phone_held_askew_tells_nothing_and_one_without_a_sensor_says_so(): void
    {
        $this->setPost();
        $this->tilt(on: 1.0, askew: 25);
        $this->find('[data-phone-begin]')->click();
        $this->until(fn (): bool => str_contains($this->plain('[data-phone-what]'), 'not square'), fn () => $this->plain('.phone-level'));
        usleep(1_500_000);
        $this->assertFalse($this->find('[data-phone-turned]')->isDisplayed(), 'nothing is taken');
        $this->find('[data-phone-stop]')->click();
        $this->sensor('clearDeviceOrientationOverride');
        $this->find('[data-phone-begin]')->click();
        $this->until(fn (): bool => str_contains($this->plain('[data-phone-says]'), 'No sensor answers'), fn () => $this->plain('.phone-level'));
    }

    /** A board of 8 ft whose second end is higher by 0.60°, that is 1 in; the phone’s own error is 0.20°. */
    public function test_the_phone_reads_the_rise_of_a_board(): void
    {
        $this->visit('/jobs/3/level');
        $this->find('[data-phone-level="board"]');
        $this->chromium->driver->executeScript('document.querySelector("details:has([data-phone-level])").open = true');
        $this->find('[data-phone-begin]')->click();
        $this->assertSees('Enter the length of the board first', '[data-phone-says]');
        $this->type('#difference-over', "8'");
        $this->lay(0.60 + 0.20);
        $this->find('[data-phone-begin]')->click();
        $this->assertSees('Left edge on the board', '[data-phone-what]');
        $this->until(fn (): bool => $this->find('[data-phone-turned]')->isDisplayed(), fn () => 'the first hold is not taken: '.$this->plain('.phone-level'));
        $this->lay(-0.60 + 0.20);
        $this->find('[data-phone-turned]')->click();
        $this->until(fn (): bool => str_contains($this->plain('[data-phone-says]'), 'By phone'), fn () => 'the second hold is not taken: '.$this->plain('.phone-level'));
        $this->assertSees('the second point is higher', '[data-phone-says]');
        $this->assertEqualsWithDelta(0.60, (float) $this->find('#difference-difference')->getAttribute('value'), 0.06);
        $this->assertSame('phone', $this->find('#difference-instrument')->getAttribute('value'));
        $this->choose('#difference-to', 'A1');
        $this->press('form[action$="/entries/height_difference"] .button:not([type="button"])');
        $this->visit('/jobs/3/logbook');
        $this->assertMatchesRegularExpression('#This phone on a board: A1 (15/16|1|1 1/16)" higher than the benchmark, over 8\' 0", turned#', $this->plain('.book'));
    }

    /** The left edge on a board that rises toward the top of the phone. */
    private function lay(float $rises): void
    {
        [$x, $y, $z] = [cos(deg2rad($rises)), sin(deg2rad($rises)), 0.01];
        $this->sensor('setDeviceOrientationOverride', ['alpha' => 0, 'beta' => rad2deg(asin($y)), 'gamma' => rad2deg(atan2(-$x, $z))]);
    }

    private function setPost(): void
    {
        $this->visit('/jobs/3/set/D4');
        $this->keyIn('#hole-depth', ['4', "'", '0', '1/2']);
        $this->touch('form[action$="/entries/hole"] .button');
        $this->assertSees('Set post D4', '.move');
        $this->touch('#entry .button-yard');
        $this->find('[data-phone-begin]');
    }

    /** @param  float  $on  degrees that the top leans toward the right edge of the screen */
    private function tilt(float $on, float $askew = 0.1): void
    {
        // Where up is, in the angles of the sensor: beta about the screen’s width, gamma about its height.
        [$x, $y, $z] = [-sin(deg2rad($on)), cos(deg2rad($on)) * cos(deg2rad($askew)), sin(deg2rad($askew))];
        $this->sensor('setDeviceOrientationOverride', ['alpha' => 0, 'beta' => rad2deg(asin($y)), 'gamma' => rad2deg(atan2(-$x, $z))]);
    }

    /** @param  array<string, mixed>  $what */
    private function sensor(string $does, array $what = []): void
    {
        $this->chromium->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => "DeviceOrientation.{$does}", 'params' => (object) $what]);
    }

    public function test_a_picture_taken_without_a_connection_waits_and_is_sent_once(): void
    {
        $image = imagecreatetruecolor(900, 700) ?: $this->fail();
        $file = sys_get_temp_dir().'/aequus-dead-spot-'.bin2hex(random_bytes(4)).'.jpg';
        imagejpeg($image, $file, 90);
        $this->visit('/jobs/3/set/A1');
        $before = count($this->chromium->driver->findElements(WebDriverBy::cssSelector('.pictures figure')));
        $this->find('details:has([data-picture]) summary')->click();
        $this->find('#picture-file')->sendKeys($file);
        $this->assertSees('Made small', '[data-picture-says]');
        $this->offline(true);
        $this->find('[data-picture] .button')->click();
        $this->assertSees('One entry waits', '#outbox');
        $this->assertSees('picture.jpg (no connection)', '#outbox');
        $this->offline(false);
        $this->chromium->driver->executeScript('dispatchEvent(new Event("online"))');
        $this->chromium->driver->wait(30)->until(fn () => $this->chromium->driver->executeScript('return document.getElementById("outbox").hidden'));
        $this->visit('/jobs/3/set/A1');
        $this->find('.pictures figure:last-child img');
        $this->assertCount($before + 1, $this->chromium->driver->findElements(WebDriverBy::cssSelector('.pictures figure')));
        unlink($file);
    }

    public function test_without_signal_there_is_a_page_and_what_is_written_on_it_is_sent_once(): void
    {
        $this->visit('/jobs/3/logbook');
        $this->until(fn (): bool => $this->chromium->driver->executeScript('return navigator.serviceWorker.controller !== null'), fn () => 'no worker took over');
        $this->visit('/jobs/3/logbook');
        $this->visit('/jobs/3/set/A1');
        $this->assertSame('', $this->find('[data-kept-copy]')->getText(), 'while there is a connection no copy is shown');
        $this->server->kill();
        $this->visit('/jobs/3/set/A1');
        $this->assertSees('Kept copy, as this page was on', '[data-kept-copy]');
        $this->assertSees('What is known of A1');
        $this->visit('/jobs/3/cut/rods');
        $this->assertSees('was not opened on this phone before');
        $this->visit('/jobs/3/logbook');
        $this->type('#remark-text', 'written where there is no signal');
        $this->find('form[action$="/entries/remark"] .button')->click();
        $this->assertSees('written where there is no signal (no connection)', '#outbox');
        $this->visit('/jobs/3/set/A1');
        $this->assertSees('written where there is no signal', '#outbox');
        $this->assertNotSame('', $this->find('[data-kept-copy]')->getText());
        $this->server->start();
        $this->until(fn (): bool => $this->find('[data-kept-copy]')->getText() === '', fn () => 'the copy does not give way');
        $this->chromium->driver->executeScript('dispatchEvent(new Event("online"))');
        $this->chromium->driver->wait(30)->until(fn () => $this->chromium->driver->executeScript('return document.getElementById("outbox").hidden'));
        $this->visit('/jobs/3/logbook');
        $this->assertSees('written where there is no signal', '.book');
        $this->assertSame(1, substr_count($this->text('.book'), 'written where there is no signal'));
        // Whoever signs out takes the copies along; on a phone that is done from the list of jobs.
        $this->visit('/');
        $this->find('form[action$="/sign-out"] button')->click();
        $this->until(fn (): bool => str_contains((string) $this->chromium->driver->getCurrentURL(), '/sign-in'), fn () => 'still signed in');
        $this->assertFalse($this->chromium->driver->executeAsyncScript('caches.has("aequus-pages-1").then(arguments[arguments.length - 1]);'));
    }

    public function test_while_no_answer_comes_that_is_told_within_a_second_and_the_entry_is_kept(): void
    {
        $this->visit('/jobs/3/logbook');
        $this->type('#remark-text', 'into the silence');
        // The answer never comes.
        $this->chromium->driver->executeScript('XMLHttpRequest.prototype.send = function () {};');
        $begun = microtime(true);
        $this->find('form[action$="/entries/remark"] .button')->click();
        $this->assertSees('into the silence (no answer yet)', '#outbox');
        // A second of the page's own, and what a busy machine takes to show it.
        $this->assertLessThan(5, microtime(true) - $begun);
        // The page is shut; the next one finds it, and sends it when the first would have given up.
        $this->visit('/jobs/3/logbook');
        $this->chromium->driver->executeScript('const box = JSON.parse(localStorage.getItem("aequus.outbox")); box.forEach((one) => { one.pending -= 30000; }); localStorage.setItem("aequus.outbox", JSON.stringify(box)); dispatchEvent(new Event("online"));');
        $this->assertSees('into the silence', '.book');
        $this->assertSame(1, substr_count($this->text('.book'), 'into the silence'));
    }

    public function test_a_picture_is_made_small_before_it_is_sent(): void
    {
        $file = "{$this->server->data}/large.png";
        $image = imagecreatetruecolor(2000, 1500) ?: $this->fail();
        for ($i = 0; $i < 3_000_000; $i++) {
            imagesetpixel($image, $i % 2000, intdiv($i, 2000), mt_rand(0, 0xFFFFFF));
        }
        imagepng($image, $file);
        $this->visit('/jobs/2/set/D2');
        $this->find('details:has([data-picture]) summary')->click();
        $this->find('#picture-file')->sendKeys($file);
        $this->assertSees('Made small', '[data-picture-says]');
        $this->press('[data-picture] .button');
        $this->assertSees('Written down', '.notice-done');
        $this->assertStringContainsString('small=1', (string) $this->find('.pictures figure:last-child img')->getAttribute('src'));
    }

    public function test_a_round_is_written_field_by_field_without_leaving_the_screen(): void
    {
        $this->visit('/jobs/3/round/holes');
        $this->assertSees('of 18 written down');
        $this->find('#round-D4-figure')->click();
        $pad = $this->find('#round-D4-figure + .keypad-fold');
        $this->until(fn () => $pad->getAttribute('open') !== null, fn () => 'the keys do not come along');
        foreach ($pad->findElements(WebDriverBy::cssSelector('button')) as $button) {
            if (in_array($button->getText(), ['4', 'feet ′', 'next'], true)) {
                $this->chromium->driver->executeScript('arguments[0].scrollIntoView({block: "center"})', [$button]);
                $button->click();
            }
        }
        $this->assertSees('deep enough', '#round-D4 .round-says');
        $this->assertStringContainsString('/round/holes', $this->chromium->driver->getCurrentURL());
        $this->assertNotSame(
            'round-D4-figure', $this->chromium->driver->executeScript('return document.activeElement.id'), 'the next field is looked at',
        );
        $this->visit('/jobs/3/set/D4');
        $this->assertSees('Set post D4', '.move');
    }

    public function test_words_in_the_yard_stand_out_seven_to_one(): void
    {
        foreach (['/jobs/2/set/D2', '/jobs/3/set/D4', '/jobs/2/set/stop', '/jobs/3/set/start', '/jobs/3/footing/dig'] as $page) {
            $this->visit($page);
            $this->find('main');
            $this->chromium->driver->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
            $this->chromium->driver->manage()->timeouts()->setScriptTimeout(30);
            $found = $this->chromium->driver->executeAsyncScript(<<<'JS'
                const done = arguments[arguments.length - 1];
                axe.run(document.querySelector('main'), { runOnly: { type: 'rule', values: ['color-contrast-enhanced'] }, rules: { 'color-contrast-enhanced': { enabled: true } } })
                    .then((r) => done(r.violations.flatMap((v) => v.nodes.map((n) => n.html.slice(0, 120) + ' ' + n.any.map((a) => a.message).join(' ')))));
                JS);
            $this->assertSame([], $found, $page);
        }
    }

    public function test_the_quick_line_stores_on_return_and_strikes_on_one_key(): void
    {
        $this->chromium->resize(1280, 800);
        $this->visit('/jobs/3/logbook');
        $this->type('#quick-line', 'b2 hole 48 1/2');
        $this->assertSees('read as: Hole B2 dug', '#quick-echo');
        $this->find('#quick-line')->sendKeys(WebDriverKeys::ENTER);
        $this->assertSees('Hole B2 dug', '.book');
        $this->find('#quick-line')->sendKeys(WebDriverKeys::ESCAPE);
        $this->assertSees('struck: typed wrong', '.book');
        $this->type('#quick-line', 'b2 dance');
        $this->find('#quick-line')->sendKeys(WebDriverKeys::ENTER);
        $this->assertSees('not understood after B2', '.refusal');
        $this->assertSame('b2 dance', $this->find('#quick-line')->getAttribute('value'));
    }

    /** @param  list<string>  $keys  on the keypad, which is opened by one press */
    private function keyIn(string $css, array $keys): void
    {
        $field = $this->find($css);
        $pad = $field->findElement(WebDriverBy::xpath('following-sibling::details[@class="keypad-fold"]'));
        if ($pad->getAttribute('open') === null) {
            $pad->findElement(WebDriverBy::cssSelector('summary'))->click();
            $this->presses++;
        }
        foreach ($keys as $key) {
            foreach ($pad->findElements(WebDriverBy::cssSelector('button')) as $button) {
                if (strtr($button->getText(), ['⁄' => '/', 'feet ′' => "'"]) === $key) {
                    $this->chromium->driver->executeScript('arguments[0].scrollIntoView({block: "center"})', [$button]);
                    $button->click();
                }
            }
        }
    }

    private function touch(string $css): void
    {
        $this->presses++;
        str_contains($css, 'button') ? $this->press($css) : $this->find($css)->click();
    }
}
