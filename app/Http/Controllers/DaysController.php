<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RevisePlan;
use App\Diary\DaysPage;
use App\Http\Requests\Plans\HandsRequest;
use App\Models\Job;
use App\Type\Say;
use App\World\WeatherStation;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The job as days. */
final class DaysController extends Controller
{
    public function show(Job $job, WeatherStation $weather): View
    {
        $site = $this->site($job);

        return $this->page('days.show', $site, ['page' => new DaysPage($site->state, $job, $weather), 'isMadeUp' => $weather->isMadeUp(), 'phase' => 'days']);
    }

    /** Who works, when, and on which days. */
    public function work(HandsRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan();
        $revise($job, $this->user($request), $plan->workedBy($request->hands()), Say::text('days.reason'), $request->integer('based_on'));

        return redirect()->route('days', $job)->with('said', Say::text('days.kept'));
    }
}
