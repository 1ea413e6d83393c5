<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RevisePlan;
use App\Drawing\StoryPole;
use App\Http\Requests\PostCutRequest;
use App\Http\Requests\TopRequest;
use App\Http\Requests\TopsRequest;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class CutController extends Controller
{
    public function show(Job $job): View
    {
        $site = $this->site($job);

        return view('cut.show', ['site' => $site, 'pole' => new StoryPole($site->state)]);
    }

    public function tops(TopsRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan();
        $revise($job, $this->user($request), $plan->withTops($request->tops($plan)), 'Heights of the tops', $request->integer('based_on'));

        return redirect()->route('cut', $job)->with('said', 'The tops are decided. Every mark was worked out anew.');
    }

    public function top(TopRequest $request, Job $job): RedirectResponse
    {
        return $this->record($request, $job);
    }

    public function done(PostCutRequest $request, Job $job): RedirectResponse
    {
        return $this->record($request, $job);
    }
}
