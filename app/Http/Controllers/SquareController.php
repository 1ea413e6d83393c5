<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RecordEntry;
use App\Drawing\PlanDrawing;
use App\Http\Requests\StakeMovedRequest;
use App\Http\Requests\TapeRequest;
use App\Models\Job;
use App\Square\TapeSheet;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class SquareController extends Controller
{
    public function show(Job $job): View
    {
        $site = $this->site($job);

        return view('square.show', ['site' => $site, 'drawing' => PlanDrawing::square($site->state), 'sheet' => new TapeSheet($site->state)]);
    }

    public function tape(TapeRequest $request, Job $job): RedirectResponse
    {
        return $this->record($request, $job);
    }

    public function moved(StakeMovedRequest $request, Job $job, RecordEntry $record): RedirectResponse
    {
        foreach ($request->newEntries() as $new) {
            $record($job, $this->user($request), $new);
        }

        return back()->with('said', 'Written down. Pull the tapes to it again.');
    }
}
