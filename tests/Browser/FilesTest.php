<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** A job is taken as a file, and brought in again, by hand. */
final class FilesTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        $this->open('demo');
        $this->visit('/sign-in');
        $this->press('form[action$="/demo"] .button');
    }

    public function test_a_job_goes_out_and_comes_in_beside_itself(): void
    {
        $this->visit('/jobs/3/files');
        $this->assertSees('The whole job', 'table');
        $bytes = base64_decode((string) $this->chromium->driver->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            fetch(document.querySelector('a[href$="/files/job.zip"]').href).then((answer) => answer.arrayBuffer()).then((bytes) => {
                let text = '';
                new Uint8Array(bytes).forEach((byte) => { text += String.fromCharCode(byte); });
                done(btoa(text));
            });
            JS));
        $path = (string) tempnam(sys_get_temp_dir(), 'job');
        file_put_contents($path, $bytes);
        $this->visit('/');
        $this->chromium->driver->executeScript('document.getElementById("job-file").closest("details").open = true');
        $this->find('#job-file')->sendKeys($path);
        $this->press('form[action$="/jobs/from-file"] button');
        $this->assertSees('has come in');
        $this->assertSees('Came in from a file on');
        // A file that is none says why, where it was chosen.
        file_put_contents($path, 'no zip');
        $this->visit('/');
        $this->chromium->driver->executeScript('document.getElementById("job-file").closest("details").open = true');
        $this->find('#job-file')->sendKeys($path);
        $this->press('form[action$="/jobs/from-file"] button');
        $this->assertSees('That is no file of a whole job', '#job-file-refusal');
        unlink($path);
    }

    public function test_each_table_and_each_drawing_can_be_taken_along(): void
    {
        $this->visit('/jobs/3/cut/members');
        foreach (['table' => 'text/csv', 'drawing' => 'image/svg+xml'] as $kind => $type) {
            $link = (string) $this->find("[data-{$kind}] a")->getAttribute('href');
            $this->assertStringContainsString("{$kind}=1", $link);
            $this->assertStringStartsWith($type, (string) $this->chromium->driver->executeAsyncScript('const done = arguments[arguments.length - 1]; fetch(arguments[0]).then((answer) => done(answer.headers.get("Content-Type")));', [$link]));
        }
    }

    /** A laser meter types and presses Enter while nothing is chosen: it goes into the reading that is next, and is written down. */
    public function test_a_meter_that_types_like_a_keyboard_writes_the_next_reading(): void
    {
        $this->visit('/jobs/3/square');
        $next = $this->text('.move h2');
        $this->chromium->driver->executeScript('document.activeElement.blur();');
        $this->chromium->driver->getKeyboard()->sendKeys("10' 11 9/16");
        $this->assertSame("10' 11 9/16", $this->find('#tape-distance')->getAttribute('value'));
        $this->chromium->driver->getKeyboard()->pressKey(WebDriverKeys::ENTER);
        $this->assertSees('Written down as entry');
        $this->assertNotSame($next, $this->text('.move h2'));
    }
}
