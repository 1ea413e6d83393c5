<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Logbook\Book\Strike;
use Aequus\Logbook\Entry;
use Aequus\Logbook\Square\LineReading;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Place\WorldPlace;
use Aequus\Site\PlanInWorld;
use App\Actions\NewEntry;
use App\Actions\RecordEntry;
use App\Actions\RevisePlan;
use App\Actions\TakeOut;
use App\Exchange\AsStaked;
use App\Exchange\WorldFiles;
use App\Files\StakedPage;
use App\Files\WorldPage;
use App\Http\Requests\Plans\WorldRequest;
use App\Models\Job;
use App\Type\Say;
use App\View\Choices;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Where a plan lies in the world, and the files that say so. */
final class WorldController extends Controller
{
    /** Bytes of a table of stakes. */
    private const LARGEST = 200_000;

    /** How ids of entries begin that came in from a total station. */
    private const CAME_IN = 'station-';

    public function show(Job $job): View
    {
        $site = $this->site($job);
        $said = fn (array $keys): array => array_combine($keys, array_map(fn (string $key) => Say::text("files.world_{$key}"), $keys));

        return $this->page('files.world', $site, [
            'page' => new WorldPage($site->plan), 'orders' => $said(array_keys(WorldFiles::ORDERS)), 'separators' => $said(array_keys(WorldFiles::SEPARATORS)), 'cameIn' => count($this->cameIn($job)), 'phase' => 'files',
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
        return $this->file($this->files($job)->stakeOut($request->string('order')->value(), $request->string('separator')->value()), 'text/csv; charset=utf-8', $job, 'csv');
    }

    public function landXml(Job $job): Response
    {
        return $this->file($this->files($job)->landXml($job->name), 'application/xml', $job, 'xml');
    }

    public function geoJson(Job $job): Response
    {
        return $this->file($this->files($job)->geoJson($job->revision->plan()->world->system ?? ''), 'application/geo+json', $job, 'geojson');
    }

    /** What a total station’s file says, before anything is stored. */
    public function readStaked(Request $request, Job $job): View
    {
        $file = $request->file('staked');
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > self::LARGEST) {
            throw ValidationException::withMessages(['staked' => Say::text('files.points_no_file')])->redirectTo(route('files.world', $job));
        }
        [$table, $order] = [mb_scrub((string) $file->get()), $request->string('order')->value()];

        return $this->page('files.as-staked', $this->site($job), ['page' => new StakedPage($this->staked($job, $table, $order), $table, $order), 'classes' => array_map(ucfirst(...), Choices::of(TapeClass::cases())), 'phase' => 'files']);
    }

    /** All of it as readings, or none; sent twice it is there once. */
    public function keepStaked(Request $request, Job $job, RecordEntry $record): RedirectResponse
    {
        [$table, $order] = [mb_substr($request->string('table')->value(), 0, self::LARGEST), $request->string('order')->value()];
        $readings = $this->staked($job, $table, $order)->readings(TapeClass::tryFrom($request->string('class')->value()) ?? TapeClass::LaserMeter);
        $round = count($this->site($job)->state->log->now(Strike::class));
        DB::transaction(fn () => array_map(fn (LineReading $reading) => $record($job, $this->user($request), new NewEntry(
            $reading, self::CAME_IN.hash('xxh32', "{$table}|{$order}|{$round}")."-{$reading->post->value}-{$reading->line}", readBy: Say::text('files.staked_by'),
        )), $readings));

        return redirect()->route('files.world', $job)->with('said', Say::text('files.staked_kept', count: count($readings)));
    }

    /** Everything that came in from such files is struck, as one. */
    public function takeOutStaked(Request $request, Job $job, TakeOut $takeOut): RedirectResponse
    {
        $count = $takeOut($job, $this->user($request), $this->cameIn($job), Say::text('files.staked_out_reason'));

        return redirect()->route('files.world', $job)->with('said', Say::text('files.staked_taken_out', count: $count));
    }

    private function staked(Job $job, string $table, string $order): AsStaked
    {
        return new AsStaked($table, $job->revision->plan(), $this->world($job), $order);
    }

    /** @return list<int> sequences of readings that came in from a total station and count */
    private function cameIn(Job $job): array
    {
        return array_keys(array_filter($this->site($job)->state->log->counting, fn (Entry $entry) => str_starts_with($entry->clientId, self::CAME_IN)));
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

    private function file(string $bytes, string $type, Job $job, string $ending): Response
    {
        return response($bytes, headers: ['Content-Type' => $type, 'Content-Disposition' => 'attachment; filename="'.(Str::slug($job->name) ?: 'job').'.'.$ending.'"']);
    }
}
