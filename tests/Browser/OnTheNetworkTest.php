<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Network\Authority;
use App\Network\Door;
use RuntimeException;

/** A phone that comes in over the network: told how to trust the machine, then sealed; and what it gets where it does not trust. */
final class OnTheNetworkTest extends BrowserTestCase
{
    private string $folder;

    private int $port;

    /** @var resource */
    private $door;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/aequus-network-'.bin2hex(random_bytes(5));
        mkdir("{$this->folder}/home/.pki/nssdb", 0o700, true);
        $this->server = new ApplicationServer('demo', 417, ['AEQUUS_AUTHORITY' => $this->folder, 'AEQUUS_PROXIES' => '127.0.0.1']);
        (new Authority($this->folder))->issue(['127.0.0.1']);
        $this->port = ApplicationServer::freePort();
        $file = (new Door("{$this->folder}/door", $this->folder, $this->port, $this->server->port))->write();
        $this->door = proc_open(
            ['nginx', '-e', '/dev/null', '-c', $file], [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', "{$this->folder}/said", 'w']],
            $pipes, null, ['PATH' => getenv('PATH').':/usr/sbin'],
        ) ?: throw new RuntimeException('nginx did not start.');
        for ($try = 0; $try < 100 && ($there = @fsockopen('127.0.0.1', $this->port)) === false; $try++) {
            usleep(50_000);
        }
        $this->assertTrue(isset($there) && $there !== false, (string) file_get_contents("{$this->folder}/said"));
        $this->certutil('-N', '--empty-password');
    }

    protected function tearDown(): void
    {
        proc_terminate($this->door);
        proc_close($this->door);
        parent::tearDown();
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function test_a_phone_fetches_the_certificate_and_comes_in_sealed_with_pages_kept(): void
    {
        $this->enterAs();
        $this->chromium->driver->get("http://127.0.0.1:{$this->port}/jobs/1/set");
        $this->assertSame("http://127.0.0.1:{$this->port}/trust", $this->chromium->driver->getCurrentURL());
        $this->assertStringContainsString('Let this phone trust the machine', $this->plain('main'));
        $this->assertGreaterThan(300, $this->chromium->driver->executeScript('return document.querySelector(".trust-steps svg").closest("main").clientWidth'));
        // Nothing but that page comes unsealed: no form takes a password.
        foreach (['/sign-in', '/up', '/worker.js', '/trust/../sign-in'] as $path) {
            $this->assertStringContainsString('302', get_headers("http://127.0.0.1:{$this->port}{$path}", false, stream_context_create(['http' => ['follow_location' => 0]]))[0] ?? '');
        }
        $fetched = (string) file_get_contents("http://127.0.0.1:{$this->port}/trust/aequus.crt");
        file_put_contents("{$this->folder}/fetched", $fetched);
        $this->chromium->quit();

        $this->certutil('-A', '-n', 'Aequus', '-t', 'C,,', '-i', "{$this->folder}/fetched");
        $this->enterAs();
        $this->chromium->driver->get("https://127.0.0.1:{$this->port}/sign-in");
        $this->press('form[action$="/demo"] button');
        $this->assertStringStartsWith("https://127.0.0.1:{$this->port}/", $this->chromium->driver->getCurrentURL());
        $this->assertTrue($this->chromium->driver->executeScript('return window.isSecureContext'));
        $cookies = $this->chromium->driver->manage()->getCookies();
        $this->assertNotSame([], $cookies);
        foreach ($cookies as $cookie) {
            $this->assertTrue($cookie->isSecure(), $cookie->getName());
        }
        $this->until(fn () => $this->chromium->driver->executeAsyncScript(
            'const done = arguments[0]; navigator.serviceWorker.getRegistration().then((it) => done(Boolean(it && it.active)))',
        ) === true, fn () => 'no worker keeps pages');
        $this->assertFalse($this->find('.no-copy')->isDisplayed());
    }

    public function test_a_phone_that_does_not_trust_it_is_warned_and_keeps_no_pages(): void
    {
        $this->enterAs();
        $this->chromium->driver->get("https://127.0.0.1:{$this->port}/sign-in");
        $this->assertSame('Privacy error', $this->chromium->driver->getTitle());
        // Whoever goes on all the same works, and is told what is missing.
        $this->find('#details-button')->click();
        $this->find('#proceed-link')->click();
        $this->press('form[action$="/demo"] button');
        $this->until(fn () => $this->find('.no-copy')->isDisplayed(), fn () => 'it does not say that no page is kept');
        $this->assertStringContainsString('keeps no pages', $this->find('.no-copy')->getText());
        $this->assertSame("https://127.0.0.1:{$this->port}/trust", $this->find('.no-copy a')->getAttribute('href'));
    }

    private function enterAs(): void
    {
        $this->chromium = new Chromium(home: "{$this->folder}/home");
        $this->chromium->resize(390, 844);
    }

    private function certutil(string ...$what): void
    {
        exec('certutil -d sql:'.escapeshellarg("{$this->folder}/home/.pki/nssdb").' '.implode(' ', array_map(escapeshellarg(...), $what)).' 2>&1', $said, $status);
        $this->assertSame(0, $status, implode("\n", $said));
    }
}
