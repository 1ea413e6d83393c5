<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Site\Phase;
use App\Models\Job;
use App\Site\ReadSite;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class JobController extends Controller
{
    public function index(Request $request, ReadSite $read): View
    {
        $sites = $read->ofMany($this->user($request)->jobs()->with('revision')->orderByDesc('id')->get());

        return view('job.index', ['sites' => $sites]);
    }

    /** A job opens where its next move is. */
    public function show(Job $job): RedirectResponse
    {
        return redirect()->route(($this->site($job)->next->phase ?? Phase::Handover)->value, $job);
    }
}
