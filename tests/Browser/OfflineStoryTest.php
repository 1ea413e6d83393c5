<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** A phone goes where there is no signal: a round of six plumb readings, a hole, a picture and a remark, and all of it is there once. */
final class OfflineStoryTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        $this->open('demo');
        $this->visit('/sign-in');
        $this->press('form[action$="/demo"] .button');
        $this->chromium->resize(390, 844);
        $this->until(fn (): bool => $this->does('return navigator.serviceWorker.controller !== null') === true, fn () => 'no worker took over');
    }

    public function test_a_round_without_a_signal_is_written_down_once(): void
    {
        foreach (['a1 set', 'b1 set', 'd1 set'] as $line) {
            $this->visit('/jobs/3/logbook');
            $this->type('#quick-line', $line);
            $this->press('.quick-form .button');
            $this->assertSees('Written down', '.notice-done');
        }
        $this->visit('/jobs/3/set/D2');
        $this->visit('/jobs/3/set/A1');
        $this->assertSees('Hold the level on the lane face of A1', '.move');
        // The pages of what comes next are fetched while there is a signal.
        $this->until(
            fn (): bool => $this->kept('/jobs/3/set/B1') && $this->kept('/jobs/3/set/D1'), fn () => 'the next posts are not on this phone',
        );
        $before = $this->entries();
        $this->visit('/jobs/3/set/A1');
        $this->find('#entry');
        $this->server->kill();

        // Six readings, from post to post by what the phone was told, with the page shown anew between.
        foreach ([['A1', 'lane', 'B1'], ['B1', 'lane', 'D1'], ['D1', 'lane', 'D4']] as $i => [$post, $face]) {
            $this->assertSees("Hold the level on the {$face} face of {$post}", '.move');
            $this->plumb('to the orchard', '1/8', 2 * $i + 1);
            $this->assertSees('Written down on this phone; it waits to be sent', '.move');
            $this->assertSees("Next, as far as this phone knows: Hold the level on the stream face of {$post}", '#outbox');
            $this->assertTrue($this->does('return document.querySelector(\'[name="face"][value="plus_x"]\').checked'), 'the face asked for next is chosen');
            if ($i === 1) {
                $this->chromium->driver->navigate()->refresh();
                $this->assertSees('Kept copy', '[data-kept-copy]');
                $this->assertSees('3 entries wait', '#outbox');
                $this->assertTrue($this->does('return document.querySelector(\'[name="face"][value="plus_x"]\').checked'));
            }
            $this->plumb('to the stream', '3/16', 2 * $i + 2);
            if ($i < 2) {
                $this->pressInTheBox('.outbox-next a');
                $this->until(fn (): bool => str_ends_with($this->chromium->driver->getCurrentURL(), ['B1', 'D1'][$i]), fn () => $this->plain('#outbox'));
            }
        }
        // A hole, a picture and a remark, from another tab too.
        $this->does('window.open("/jobs/3/set/D2")');
        $tabs = $this->chromium->driver->getWindowHandles();
        $this->chromium->driver->switchTo()->window($tabs[1]);
        $this->assertSees('6 entries wait', '#outbox');
        $this->openHole();
        $this->type('#hole-depth', "4' 1\"");
        $this->touch('form[action$="/entries/hole"] .button');
        $this->assertSees('7 entries wait', '#outbox');
        $file = sys_get_temp_dir().'/aequus-offline-'.bin2hex(random_bytes(4)).'.jpg';
        imagejpeg(imagecreatetruecolor(800, 600) ?: $this->fail(), $file);
        $this->does('document.querySelector("details:has([data-picture])").open = true');
        $this->find('#picture-file')->sendKeys($file);
        $this->assertSees('Made small', '[data-picture-says]');
        $this->touch('[data-picture] .button');
        $this->assertSees('8 entries wait', '#outbox');
        $this->does('document.querySelector("details:has(#remark-text)").open = true');
        $this->type('#remark-text', 'clay from three feet down');
        $this->touch('form[action$="/entries/remark"] .button');
        $this->assertSees('9 entries wait', '#outbox');

        // Meanwhile the sign-in ran out. Both tabs are open when there is a signal again.
        exec('rm -rf '.escapeshellarg("{$this->server->data}/sessions").'/* '.escapeshellarg("{$this->server->data}").'/data-*/sessions/*');
        $this->server->start();
        $this->does('dispatchEvent(new Event("online"))');
        $this->until(fn (): bool => str_contains($this->chromium->driver->getCurrentURL(), '/sign-in') || str_contains($this->plain('#outbox'), 'sign in first'), fn () => $this->plain('#outbox'));
        $this->visit('/sign-in');
        $this->press('form[action$="/demo"] .button');
        $this->visit('/jobs/3/logbook');
        $this->chromium->driver->switchTo()->window($tabs[0]);
        $this->visit('/jobs/3/logbook');
        foreach ($tabs as $tab) {
            $this->chromium->driver->switchTo()->window($tab);
            $this->chromium->driver->wait(40)->until(fn () => ! str_contains($this->plain('#outbox'), 'wait'));
        }
        $this->assertSame($before + 9, $this->entries());
        $this->visit('/jobs/3/logbook');
        $book = $this->plain('.book');
        foreach (['A1', 'B1', 'D1'] as $post) {
            foreach (['lane face: 1/8" toward the orchard', 'stream face: 3/16" toward the stream'] as $read) {
                $this->assertSame(1, substr_count($book, "{$post}, {$read}"), "{$post}, {$read} in: {$book}");
            }
        }
        $this->assertSame(1, substr_count($book, 'clay from three feet down'));
        $this->visit('/jobs/3/set/D2');
        $this->assertCount(1, $this->chromium->driver->findElements(WebDriverBy::cssSelector('.pictures figure')));
        unlink($file);
    }

    public function test_what_two_wrote_of_one_hole_is_shown_side_by_side(): void
    {
        $this->visit('/jobs/3/set/D2');
        $this->openHole();
        $before = $this->entriesOn('/jobs/3/logbook');
        $this->offline(true);
        $this->type('#hole-depth', "4' 2\"");
        $this->find('form[action$="/entries/hole"] .button')->click();
        $this->assertSees('One entry waits', '#outbox');
        // Somebody else, at another phone.
        $other = new Chromium;
        try {
            $other->driver->get("{$this->server->address}/sign-in");
            $other->driver->findElement(WebDriverBy::cssSelector('form[action$="/demo"] .button'))->click();
            $other->driver->wait(20)->until(fn () => $other->driver->findElements(WebDriverBy::cssSelector('.job-card')) !== []);
            $other->driver->get("{$this->server->address}/jobs/3/set/D2");
            $other->driver->executeScript('document.querySelectorAll("details").forEach((fold) => { fold.open = true; })');
            $other->driver->findElement(WebDriverBy::cssSelector('#hole-depth'))->sendKeys("4' 1\"");
            $other->driver->findElement(WebDriverBy::cssSelector('form[action$="/entries/hole"] .button'))->click();
            $other->driver->wait(20)->until(fn () => $other->driver->findElements(WebDriverBy::cssSelector('.notice-done')) !== []);
        } finally {
            $other->quit();
        }
        $this->offline(false);
        $this->does('dispatchEvent(new Event("online"))');
        $this->assertSees('somebody wrote something else of the same', '#outbox .clash');
        $both = $this->plain('#outbox .clash');
        $this->assertStringContainsString("4' 1\"", $both);
        $this->assertStringContainsString("4' 2\"", $both);
        $this->assertSame($before + 1, $this->entriesOn('/jobs/3/logbook'), 'nothing is stored before somebody decides');
        $this->pressInTheBox('.clash .button');
        $this->until(fn (): bool => $this->entriesOn('/jobs/3/logbook') === $before + 2, fn () => $this->plain('#outbox'));
    }

    private function plumb(string $toward, string $gap, int $waiting): void
    {
        foreach ($this->chromium->driver->findElements(WebDriverBy::cssSelector('#entry .key')) as $key) {
            if ($key->getText() === $toward) {
                $key->click();
            }
        }
        $this->type('#plumb-gap', $gap);
        $this->touch('#entry .button-yard');
        $this->assertSees($waiting === 1 ? 'One entry waits' : "{$waiting} entries wait", '#outbox');
    }

    private function openHole(): void
    {
        $this->find('#hole-depth');
        $this->does('document.querySelector("#hole-depth").closest("details").open = true');
    }

    /** Without a page that follows. */
    private function touch(string $css): void
    {
        $button = $this->find($css);
        $this->chromium->driver->executeScript('arguments[0].scrollIntoView({block: "center"})', [$button]);
        $button->click();
    }

    /** What waits is told anew at any moment: found and pressed in one breath. */
    private function pressInTheBox(string $css): void
    {
        $this->until(
            fn (): bool => $this->does('const one = document.querySelector(arguments[0]); one?.click(); return Boolean(one)', [$css]) === true, fn () => "there is no {$css}",
        );
    }

    private function kept(string $page): bool
    {
        return $this->chromium->driver->executeAsyncScript('const done = arguments[1]; caches.match(arguments[0], { ignoreVary: true }).then((kept) => done(Boolean(kept)))', [$page]) === true;
    }

    private function entries(): int
    {
        $this->visit('/jobs/3/logbook');

        return (int) $this->text('main h1');
    }

    /** Without leaving the page. */
    private function entriesOn(string $page): int
    {
        $html = $this->chromium->driver->executeAsyncScript('const done = arguments[1]; fetch(arguments[0], { cache: "no-store" }).then((answer) => answer.text()).then(done, () => done(""))', [$page]);

        return preg_match('#<h1>\s*(\d+)#', (string) $html, $found) === 1 ? (int) $found[1] : -1;
    }

    /** @param  list<string>  $with */
    private function does(string $script, array $with = []): mixed
    {
        return $this->chromium->driver->executeScript($script, $with);
    }
}
