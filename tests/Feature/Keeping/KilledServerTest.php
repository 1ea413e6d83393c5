<?php

declare(strict_types=1);

namespace Tests\Feature\Keeping;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\HandlerStack;
use PDO;
use PHPUnit\Framework\TestCase;
use Psr\Http\Message\ResponseInterface;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Browser\ApplicationServer;

/**
 * The whole server is killed while people write, change the plan and send pictures: what was acknowledged is there once, what was not is sent again and
 * then is there once. AEQUUS_KILLS says how often; ./aequus kills N does it N times.
 */
final class KilledServerTest extends TestCase
{
    private ApplicationServer $server;

    private CurlMultiHandler $wires;

    private Client $client;

    private Randomizer $dice;

    private string $token;

    private int $sent = 0;

    /** @var array<string, array{string, array<string, mixed>}> what was sent and not acknowledged yet: where, and what, by its id */
    private array $open = [];

    /** @var array<string, true> ids of what was acknowledged */
    private array $acknowledged = [];

    /** @var list<string> names of lines that the plan acknowledged */
    private array $lines = [];

    /** @var list<string> answers that should not be */
    private array $wrong = [];

    protected function setUp(): void
    {
        $this->dice = new Randomizer(new Mt19937(417));
        $this->server = new ApplicationServer('demo');
        $this->wires = new CurlMultiHandler;
        $this->client = new Client([
            'handler' => HandlerStack::create($this->wires), 'base_uri' => $this->server->address, 'http_errors' => false, 'allow_redirects' => false,
            'timeout' => 30, 'cookies' => new CookieJar,
        ]);
        $this->client->post('/demo', ['form_params' => ['_token' => $this->tokenOn('/sign-in')]]);
        $this->token = $this->tokenOn('/jobs/3/logbook');
    }

    protected function tearDown(): void
    {
        $this->server->kill();
        exec('rm -rf '.escapeshellarg($this->server->data));
    }

    public function test_what_was_acknowledged_is_there_once_however_often_the_server_is_killed(): void
    {
        $times = max(1, (int) (getenv('AEQUUS_KILLS') ?: 2));
        // On a busy machine a round may end before any plan was taken; then there is another.
        for ($n = 0; $n < $times || $this->lines === [] && $n < 5 * $times; $n++) {
            $writers = 4;
            $end = microtime(true) + $this->dice->getInt(150, 900) / 1000;
            $busy = 0;
            while (microtime(true) < $end) {
                for (; $busy < $writers; $busy++) {
                    $this->write()->then(function () use (&$busy): void {
                        $busy--;
                    });
                }
                $this->wires->tick();
            }
            $this->server->kill(SIGKILL);
            while ($busy > 0) {
                $this->wires->tick();
            }
            $this->server->start();
            foreach ($this->open as $id => [$where, $what]) {
                $this->send($id, $where, $what)->wait();
            }
            $this->assertSame([], $this->open, 'what was not acknowledged is taken when it is sent again: '.mb_substr(implode(' | ', $this->wrong), 0, 600));
        }
        $this->assertSame([], $this->wrong);
        $book = new PDO('sqlite:'.$this->server->data.'/'.trim((string) file_get_contents("{$this->server->data}/in-force")).'/aequus.sqlite');
        $kept = $book->query("SELECT client_id FROM entries WHERE client_id LIKE 'KILLED%'")->fetchAll(PDO::FETCH_COLUMN);
        sort($kept);
        $sent = array_map(strval(...), array_keys($this->acknowledged));
        sort($sent);
        $this->assertSame($sent, $kept);
        $this->assertGreaterThan(3 * $times, count($kept));
        $plan = (string) $book->query('SELECT plan FROM plan_revisions WHERE job_id = 1 ORDER BY number DESC LIMIT 1')->fetchColumn();
        $this->assertNotSame([], $this->lines);
        foreach ($this->lines as $line) {
            $this->assertSame(1, substr_count($plan, "\"{$line}\""), $line);
        }
        $this->assertSame('ok', $book->query('PRAGMA integrity_check')->fetchColumn());
        $pictures = "SELECT count(*) FROM entries WHERE kind = 'picture' AND client_id LIKE 'KILLED%' AND json_extract(payload, '$.fingerprint')";
        $this->assertSame(0, (int) $book->query("{$pictures} NOT IN (SELECT fingerprint FROM pictures)")->fetchColumn());
        $this->assertGreaterThan(0, (int) $book->query("{$pictures} IN (SELECT fingerprint FROM pictures)")->fetchColumn());
    }

    private function write(): \GuzzleHttp\Promise\PromiseInterface
    {
        $n = ++$this->sent;
        $id = sprintf('KILLED%020d', $n);

        return match ($n % 6) {
            1 => $this->send($id, '/jobs/3/entries/picture', ['form' => 'picture', 'post' => 'A1', 'phase' => 'set', 'says' => "picture {$n}", 'picture' => self::picture($n)]),
            2 => $this->revise("wall {$n}"),
            default => $this->send($id, '/jobs/3/entries/remark', ['form' => 'remark', 'text' => "written {$n}"]),
        };
    }

    /** @param  array<string, mixed>  $what */
    private function send(string $id, string $where, array $what): \GuzzleHttp\Promise\PromiseInterface
    {
        $this->open[$id] = [$where, $what];
        $parts = [];
        foreach ($what + ['client_id' => $id, '_token' => $this->token] as $name => $contents) {
            $parts[] = ['name' => $name, 'contents' => $contents] + ($name === 'picture' ? ['filename' => 'photo.jpg'] : []);
        }

        return $this->client->postAsync($where, ['multipart' => $parts, 'headers' => ['Accept' => 'application/json']])->then(
            function (ResponseInterface $answer) use ($id): void {
                if ($answer->getStatusCode() === 302) {
                    unset($this->open[$id]);
                    $this->acknowledged[$id] = true;
                } else {
                    $this->wrong[] = "{$answer->getStatusCode()} {$answer->getBody()}";
                }
            },
            function (): void {
                // Nobody answered: it stays open.
            },
        );
    }

    /** A plan change that nobody acknowledged may be there or not; one that was is. */
    private function revise(string $name): \GuzzleHttp\Promise\PromiseInterface
    {
        return $this->client->getAsync('/jobs/1/square/hand')->then(function (ResponseInterface $page) use ($name) {
            preg_match('/name="based_on" value="(\d+)"/', (string) $page->getBody(), $found);

            return $this->client->postAsync('/jobs/1/plan/line', ['headers' => ['Accept' => 'application/json'], 'form_params' => [
                '_token' => $this->token, 'form' => 'fixed', 'based_on' => $found[1] ?? '1', 'line_name' => $name, 'line_kind' => 'wall', 'line_holds' => 'parallel',
                'line_side' => 'minus_y', 'line_near' => '6000 mm', 'line_far' => '', 'sure' => '1',
            ]]);
        })->then(function (ResponseInterface $answer) use ($name): void {
            match ($answer->getStatusCode()) {
                302 => $this->lines[] = $name,
                // Another change came between.
                422 => str_contains((string) $answer->getBody(), 'changed meanwhile') || $this->wrong[] = (string) $answer->getBody(),
                default => $this->wrong[] = "{$answer->getStatusCode()} {$answer->getBody()}",
            };
        }, function (): void {
        });
    }

    private static function picture(int $n): string
    {
        $image = imagecreatetruecolor(240, 180);
        assert($image !== false);
        imagefilledrectangle($image, 0, 0, $n % 240, 90, (int) imagecolorallocate($image, $n % 256, 120, 40));
        ob_start();
        imagejpeg($image);

        return (string) ob_get_clean();
    }

    private function tokenOn(string $page): string
    {
        return preg_match('/name="_token" value="([^"]+)"/', (string) $this->client->get($page)->getBody(), $found) === 1 ? $found[1] : $this->fail("no form on {$page}");
    }
}
