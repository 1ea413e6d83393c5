<?php

declare(strict_types=1);

namespace Tests\Browser;

use RuntimeException;

/** The application as a person runs it: own process, own database in a new folder, own port. */
final class ApplicationServer
{
    public readonly string $data;

    public readonly string $address;

    /** @var resource */
    private $process;

    public readonly int $port;

    /** @var array<string, string> */
    private array $environment;

    /**
     * @param  string  $mode own or demo
     * @param  int  $seed  of the demo’s invented sites
     * @param  array<string, string>  $more  of its environment
     */
    public function __construct(string $mode, int $seed = 417, array $more = [])
    {
        $this->data = sys_get_temp_dir().'/aequus-'.bin2hex(random_bytes(6));
        foreach (['cache', 'sessions', 'views'] as $folder) {
            mkdir("{$this->data}/{$folder}", 0o777, true);
        }
        $this->environment = [
            'APP_ENV' => 'production', 'APP_KEY' => 'base64:'.base64_encode(random_bytes(32)), 'AEQUUS_MODE' => $mode, 'AEQUUS_DEMO_SEED' => (string) $seed, 'AEQUUS_DATA' => $this->data,
            'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file', 'BCRYPT_ROUNDS' => '4',
            'PHP_CLI_SERVER_WORKERS' => '4', 'PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME'), ...$more,
        ];
        $this->run(['php', 'artisan', 'aequus:prepare'], dirname(__DIR__, 2), $this->environment);
        $this->port = self::freePort();
        $this->address = "http://127.0.0.1:{$this->port}";
        $this->start();
    }

    /** Also again after it was killed, with the same data at the same address, and as many days later as are told. */
    public function start(int $daysLater = 0): void
    {
        $door = $daysLater === 0 ? 'bin/server.php' : 'tests/Browser/later.php';
        $log = ['file', "{$this->data}/server.log", 'a'];
        $command = [
            'php', '-d', 'opcache.enable_cli=1', '-d', 'zlib.output_compression=4096', '-d', 'upload_max_filesize=20M', '-d', 'post_max_size=21M',
            '-S', "127.0.0.1:{$this->port}", '-t', 'public', $door,
        ];
        $process = proc_open(
            $command, [['file', '/dev/null', 'r'], $log, $log], $pipes, dirname(__DIR__, 2),
            [...$this->environment, 'DAYS_LATER' => (string) $daysLater],
        );
        $this->process = $process ?: throw new RuntimeException('The application server did not start.');
        $this->waitFor($this->port);
    }

    public function kill(int $signal = SIGTERM): void
    {
        $status = proc_get_status($this->process);
        if ($status['running']) {
            // The workers are children of the server and go with it.
            foreach (preg_split('/\s+/', trim((string) shell_exec("pgrep -P {$status['pid']}"))) ?: [] as $worker) {
                $worker !== '' && posix_kill((int) $worker, $signal);
            }
            posix_kill($status['pid'], $signal);
        }
        proc_close($this->process);
        // A worker that was at work ends its request first; until then the port is answered by yesterday’s server.
        for ($try = 0; $try < 100 && ($still = @fsockopen('127.0.0.1', $this->port, $code, $message, 0.2)) !== false; $try++) {
            fclose($still);
            usleep(100_000);
        }
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }

    private function waitFor(int $port): void
    {
        for ($try = 0; $try < 100; $try++) {
            $socket = @fsockopen('127.0.0.1', $port, $code, $message, 0.2);
            if ($socket !== false) {
                fclose($socket);

                return;
            }
            usleep(50_000);
        }
        throw new RuntimeException('The application server does not answer: '.file_get_contents("{$this->data}/server.log"));
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $environment
     */
    private function run(array $command, string $folder, array $environment): void
    {
        $process = proc_open($command, [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, $folder, $environment);
        $said = stream_get_contents($pipes[1]).stream_get_contents($pipes[2]);
        if ($process === false || proc_close($process) !== 0) {
            throw new RuntimeException(implode(' ', $command).": {$said}");
        }
    }
}
