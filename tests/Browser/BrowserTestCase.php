<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\UnknownErrorException;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\TestCase;

/** A person at a browser, at an application of their own. */
abstract class BrowserTestCase extends TestCase
{
    protected ApplicationServer $server;

    protected Chromium $chromium;

    protected function open(string $mode, bool $scripts = true, int $seed = 417): void
    {
        $this->server = new ApplicationServer($mode, $seed);
        $this->chromium = new Chromium($scripts);
        $this->chromium->resize(1280, 800);
    }

    protected function tearDown(): void
    {
        if (isset($this->chromium)) {
            $this->chromium->quit();
        }
        $this->server->kill();
        exec('rm -rf '.escapeshellarg($this->server->data));
    }

    protected function visit(string $path): void
    {
        $this->chromium->driver->get($this->server->address.$path);
    }

    protected function find(string $css): RemoteWebElement
    {
        $found = null;
        $this->until(function () use ($css, &$found): bool {
            $found = $this->chromium->driver->findElements(WebDriverBy::cssSelector($css))[0] ?? null;

            return $found !== null;
        }, fn () => "there is no {$css} on ".$this->chromium->driver->getCurrentURL());

        return $found;
    }

    protected function type(string $css, string $text): void
    {
        $field = $this->find($css);
        $field->clear();
        $field->sendKeys($text);
    }

    protected function choose(string $css, string $value): void
    {
        (new WebDriverSelect($this->find($css)))->selectByValue($value);
    }

    /** Presses a button and waits until the page it stood on is replaced. */
    protected function press(string $css): void
    {
        $button = $this->find($css);
        $this->chromium->driver->executeScript('arguments[0].scrollIntoView({block: "center"})', [$button]);
        $button->click();
        $this->until(function () use ($button): bool {
            try {
                $button->isEnabled();

                return false;
            } catch (StaleElementReferenceException|UnknownErrorException) {
                return true;
            }
        }, fn () => "nothing came of pressing {$css}: ".mb_substr($this->plain('main'), 0, 600));
    }

    /** Opens a fold if it is closed. */
    protected function unfold(string $css): void
    {
        $fold = $this->find($css);
        if ($fold->getAttribute('open') === null) {
            $fold->findElement(WebDriverBy::cssSelector('summary'))->click();
        }
    }

    protected function text(string $css): string
    {
        return $this->find($css)->getText();
    }

    protected function assertSees(string $text, string $css = 'main'): void
    {
        $this->until(
            fn (): bool => str_contains($this->plain($css), $text), fn () => "“{$text}” is not to be seen in: ".mb_substr($this->plain($css), 0, 900),
        );
        $this->addToAssertionCount(1);
    }

    /** What stands there, with the typesetting of lengths undone. */
    protected function plain(string $css): string
    {
        try {
            return strtr($this->text($css), ["\u{202F}" => ' ', "\u{00A0}" => ' ', '′' => "'", '″' => '"', '−' => '-', "\n" => ' ']);
        } catch (StaleElementReferenceException|UnknownErrorException) {
            return '';
        }
    }

    /**
     * @param  callable(): bool  $holds
     * @param  callable(): string  $otherwise  what to say when it never does
     */
    protected function until(callable $holds, callable $otherwise): void
    {
        for ($try = 0; $try < 400; $try++) {
            try {
                if ($holds()) {
                    return;
                }
            } catch (StaleElementReferenceException|UnknownErrorException $gone) {
                // What was looked at was put in anew meanwhile: look again. Between two pages the browser says so in other words.
                if ($gone instanceof UnknownErrorException && ! str_contains($gone->getMessage(), 'does not belong to the document')) {
                    throw $gone;
                }
            }
            usleep(60_000);
        }
        $this->fail($otherwise());
    }

    protected function offline(bool $offline): void
    {
        $this->chromium->driver->executeCustomCommand(
            '/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => 'Network.enable', 'params' => (object) []],
        );
        $this->chromium->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Network.emulateNetworkConditions',
            'params' => ['offline' => $offline, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1],
        ]);
    }
}
