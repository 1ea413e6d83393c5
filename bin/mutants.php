<?php

declare(strict_types=1);

/*
 * php bin/mutants.php [PART OF A FILE NAME]
 *
 * Breaks the product by hand, one place at a time as tests/mutants.json says, and sees whether a test fails. Everything happens in a copy of the
 * tree; only the tests that run the broken lines are asked, the quickest first, until one fails or a minute is over. What was found is kept in
 * storage/mutants: a run that was stopped goes on where it stood, and a break is tried again once its file or any test has changed.
 * Needs Debian's php8.2-pcov for the map of which test runs which line.
 */

use SebastianBergmann\CodeCoverage\CodeCoverage;

require dirname(__DIR__).'/vendor/autoload.php';

const SECONDS = 60;

// Letters of a pattern of tests.
const MOST = 20_000;

chdir(dirname(__DIR__));
$only = $argv[1] ?? '';
$here = getcwd().'/storage/mutants';
is_dir($here) || mkdir($here, 0o777, true);
extension_loaded('pcov') || exit("This needs pcov: sudo apt-get install php8.2-pcov\n");

$files = static function (string ...$folders): array {
    $found = [];
    foreach ($folders as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            $found[] = (string) $file;
        }
    }
    sort($found);

    return $found;
};
$stamp = static fn (array $files): string => sha1(implode('', array_map(static fn (string $file): string => $file.sha1_file($file), $files)));

// A copy to break, so that nothing is left broken here and work can go on meanwhile.
$copy = sys_get_temp_dir().'/aequus-mutants-'.getmypid();
mkdir($copy);
register_shutdown_function(static fn () => exec('rm -rf '.escapeshellarg($copy)));
exec('tar -cf - --exclude=./.git --exclude=./node_modules --exclude=./storage . | tar -xf - -C '.escapeshellarg($copy));
symlink(getcwd().'/node_modules', "{$copy}/node_modules");
chdir($copy);
foreach (['framework/views', 'framework/cache', 'framework/sessions', 'logs', 'own', 'test'] as $folder) {
    mkdir("storage/{$folder}", 0o777, true);
}

// Which test runs which line: by file, line and test. Worked out anew once code or tests have changed.
$now = $stamp(array_diff($files('core', 'app', 'tests'), ['tests/mutants.json']));
if (! is_file("{$here}/stamp") || file_get_contents("{$here}/stamp") !== $now) {
    echo "Mapping which test runs which line; this takes some minutes.\n";
    passthru(
        'php -d pcov.enabled=1 -d pcov.directory=. -d pcov.exclude=~vendor~ -d memory_limit=3G vendor/bin/phpunit --testsuite core,feature --no-progress --coverage-php coverage.php',
        $failed,
    );
    $failed === 0 || exit("The tests must pass before anything is broken.\n");
    /** @var CodeCoverage $coverage */
    $coverage = require 'coverage.php';
    $map = [];
    foreach ($coverage->getData()->lineCoverage() as $file => $lines) {
        foreach (array_filter($lines) as $line => $tests) {
            $map[substr($file, strlen($copy) + 1)][$line] = array_values(array_unique(preg_replace('/^.*\\\\(\w+::\w+).*$/s', '$1', $tests)));
        }
    }
    file_put_contents("{$here}/map.json", json_encode($map));
    file_put_contents("{$here}/stamp", $now);
}
$map = json_decode((string) file_get_contents("{$here}/map.json"), true);

$results = is_file("{$here}/results.json") ? json_decode((string) file_get_contents("{$here}/results.json"), true) : [];
$tests = $stamp($files('tests/Core', 'tests/Feature'));
$survivors = $stale = [];
$killed = $tried = 0;
foreach (json_decode((string) file_get_contents('tests/mutants.json'), true) as $mutant) {
    ['file' => $file, 'from' => $from, 'to' => $to] = $mutant;
    if (! str_contains($file, $only)) {
        continue;
    }
    $source = (string) file_get_contents($file);
    if (substr_count($source, $from) !== 1) {
        $stale[] = "{$file}: ".strtok($from, "\n");

        continue;
    }
    $key = sha1($file.$source.$from.$to.$tests.($mutant['tests'] ?? ''));
    if (! isset($results[$key])) {
        $first = substr_count(substr($source, 0, (int) strpos($source, $from)), "\n") + 1;
        $running = [];
        for ($line = $first; $line <= $first + substr_count($from, "\n"); $line++) {
            $running = [...$running, ...$map[$file][$line] ?? []];
        }
        // A constant is run by nobody, and a line in the middle of an expression counts as run with its first: then all tests of the file.
        $running = array_unique($running === [] ? array_merge(...array_values($map[$file] ?? [])) : $running);
        $filter = $mutant['tests'] ?? '('.implode('|', $running).')\b';
        // What nearly every test runs makes a pattern too long to be read: then all tests of those classes.
        if (strlen($filter) > MOST) {
            $filter = '('.implode('|', array_unique(array_map(static fn (string $test): string => explode('::', $test)[0], $running))).')::';
        }
        if ($running === [] && ! isset($mutant['tests'])) {
            $results[$key] = 'no test runs it';
        } else {
            file_put_contents($file, str_replace($from, $to, $source));
            exec(
                'timeout '.SECONDS.' php -d pcov.enabled=0 vendor/bin/phpunit --testsuite core,feature --no-progress --stop-on-defect --order-by=duration --filter '.escapeshellarg("/{$filter}/").' 2>&1',
                $output, $code,
            );
            $results[$key] = match (true) {
                $code === 124 => 'ran out of time',
                $code !== 0 => 'killed',
                str_contains(implode('', $output), 'No tests executed') => 'no test runs it',
                default => 'survived',
            };
            unset($output);
            file_put_contents($file, $source);
        }
        file_put_contents("{$here}/results.json", json_encode($results, JSON_PRETTY_PRINT));
    }
    $tried++;
    $killed += $results[$key] === 'killed' ? 1 : 0;
    if ($results[$key] !== 'killed') {
        $survivors[] = "{$results[$key]}: {$file}: ".strtok($from, "\n").(isset($mutant['survives']) ? "\n    because {$mutant['survives']}" : '');
    }
    echo str_pad($results[$key], 16), str_pad($mutant['kind'], 18), $file, "\n";
}
chdir(dirname(__DIR__));
printf("\n%d of %d killed, %.0f %%.\n", $killed, $tried, $tried === 0 ? 0 : 100 * $killed / $tried);
echo $survivors === [] ? '' : implode("\n", $survivors)."\n";
echo $stale === [] ? '' : "\nNot found any more, or found twice; mend tests/mutants.json:\n".implode("\n", $stale)."\n";
exit($stale === [] && $tried > 0 && $killed >= 0.9 * $tried ? 0 : 1);
