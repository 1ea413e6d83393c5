<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Logbook\Book\Strike;
use Aequus\Logbook\Entry;
use Aequus\Logbook\Level\HeightDifference;
use Aequus\Logbook\Square\LineReading;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Place\WorldPlace;
use Aequus\Site\PlanInWorld;
use Aequus\Site\SiteState;
use App\Actions\NewEntry;
use App\Actions\RecordEntry;
use App\Actions\RevisePlan;
use App\Actions\TakeOut;
use App\Exchange\AsStaked;
use App\Exchange\Drawn\DrawnRefusal;
use App\Exchange\Drawn\LandXml;
use App\Exchange\SurfaceRead;
use App\Exchange\WorldFiles;
use App\Files\Download;
use App\Files\StakedPage;
use App\Files\WorldPage;
use App\Http\Requests\Plans\WorldRequest;
use App\Models\Job;
use App\Practice\Practice;
use App\Type\Say;
use App\View\Choices;
use App\World\TotalStation;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Where a plan lies in the world, and the files that say so. */
final class WorldController extends Controller
{
    /** Bytes of a table of stakes. */
    private const LARGEST = 200_000;

    /** Bytes of a surface. */
    private const LARGEST_SURFACE = 5_000_000;

    /** How ids of entries begin that came in from a total station. */
    private const CAME_IN = 'station-';

    public function show(Job $job, TotalStation $station, Practice $practice): View
    {
        $site = $this->site($job);
        $said = fn (array $keys): array => array_combine($keys, array_map(fn (string $key) => Say::text("files.world_{$key}"), $keys));

        return $this->page('files.world', $site, [
            'page' => new WorldPage($site->plan), 'orders' => $said(array_keys(WorldFiles::ORDERS)),
            'separators' => $said(array_keys(WorldFiles::SEPARATORS)), 'cameIn' => count(self::cameIn($site->state)),
            'isAtHand' => ! $station->isMadeUp() || $practice->isOn($job), 'isMadeUp' => $station->isMadeUp(), 'phase' => 'files',
        ]);
    }

    public function keep(WorldRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan();
        $revise($job, $this->user($request), $plan->lyingAt($request->place($plan)), Say::text('files.world_reason'), $request->integer('based_on'));

        return redirect()->route('files.world', $job)->with('said', Say::text('files.world_kept'));
    }

    public function stakes(Request $request, Job $job): Response
    {
        return Download::of(
            $this->site($job), $this->files($job)->stakeOut($request->string('order')->value(), $request->string('separator')->value()),
            'text/csv; charset=utf-8', 'csv',
        );
    }

    public function landXml(Job $job): Response
    {
        return Download::of($this->site($job), $this->files($job)->landXml($job->name), 'application/xml', 'xml');
    }

    public function geoJson(Job $job): Response
    {
        $system = $job->revision->plan()->world->system ?? '';

        return Download::of($this->site($job), $this->files($job)->geoJson($system), 'application/geo+json', 'geojson');
    }

    /** What a total station’s file says, before anything is stored. */
    public function readStaked(Request $request, Job $job): View
    {
        $file = $request->file('staked');
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > self::LARGEST) {
            throw ValidationException::withMessages(['staked' => Say::text('files.points_no_file')])->redirectTo(route('files.world', $job));
        }
        [$table, $order] = [mb_scrub((string) $file->get()), $request->string('order')->value()];

        return $this->page(
            'files.as-staked', $this->site($job),
            [
                'page' => new StakedPage($this->staked($job, $table, $order), $table, $order),
                'classes' => array_map(ucfirst(...), Choices::of(TapeClass::cases())), 'phase' => 'files',
            ],
        );
    }

    /** All of it as readings, or none; sent twice it is there once. */
    public function keepStaked(Request $request, Job $job, RecordEntry $record): RedirectResponse
    {
        [$table, $order] = [mb_substr($request->string('table')->value(), 0, self::LARGEST), $request->string('order')->value()];
        $readings = $this->staked($job, $table, $order)->readings(TapeClass::tryFrom($request->string('class')->value()) ?? TapeClass::LaserMeter);
        $round = count($this->site($job)->state->log->now(Strike::class));
        $this->take($request, $job, $record, $readings, self::CAME_IN.hash('xxh32', "{$table}|{$order}|{$round}"), Say::text('files.staked_by'));

        return redirect()->route('files.world', $job)->with('said', Say::text('files.staked_kept', count: count($readings)));
    }

    /** What a survey’s surface says of the ground at the posts, before anything is stored. */
    public function readSurface(Request $request, Job $job): View
    {
        $file = $request->file('surface');
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > self::LARGEST_SURFACE) {
            throw ValidationException::withMessages(['surface' => Say::text('files.drawn_no_file')])->redirectTo(route('files.world', $job));
        }
        $read = new SurfaceRead($bytes = (string) $file->get(), $job->revision->plan(), $this->world($job));
        if ($read->heights === []) {
            throw ValidationException::withMessages(['surface' => Say::text(match ($read->refused) {
                null => 'files.surface_beside',
                DrawnRefusal::TooMuch => 'files.surface_too_much',
                default => 'files.surface_none',
            }, most: LandXml::MOST)])->redirectTo(route('files.world', $job));
        }
        Cache::put($this->waiting($job), base64_encode($bytes), now()->addHour());

        $site = $this->site($job);

        return $this->page('files.surface', $site, ['read' => $read, 'ground' => $site->state->level->ground, 'phase' => 'files']);
    }

    /** Heights of all posts as readings, or none. */
    public function keepSurface(Request $request, Job $job, RecordEntry $record): RedirectResponse
    {
        $kept = Cache::pull($this->waiting($job));
        $site = $this->site($job)->state;
        if (! is_string($kept) || $site->level->benchmark === null) {
            return redirect()->route('files.world', $job)->with(
                'said', Say::text(is_string($kept) ? 'files.surface_no_benchmark' : 'files.drawn_gone'),
            );
        }
        $readings = (new SurfaceRead((string) base64_decode($kept, true), $site->plan, $this->world($job)))->readings();
        $batch = Str::ulid();
        DB::transaction(
            fn () => array_map(
                fn (HeightDifference $reading, int $i) => $record(
                    $job, $this->user($request), new NewEntry($reading, self::CAME_IN."{$batch}-{$i}", readBy: Say::text('files.surface_by')),
                ),
                $readings, array_keys($readings),
            ),
        );

        return redirect()->route('files.world', $job)->with('said', Say::text('files.staked_kept', count: count($readings)));
    }

    private function waiting(Job $job): string
    {
        return "surface.{$job->id}";
    }

    /** What a total station reads that is at hand: made up for practice, marked as such, unless a true one took its place. */
    public function station(Request $request, Job $job, RecordEntry $record, TotalStation $station, Practice $practice): RedirectResponse
    {
        abort_unless(! $station->isMadeUp() || $practice->isOn($job), 404);
        $staked = new AsStaked($station->staked($this->site($job)->state, $this->world($job)), $job->revision->plan(), $this->world($job), 'penzd');
        $readings = $staked->readings(TapeClass::LaserMeter);
        $this->take(
            $request, $job, $record, $readings, ($station->isMadeUp() ? Entry::MADE_UP : '').self::CAME_IN.Str::ulid(),
            $station->isMadeUp() ? Say::text('practice.instrument') : Say::text('files.staked_by'),
        );

        return redirect()->route('files.world', $job)->with('said', Say::text('files.staked_kept', count: count($readings)));
    }

    /**
     * All or none.
     *
     * @param  list<LineReading>  $readings
     */
    private function take(Request $request, Job $job, RecordEntry $record, array $readings, string $batch, string $by): void
    {
        DB::transaction(
            fn () => array_map(
                fn (LineReading $reading) => $record(
                    $job, $this->user($request), new NewEntry($reading, "{$batch}-{$reading->post->value}-{$reading->line}", readBy: $by),
                ),
                $readings,
            ),
        );
    }

    /** Everything that came in from such files is struck, as one. */
    public function takeOutStaked(Request $request, Job $job, TakeOut $takeOut): RedirectResponse
    {
        $count = $takeOut($job, $this->user($request), self::cameIn($this->site($job)->state), Say::text('files.staked_out_reason'));

        return redirect()->route('files.world', $job)->with('said', Say::text('files.staked_taken_out', count: $count));
    }

    private function staked(Job $job, string $table, string $order): AsStaked
    {
        return new AsStaked($table, $job->revision->plan(), $this->world($job), $order);
    }

    /** @return list<int> sequences of readings that came in from a total station and count */
    private static function cameIn(SiteState $site): array
    {
        return array_keys(array_filter($site->log->counting, fn (Entry $entry) => str_starts_with($entry->clientId, self::CAME_IN)));
    }

    private function world(Job $job): PlanInWorld
    {
        $plan = $job->revision->plan();
        $world = new PlanInWorld($plan, $plan->world ?? new WorldPlace([]));
        abort_unless($world->holds(), 404);

        return $world;
    }

    /** Nothing is staked from a plan that lies nowhere, or whose points do not agree. */
    private function files(Job $job): WorldFiles
    {
        return new WorldFiles($this->site($job)->state, $this->world($job));
    }
}
