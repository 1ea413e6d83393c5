<?php

// Page and calculation times on this machine: every page at a hundred posts and a thousand entries, beside a bare route of the same framework.

declare(strict_types=1);

use Aequus\Guide\Guide;
use Aequus\Guide\Move\Scope;
use Aequus\Site\SiteState;
use App\Actions\CreateJob;
use App\Actions\NewEntry;
use App\Actions\RecordEntry;
use App\Models\User;
use App\Site\EntryRow;
use Illuminate\Contracts\Console\Kernel as ConsoleKernel;
use Illuminate\Contracts\Http\Kernel as HttpKernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Tests\Builds;
use Tests\Core\Adjust\VectorNetwork;
use Tests\LargeJob;

require __DIR__.'/../vendor/autoload.php';

const ROUNDS = 15;

/** @return float median milliseconds */
function median(callable $act): float
{
    $times = [];
    for ($i = 0; $i < ROUNDS; $i++) {
        // Between rounds, as between requests, nothing is left over; within one nothing is collected.
        gc_collect_cycles();
        $start = hrtime(true);
        $act();
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);

    return $times[intdiv(ROUNDS, 2)];
}

$database = tempnam(sys_get_temp_dir(), 'aequus-bench-');
putenv("DB_DATABASE={$database}");
$_ENV['DB_DATABASE'] = $_SERVER['DB_DATABASE'] = $database;

/** @var Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(ConsoleKernel::class)->bootstrap();
Artisan::call('migrate', ['--force' => true]);
$user = User::query()->create(['name' => 'Bench', 'email' => 'bench@aequus.test', 'password' => 'a-long-enough-word']);
$plan = LargeJob::plan();
$job = app(CreateJob::class)($user, 'Bench', '', 'UTC', $plan);
DB::unprepared('PRAGMA synchronous = OFF');
foreach (LargeJob::entries($plan) as $i => $payload) {
    app(RecordEntry::class)($job, $user, new NewEntry($payload, "bench-{$i}"));
}
DB::unprepared('PRAGMA synchronous = FULL');

printf("PHP %s, %d posts, %d entries, median of %d\n\n", PHP_VERSION, count($plan->grid->posts), $job->entries()->count(), ROUNDS);

$kernel = $app->make(HttpKernel::class);
Auth::login($user);
// One browser with one sign-in, as on site: not a new session for every page.
$cookies = [];
$ask = function (string $uri) use ($kernel, &$cookies): int {
    $response = $kernel->handle(Request::create($uri, cookies: $cookies));
    foreach ($response->headers->getCookies() as $cookie) {
        $cookies[$cookie->getName()] = $cookie->getValue();
    }
    $response->getStatusCode() === 200 || throw new RuntimeException("{$uri}: {$response->getStatusCode()}");

    return strlen((string) gzencode((string) $response->getContent()));
};
printf("%-24s %10s %12s %10s\n", 'page, in process', 'cold ms', 'warm ms', 'kB gzip');
$ask('/up');
foreach ([
    '/up', '/',
    ...array_map(
        fn (string $page) => "/jobs/{$job->id}/{$page}",
        [
            'plan', 'clear', 'square', 'square/prove', 'square/hand', 'square/sheet', 'level', 'level/instruments', 'footing', 'footing/compare',
            'footing/hold', 'footing/loads', 'footing/dig', 'footing/width', 'set', 'set/A1', 'set/tops', 'cut', 'cut/rods',
            'cut/set-out', 'cut/members', 'days', 'days/what-if', 'files', 'files/world', 'cut/boards', 'cut/fixings', 'footing/bill', 'handover', 'logbook', 'round/tapes?part=1', 'round/rods?part=1', 'round/holes?part=1', 'round/plumb?part=1', 'round/tops?part=1',
        ],
    ),
] as $uri) {
    $bytes = $ask($uri);
    // Cold: nothing of the survey is kept. Warm: it is.
    $cold = median(function () use ($ask, $uri): void {
        Cache::flush();
        $ask($uri);
    });
    $ask($uri);
    printf("%-24s %10.1f %12.1f %10.1f\n", $uri === '/up' ? 'a bare route' : $uri, $cold, median(fn () => $ask($uri)), $bytes / 1000);
}

DB::unprepared('PRAGMA synchronous = OFF');
foreach (LargeJob::furtherEntries($plan) as $i => $payload) {
    app(RecordEntry::class)($job, $user, new NewEntry($payload, "further-{$i}"));
}
DB::unprepared('PRAGMA synchronous = FULL');
printf("\nthe same with %d entries, twenty of every post\n", $job->entries()->count());
foreach (['set', 'set/A1', 'logbook'] as $page) {
    $ask("/jobs/{$job->id}/{$page}");
    printf("%-24s %10s %12.1f\n", "/jobs/{$job->id}/{$page}", '', median(fn () => $ask("/jobs/{$job->id}/{$page}")));
}

$yard = app(CreateJob::class)($user, 'Yard', '', 'UTC', $yardPlan = Builds::plan(baysX: array_fill(0, 5, 2400), baysY: array_fill(0, 4, 2400)));
foreach ($read = Builds::readings($yardPlan, ['C3' => [25, 0]]) as $i => $payload) {
    app(RecordEntry::class)($yard, $user, new NewEntry($payload, "yard-{$i}"));
}
$again = 0;
$one = median(function () use ($yard, $user, $read, $ask, &$again): void {
    app(RecordEntry::class)($yard, $user, new NewEntry($read[$again % count($read)], 'again-'.$again++));
    $ask("/jobs/{$yard->id}/square");
});
printf("\n%-40s %8.1f ms\n", 'a reading stored, adjusted and shown, 30 stakes', $one);

$rows = DB::table('entries')->where('job_id', $job->id)->orderBy('sequence')->get();
$entries = $rows->map(fn (object $row) => EntryRow::toEntry($row, 'Bench'))->all();
$state = SiteState::derive($plan, $entries, '2026-06-01');
printf("\n%-40s %8.1f ms\n", 'reading a thousand entries', median(fn () => $rows->map(fn (object $row) => EntryRow::toEntry($row, 'Bench'))->all()));
printf("%-40s %8.1f ms\n", 'deriving the state of the site', median(fn () => SiteState::derive($plan, $entries, '2026-06-01')));
printf("%-40s %8.1f ms\n", 'the next move', median(fn () => Guide::next($state, Scope::job())));
$kept = serialize($state->square->surveyed());
printf("%-40s %8.1f ms (%d kB)\n", 'the survey read back instead', median(fn () => unserialize($kept)), strlen($kept) / 1000);

printf("\n%-24s %10s %14s %10s\n", 'tape network, stakes', 'adjust ms', 'with all ms', 'MB');
foreach ([25, 100, 400, 900] as $stakes) {
    $case = json_decode((string) file_get_contents(__DIR__."/../tests/vectors/bench_network_{$stakes}.json"), true)['cases'][0];
    $network = (new VectorNetwork($case['input']))->network;
    memory_reset_peak_usage();
    $before = memory_get_usage();
    $start = hrtime(true);
    $adjusted = $network->adjust();
    $alone = (hrtime(true) - $start) / 1e6;
    array_map(fn ($reading) => $adjusted->solution->redundancy($reading->id()), $network->readings);
    array_map(fn (string $stake) => $adjusted->ellipse($stake), array_keys($adjusted->at));
    $all = (hrtime(true) - $start) / 1e6;
    printf("%-24d %10.0f %14.0f %10.1f\n", $stakes, $alone, $all, (memory_get_peak_usage() - $before) / 1e6);
}
echo "with all: redundancy numbers and ellipses of every stake\n";
array_map(fn (string $file) => is_file($file) && unlink($file), [$database, "{$database}-wal", "{$database}-shm"]);
