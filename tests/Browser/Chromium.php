<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use RuntimeException;

/** Headless Chromium, driven through ChromeDriver. */
final class Chromium
{
    public readonly RemoteWebDriver $driver;

    /** @var resource */
    private $process;

    private string $profile;

    /** @param  ?string  $home  of a person with certificates of their own; null for whoever runs the tests */
    public function __construct(bool $scripts = true, ?string $home = null)
    {
        $port = ApplicationServer::freePort();
        $process = proc_open(
            ['chromedriver', "--port={$port}", '--silent'], [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
            $pipes, null, $home === null ? null : ['PATH' => (string) getenv('PATH'), 'HOME' => $home],
        );
        $this->process = $process ?: throw new RuntimeException('ChromeDriver did not start. Install it with: apt-get install chromium-driver');
        $this->profile = sys_get_temp_dir().'/aequus-browser-'.bin2hex(random_bytes(6));
        $options = (new ChromeOptions)->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--disable-sync',
            '--no-first-run', '--disable-dev-shm-usage', '--hide-scrollbars', "--user-data-dir={$this->profile}",
        ]);
        if (! $scripts) {
            $options->setExperimentalOption('prefs', ['profile.managed_default_content_settings.javascript' => 2]);
        }
        $options->setExperimentalOption('perfLoggingPrefs', ['enableNetwork' => true]);
        $wanted = DesiredCapabilities::chrome();
        $wanted->setCapability(ChromeOptions::CAPABILITY_W3C, $options);
        $wanted->setCapability('acceptInsecureCerts', false);
        $wanted->setCapability('goog:loggingPrefs', ['performance' => 'ALL', 'browser' => 'ALL']);
        $this->driver = $this->connect($port, $wanted);
    }

    public function quit(): void
    {
        $this->driver->quit();
        proc_terminate($this->process);
        proc_close($this->process);
        exec('rm -rf '.escapeshellarg($this->profile));
    }

    /** @param  int  $width of the page itself */
    public function resize(int $width, int $height): void
    {
        $this->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Emulation.setDeviceMetricsOverride',
            'params' => ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $width < 600],
        ]);
    }

    /** @return list<string> every address the browser asked for since the last call */
    public function requested(): array
    {
        $asked = [];
        foreach ($this->driver->manage()->getLog('performance') as $line) {
            $message = json_decode($line['message'], true)['message'];
            if ($message['method'] === 'Network.requestWillBeSent') {
                $asked[] = $message['params']['request']['url'];
            }
        }

        return $asked;
    }

    /** @return list<string> what the browser complained about since the last call */
    public function complaints(): array
    {
        return array_map(fn (array $line) => $line['message'], $this->driver->manage()->getLog('browser'));
    }

    private function connect(int $port, DesiredCapabilities $wanted): RemoteWebDriver
    {
        for ($try = 0; ; $try++) {
            try {
                return RemoteWebDriver::create("http://127.0.0.1:{$port}", $wanted, 60_000, 60_000);
            } catch (\Throwable $failure) {
                if ($try > 40) {
                    throw $failure;
                }
                usleep(150_000);
            }
        }
    }
}
