<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Plan\Place\WorldPlace;
use Aequus\Site\PlanInWorld;
use App\Actions\RevisePlan;
use App\Exchange\WorldFiles;
use App\Files\WorldPage;
use App\Http\Requests\Plans\WorldRequest;
use App\Models\Job;
use App\Type\Say;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** Where a plan lies in the world, and the files that say so. */
final class WorldController extends Controller
{
    public function show(Job $job): View
    {
        $site = $this->site($job);
        $said = fn (array $keys): array => array_combine($keys, array_map(fn (string $key) => Say::text("files.world_{$key}"), $keys));

        return $this->page('files.world', $site, [
            'page' => new WorldPage($site->plan), 'orders' => $said(array_keys(WorldFiles::ORDERS)), 'separators' => $said(array_keys(WorldFiles::SEPARATORS)), 'phase' => 'files',
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

    /** Nothing is staked from a plan that lies nowhere, or whose points do not agree. */
    private function files(Job $job): WorldFiles
    {
        $site = $this->site($job)->state;
        $world = new PlanInWorld($site->plan, $site->plan->world ?? new WorldPlace([]));
        abort_unless($world->holds(), 404);

        return new WorldFiles($site, $world);
    }

    private function file(string $bytes, string $type, Job $job, string $ending): Response
    {
        return response($bytes, headers: ['Content-Type' => $type, 'Content-Disposition' => 'attachment; filename="'.(Str::slug($job->name) ?: 'job').'.'.$ending.'"']);
    }
}
