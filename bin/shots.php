<?php

// Takes the pictures in docs/screenshots again, from the demo.

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\ApplicationServer;
use Tests\Browser\Chromium;

require __DIR__.'/../vendor/autoload.php';

$views = [
    'jobs' => ['/', 1280, 800],
    'plan' => ['/jobs/3/plan', 1280, 800],
    'thing' => ['/jobs/5/thing', 1280, 800],
    'site-plan' => ['/jobs/4/plan/site', 1280, 1100],
    'clear' => ['/jobs/3/clear', 1280, 800],
    'square' => ['/jobs/3/square', 1280, 800],
    'prove' => ['/jobs/3/square/prove', 1280, 800],
    'level' => ['/jobs/3/level', 1280, 800],
    'footing' => ['/jobs/3/footing', 1280, 800],
    'set' => ['/jobs/2/set', 1280, 800],
    'cut' => ['/jobs/2/cut', 1280, 800],
    'handover' => ['/jobs/2/handover', 1280, 800],
    'logbook' => ['/jobs/3/logbook', 1280, 800],
    'square-phone' => ['/jobs/3/square', 390, 844],
    'bill' => ['/jobs/3/footing/bill', 1280, 800],
    'frame' => ['/jobs/2/cut/members', 1280, 800],
    'boards' => ['/jobs/2/cut/boards', 1280, 800],
    'days' => ['/jobs/6/days', 1280, 900],
    'post-phone' => ['/jobs/2/set/D2', 390, 844],
];
$only = array_slice($argv, 1);
$folder = getenv('SHOTS') ?: dirname(__DIR__).'/docs/screenshots';
$server = new ApplicationServer('demo');
$chromium = new Chromium;
try {
    $driver = $chromium->driver;
    $chromium->resize(1280, 800);
    $driver->get($server->address.'/sign-in');
    $driver->findElement(WebDriverBy::cssSelector('form[action$="/demo"] button'))->click();
    $driver->wait(30)->until(fn () => $driver->findElements(WebDriverBy::cssSelector('.job-card')) !== []);
    foreach ($views as $name => [$path, $width, $height]) {
        if ($only !== [] && ! in_array($name, $only, true)) {
            continue;
        }
        $chromium->resize($width, $height);
        $driver->get($server->address.$path);
        usleep(600_000);
        $driver->takeScreenshot("{$folder}/{$name}.png");
        echo "{$name}\n";
    }
} finally {
    $chromium->quit();
    $server->kill();
    exec('rm -rf '.escapeshellarg($server->data));
}
