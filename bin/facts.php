<?php

declare(strict_types=1);

/*
 * Every fact behind every page of the demo jobs and of twenty random ones, written to a file: texts, figures, fields, links and drawings, without
 * what is new at each start. Two files, from before and after a change, are compared line by line: ./aequus facts FILE
 */

use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\LeanMeasure;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Slope;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\BuildOrder;
use Aequus\Plan\Holding\Customs;
use Aequus\Plan\Holding\FillOrder;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Tops\TopRules;
use App\Actions\CreateJob;
use App\Actions\NewEntry;
use App\Actions\RecordEntry;
use App\Demo\LoadDemo;
use App\Models\Job;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel as ConsoleKernel;
use Illuminate\Contracts\Http\Kernel as HttpKernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Builds;
use Tests\Core\Guide\SimulatedBuilder;

require __DIR__.'/../vendor/autoload.php';

const RANDOM_JOBS = 20;
const PAGES = [
    'plan', 'plan/1', 'clear', 'square', 'square/prove', 'square/hand', 'square/cast', 'square/sheet', 'level', 'level/instruments', 'footing',
    'footing/compare', 'footing/hold', 'footing/width', 'footing/piers', 'footing/frost', 'footing/loads', 'footing/dig', 'footing/bill', 'set',
    'set/A1', 'set/B1', 'set/tops', 'set/stop', 'cut', 'cut/rods?height=1900&from=own', 'cut/set-out?beam=200', 'handover', 'logbook', 'round/tapes',
    'round/rods', 'round/holes', 'round/plumb', 'round/tops',
];

$file = $argv[1] ?? exit("Say where to: ./aequus facts FILE\n");
$database = tempnam(sys_get_temp_dir(), 'aequus-facts-');
foreach (['DB_DATABASE' => $database, 'AEQUUS_MODE' => 'demo'] as $name => $value) {
    putenv("{$name}={$value}");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
/** @var Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(ConsoleKernel::class)->bootstrap();
Carbon::setTestNow('2026-06-01 09:00:00');
Artisan::call('migrate', ['--force' => true]);
app(LoadDemo::class)();
$user = User::query()->firstOrFail();
Auth::login($user);

function plan(Randomizer $dice): Plan
{
    $mm = Length::millimetres(...);
    $bays = fn (int $count): array => $count === 0 ? [] : array_map(fn () => $dice->getInt(18, 30) * 100, range(1, $count));
    [$x, $y] = [$bays($dice->getInt(0, 4)), $bays($dice->getInt(0, 3))];
    $notation = $dice->getInt(0, 1) === 1 ? Notation::feetInches(16) : Notation::millimetres(0);
    $leftOut = count($x) > 1 && count($y) > 1 && $dice->getInt(0, 2) === 0 ? ['B2'] : [];
    $plan = Builds::plan($x, $y, $leftOut, $notation)->withFooting(new FootingRules(
        $mm(900), $mm(100), LeastEmbedment::length($mm(600)), $mm(100), $mm(100), $mm(50), [
            DepthMode::Own, DepthMode::CommonPlane, DepthMode::StepsByRow,
        ][$dice->getInt(0, 2)],
    ));
    if ($dice->getInt(0, 2) > 0) {
        $plan = $plan->withTops(
            new TopRules($mm(2300), $dice->getInt(0, 1) === 1 ? Slope::level() : Slope::ratio(1 / 60), Slope::level(), $mm(1200)),
        );
    }
    if ($dice->getInt(0, 3) > 0) {
        $customs = new Customs(build: BuildOrder::cases()[$dice->getInt(0, 3)], fillOrder: FillOrder::cases()[$dice->getInt(0, 1)]);
        $plan = $plan->withHolding(
            new Holding(
                Hold::cases()[$dice->getInt(0, count(Hold::cases()) - 1)], new HoldingSite(Soil::Sand), PierRules::usual($plan->notation), $mm(300),
                customs: $customs,
            ),
        );
    }

    return $plan;
}

/** @return list<Payload> what a builder wrote who obeyed for a while, and what he then got wrong */
function history(Plan $plan, Randomizer $dice): array
{
    $builder = new SimulatedBuilder($plan, '2026-06-01');
    try {
        $builder->finish($dice->getInt(1, 12 * count($plan->grid->posts) + 20));
    } catch (LogicException) {
        // Stopped half-way, as was meant.
    }
    $payloads = array_map(fn ($entry) => $entry->payload, array_values($builder->site()->log->entries));
    $post = $plan->grid->posts[$dice->getInt(0, count($plan->grid->posts) - 1)];
    $other = $plan->grid->posts[0] === $post ? $plan->grid->posts[count($plan->grid->posts) - 1] : $plan->grid->posts[0];
    $mm = Length::millimetres(...);
    $mistakes = [
        fn (): ?Payload => $other === $post ? null : new TapeReading(
            $post->id, $other->id, $post->at->distanceTo($other->at)->plus($mm($dice->getInt(-90, 400))), TapeClass::Steel,
        ),
        fn (): Payload => new RodReading($post->id, $mm(1600 + $dice->getInt(-900, 300))),
        fn (): Payload => new HoleDug($post->id, $mm($dice->getInt(500, 1200))),
        fn (): Payload => new PlumbReading(
            $post->id, Side::MinusY, Side::PlusY, LeanMeasure::gap($mm($dice->getInt(1, 14)), $mm(1200)), Stage::HoleOpen,
        ),
    ];

    return array_values(
        array_filter([...$payloads, ...array_map(fn (int $i) => $mistakes[$i](), $dice->getInt(0, 1) === 1 ? [$dice->getInt(0, 3)] : [])]),
    );
}

for ($seed = 1; $seed <= RANDOM_JOBS; $seed++) {
    $dice = new Randomizer(new Mt19937($seed));
    Carbon::setTestNow('2026-06-01 09:00:00');
    $job = app(CreateJob::class)($user, "Random {$seed}", '', 'UTC', $plan = plan($dice));
    foreach (history($plan, $dice) as $i => $payload) {
        Carbon::setTestNow(Carbon::parse('2026-06-01 09:00:00')->addMinutes($i));
        app(RecordEntry::class)($job, $user, new NewEntry($payload, "random-{$seed}-{$i}"));
    }
}
Carbon::setTestNow('2026-06-02 09:00:00');

$kernel = $app->make(HttpKernel::class);
$cookies = [];
$ask = function (string $uri) use ($kernel, &$cookies): string {
    $response = $kernel->handle(Request::create($uri, cookies: $cookies));
    foreach ($response->headers->getCookies() as $cookie) {
        $cookies[$cookie->getName()] = $cookie->getValue();
    }

    return "status {$response->getStatusCode()}\n".$response->getContent();
};

/** One line for every text, figure, field, link and shape of a page. */
function told(string $html): string
{
    $html = (string) preg_replace(
        [
            '/<(script|style)\b.*?<\/\1>/s', '/<head>.*?<\/head>/s', '/name="(_token|client_id)" value="[^"]*"/',
            '/value="[^"]*" name="(_token|client_id)"/',
        ],
        '', $html,
    );
    $html = (string) preg_replace('/<\/?(span|b|i|em|strong|code|tspan)\b[^>]*>/', '', $html);
    preg_match_all('/<[\/!][^>]*>|<(?<tag>[a-z]+)\b(?<of>[^>]*)>|(?<text>[^<>]+)/s', $html, $pieces, PREG_SET_ORDER);
    $lines = [];
    foreach ($pieces as $piece) {
        if (($piece['tag'] ?? '') === '') {
            $lines[] = trim((string) preg_replace('/\s+/', ' ', html_entity_decode($piece['text'] ?? '')));

            continue;
        }
        preg_match_all(
            '/\b(href|action|value|checked|selected|aria-label|points|d|x|y|x1|x2|y1|y2|cx|cy|r|width|height|viewBox|transform)(?:="([^"]*)")?/',
            $piece['of'], $said, PREG_SET_ORDER,
        );
        $lines[] = $said === [] ? '' : $piece['tag'].' '.implode(
            ' ', array_map(fn (array $one) => $one[1].'='.html_entity_decode($one[2] ?? ''), $said),
        );
    }

    return implode("\n", array_filter($lines, fn (string $line) => $line !== ''));
}

$out = fopen($file, 'w') ?: exit("{$file} can’t be written.\n");
foreach ([
    '/', '/jobs/new', '/jobs/new?in=mm', '/jobs/new/fields', '/jobs/new/fields?in=mm',
    ...Job::query()->orderBy('id')->get()->flatMap(fn (Job $job) => array_map(fn (string $page) => "/jobs/{$job->id}/{$page}", PAGES))->all(),
] as $uri) {
    fwrite($out, "\n== {$uri}\n".told($ask($uri))."\n");
}
fclose($out);
array_map(fn (string $file) => is_file($file) && unlink($file), [$database, "{$database}-wal", "{$database}-shm"]);
printf("%d lines of facts in %s\n", count(file($file) ?: []), $file);
