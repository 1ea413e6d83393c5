<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RevisePlan;
use App\Diary\ComparePage;
use App\Diary\DaysForms;
use App\Diary\DaysPage;
use App\Diary\Progress;
use App\Diary\WeatherMeans;
use App\Diary\Winter;
use App\Drawing\DaysDrawing;
use App\Exchange\CalendarFile;
use App\Files\Download;
use App\Http\Requests\Plans\HandsRequest;
use App\Http\Requests\Plans\HolidaysRequest;
use App\Models\Job;
use App\Type\Say;
use App\World\WeatherStation;
use DateTimeZone;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The job as days. */
final class DaysController extends Controller
{
    public function show(Request $request, Job $job, WeatherStation $weather): View
    {
        $site = $this->site($job);

        $page = new DaysPage($site->state, $job, $weather, $request->boolean('chance'));

        return $this->page(
            'days.show', $site,
            [
                'page' => $page, 'means' => new WeatherMeans($site->state, $page),
                'progress' => new Progress($site->state, $page, new DateTimeZone($job->zone)), 'forms' => new DaysForms($site->state, $page->hands),
                'drawing' => new DaysDrawing($page), 'isMadeUp' => $weather->isMadeUp(), 'phase' => 'days',
            ],
        );
    }

    /** The same job otherwise, side by side. */
    public function compare(Request $request, Job $job, WeatherStation $weather): View
    {
        $site = $this->site($job);

        $page = new ComparePage($site->state, $job, $weather, $request->string('from')->value(), $request->string('people')->value());

        return $this->page(
            'days.compare', $site, ['page' => $page, 'winter' => new Winter($site->state, $job, $weather, $page->page), 'phase' => 'days'],
        );
    }

    /** The same for a calendar: imported again, it takes the place of what was imported before. */
    public function calendar(Job $job, WeatherStation $weather): Response
    {
        $site = $this->site($job);
        $page = new DaysPage($site->state, $job, $weather);
        $bytes = CalendarFile::write(
            [...$page->events($job), ...$page->waits->events($job)], $job->name, $job->revision->number * 100_000 + $site->state->log->lastSequence(),
            new DateTimeZone($job->zone), $site->state->now,
        );

        return Download::of($site, $bytes, 'text/calendar; charset=utf-8', 'ics', 'days');
    }

    /** Holidays out of a calendar’s file. */
    public function holidays(HolidaysRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan();
        $revise($job, $this->user($request), $plan->workedBy($request->hands($plan)), Say::text('days.reason'), $request->integer('based_on'));

        return redirect()->route('days', $job)->with('said', Say::text('days.kept'));
    }

    /** Who works, when, and on which days. */
    public function work(HandsRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan();
        $revise($job, $this->user($request), $plan->workedBy($request->hands($plan)), Say::text('days.reason'), $request->integer('based_on'));

        return redirect()->route('days', $job)->with('said', Say::text('days.kept'));
    }
}
