<?php

// Many phones at once: each signs in, writes entries, some of them twice as after a double press, and opens pages, for so many seconds. Then the book
// is compared with what was acknowledged.

declare(strict_types=1);

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Promise\Coroutine;
use GuzzleHttp\Promise\Utils;
use Psr\Http\Message\ResponseInterface;
use Tests\Browser\ApplicationServer;

require __DIR__.'/../vendor/autoload.php';

[$phones, $seconds] = [max(1, (int) ($argv[1] ?? 50)), max(5, (int) ($argv[2] ?? 120))];
$server = new ApplicationServer('demo');
$client = new Client(['base_uri' => $server->address, 'http_errors' => false, 'allow_redirects' => false, 'timeout' => 60]);
$token = fn (ResponseInterface $page): string => preg_match('/name="_token" value="([^"]+)"/', (string) $page->getBody(), $found) ? $found[1] : '';
$acknowledged = $times = $wrong = [];
$end = microtime(true) + $seconds;

/** @var callable(int): Coroutine $phone */
$phone = function (int $n) use ($client, $token, $end, &$acknowledged, &$times, &$wrong): Coroutine {
    return new Coroutine(function () use ($n, $client, $token, $end, &$acknowledged, &$times, &$wrong) {
        $jar = new CookieJar;
        $timed = function (string $what, string $method, string $uri, array $with = []) use ($client, $jar, &$times) {
            $begun = hrtime(true);

            return $client->requestAsync($method, $uri, ['cookies' => $jar] + $with)->then(function (ResponseInterface $answer) use ($what, $begun, &$times) {
                $times[$what][] = (hrtime(true) - $begun) / 1e6;

                return $answer;
            });
        };
        $page = yield $timed('sign-in', 'GET', '/sign-in');
        yield $timed('sign-in', 'POST', '/demo', ['form_params' => ['_token' => $token($page)]]);
        for ($i = 0; microtime(true) < $end; $i++) {
            $page = yield $timed('page', 'GET', '/jobs/3/logbook');
            $id = sprintf('PHONE%03dX%017d', $n, $i);
            $entry = ['form_params' => ['_token' => $token($page), 'form' => 'remark', 'text' => "phone {$n} entry {$i}", 'client_id' => $id], 'headers' => ['Accept' => 'application/json']];
            for ($press = $i % 3 === 0 ? 2 : 1; $press > 0; $press--) {
                $answer = yield $timed('entry', 'POST', '/jobs/3/entries/remark', $entry);
                $answer->getStatusCode() === 302 ? $acknowledged[$id] = true : $wrong[] = $answer->getStatusCode();
            }
            yield $timed('a bare route', 'GET', '/up');
        }
    });
};
Utils::all(array_map($phone, range(1, $phones)))->wait();

$folder = $server->data.'/'.trim((string) file_get_contents("{$server->data}/in-force"));
$book = new PDO("sqlite:{$folder}/aequus.sqlite");
$kept = $book->query("SELECT client_id FROM entries WHERE client_id LIKE 'PHONE%'")->fetchAll(PDO::FETCH_COLUMN);
printf("%d phones, %d s: %d entries acknowledged, %d in the book, %d lost, %d doubled, %d other answers\n\n", $phones, $seconds, count($acknowledged), count($kept), count(array_diff(array_keys($acknowledged), $kept)), count($kept) - count(array_unique($kept)), count($wrong));
printf("%-16s %8s %10s %10s\n", '', 'times', 'median ms', 'p95 ms');
foreach ($times as $what => $of) {
    sort($of);
    printf("%-16s %8d %10.0f %10.0f\n", $what, count($of), $of[intdiv(count($of), 2)], $of[(int) (0.95 * (count($of) - 1))]);
}
$server->kill();
exec('rm -rf '.escapeshellarg($server->data));
exit($wrong === [] && array_diff(array_keys($acknowledged), $kept) === [] && count($kept) === count(array_unique($kept)) ? 0 : 1);
