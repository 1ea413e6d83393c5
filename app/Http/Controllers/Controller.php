<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RecordEntry;
use App\Http\Requests\EntryRequest;
use App\Models\Job;
use App\Models\User;
use App\Site\JobSite;
use App\Site\ReadSite;
use App\View\Sums;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

abstract class Controller
{
    protected function site(Job $job): JobSite
    {
        return app(ReadSite::class)->of($job);
    }

    /** Writes what was handed in into the logbook and goes back to where it was typed. */
    protected function record(EntryRequest $request, Job $job): RedirectResponse
    {
        $entry = app(RecordEntry::class)($job, $this->user($request), $request->newEntry());

        return back()->with('recorded', $entry->sequence);
    }

    /** Writes it down and opens a page for the next reading, without what a link had asked of that page. */
    protected function recordAndOpen(EntryRequest $request, Job $job, string $route): RedirectResponse
    {
        $entry = app(RecordEntry::class)($job, $this->user($request), $request->newEntry());

        // On a round the next field is the next reading: the page stays.
        return ($request->filled('round') ? back() : redirect()->route($route, $job))->with('recorded', $entry->sequence);
    }

    /** Fields of small sums in the address, lengths without a unit read as the job writes them. */
    protected function sums(Request $request, Job $job): Sums
    {
        return new Sums($request, $job->revision->plan()->notation->unit);
    }

    protected function user(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
