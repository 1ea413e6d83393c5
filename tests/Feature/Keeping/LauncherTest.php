<?php

declare(strict_types=1);

namespace Tests\Feature\Keeping;

use PHPUnit\Framework\TestCase;

/** What the launcher does by itself, beside starting things. */
final class LauncherTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/aequus-launcher-'.bin2hex(random_bytes(5));
        mkdir("{$this->folder}/storage/logs", 0o700, true);
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function test_a_log_of_five_megabytes_is_put_aside_and_five_of_them_are_kept(): void
    {
        $log = "{$this->folder}/storage/logs/aequus.log";
        file_put_contents("{$this->folder}/storage/logs/server.log", 'short');
        foreach (range(1, 7) as $turn) {
            file_put_contents($log, str_pad("turn {$turn}", 5_000_001, '.'));
            $this->rotate();
            $this->assertFileDoesNotExist($log);
            $this->assertStringStartsWith("turn {$turn}.", (string) file_get_contents("{$log}.1", length: 20));
        }
        $this->assertSame(['.1', '.2', '.3', '.4', '.5'], array_map(fn (string $file) => substr($file, strlen($log)), glob("{$log}.*") ?: []));
        $this->assertStringStartsWith('turn 3.', (string) file_get_contents("{$log}.5", length: 20));
        $this->assertFileExists("{$this->folder}/storage/logs/server.log");
        file_put_contents($log, 'short');
        $this->rotate();
        $this->assertFileExists($log);
    }

    private function rotate(): void
    {
        $launcher = escapeshellarg(dirname(__DIR__, 3).'/aequus');
        $script = 'set -euo pipefail; eval "$(sed -n \'/^rotate_logs()/,/^}/p\' '.$launcher.')"; cd '.escapeshellarg($this->folder).'; rotate_logs';
        exec('bash -c '.escapeshellarg($script).' 2>&1', $said, $status);
        $this->assertSame(0, $status, implode("\n", $said));
    }
}
