<?php

// What a page costs where a job is large: every page of a square grid of so many posts each way, taped and set, and fifty such jobs on the jobs page.

declare(strict_types=1);

use App\Actions\CreateJob;
use App\Actions\NewEntry;
use App\Actions\RecordEntry;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel as ConsoleKernel;
use Illuminate\Contracts\Http\Kernel as HttpKernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Tests\LargeJob;

require __DIR__.'/../vendor/autoload.php';

$each = max(2, (int) ($argv[1] ?? 20));
$many = max(0, (int) ($argv[2] ?? 50));
$database = tempnam(sys_get_temp_dir(), 'aequus-sizes-');
putenv("DB_DATABASE={$database}");
$_ENV['DB_DATABASE'] = $_SERVER['DB_DATABASE'] = $database;
ini_set('memory_limit', '2G');

/** @var Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(ConsoleKernel::class)->bootstrap();
Artisan::call('migrate', ['--force' => true]);
Cache::flush();
$user = User::query()->create(['name' => 'Bench', 'email' => 'bench@aequus.test', 'password' => 'a-long-enough-word']);
DB::unprepared('PRAGMA synchronous = OFF');
$plan = LargeJob::plan($each, $each);
$job = app(CreateJob::class)($user, 'Large', '', 'UTC', $plan);
$entries = LargeJob::entries($plan);
foreach ($entries as $i => $payload) {
    app(RecordEntry::class)($job, $user, new NewEntry($payload, "large-{$i}"));
}
printf("PHP %s, %d posts, %d entries, processor time\n\n", PHP_VERSION, count($plan->grid->posts), count($entries));

$kernel = $app->make(HttpKernel::class);
Auth::login($user);
$cookies = [];
/** @return float milliseconds of processor */
$ask = function (string $uri) use ($kernel, &$cookies): float {
    gc_collect_cycles();
    $before = getrusage();
    $response = $kernel->handle(Request::create($uri, cookies: $cookies));
    $after = getrusage();
    foreach ($response->headers->getCookies() as $cookie) {
        $cookies[$cookie->getName()] = $cookie->getValue();
    }
    $response->getStatusCode() === 200 || throw new RuntimeException("{$uri}: {$response->getStatusCode()}");
    $spent = fn (string $what): float => ($after["ru_{$what}.tv_sec"] - $before["ru_{$what}.tv_sec"]) * 1e3 + ($after["ru_{$what}.tv_usec"] - $before["ru_{$what}.tv_usec"]) / 1e3;

    return $spent('utime') + $spent('stime');
};
$ask('/up');
printf("%-24s %10s %10s\n", 'page, in process', 'cold ms', 'warm ms');
foreach ([
    '/', ...array_map(fn (string $page) => "/jobs/{$job->id}/{$page}", [
        'plan', 'clear', 'square', 'square/prove', 'square/hand', 'square/sheet', 'level', 'footing', 'footing/compare', 'footing/loads', 'footing/dig',
        'set', 'set/A1', 'set/tops', 'cut', 'cut/rods', 'cut/set-out', 'cut/members', 'days', 'days/what-if', 'files', 'files/world', 'cut/boards', 'cut/fixings', 'footing/bill', 'handover', 'logbook', 'round/tapes?part=1', 'round/plumb?part=1',
    ]),
] as $uri) {
    Cache::flush();
    $cold = $ask($uri);
    printf("%-24s %10.0f %10.0f\n", $uri, $cold, min($ask($uri), $ask($uri)));
}
for ($i = 1; $i < $many; $i++) {
    $copy = app(CreateJob::class)($user, "Large {$i}", '', 'UTC', $plan);
    DB::statement(
        'INSERT INTO entries (job_id, client_id, kind, post, other_post, payload_version, payload, plan_revision, measured_at, recorded_at, zone, user_id, read_by)
        SELECT ?, client_id, kind, post, other_post, payload_version, payload, plan_revision, measured_at, recorded_at, zone, user_id, read_by FROM entries WHERE job_id = ?',
        [$copy->id, $job->id],
    );
}
if ($many > 1) {
    Cache::flush();
    $first = $ask('/');
    // The page shows what a second allows; the others come by themselves, each for itself.
    array_map(fn (int $id) => $ask("/jobs/{$id}/card"), DB::table('jobs')->pluck('id')->all());
    printf("\n%-24s %10.0f %10.0f\n", "/ with {$many} such jobs", $first, min($ask('/'), $ask('/')));
}
array_map(fn (string $file) => is_file($file) && unlink($file), [$database, "{$database}-wal", "{$database}-shm"]);
