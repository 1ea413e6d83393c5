<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Site\Phase;
use App\Models\Job;
use App\Models\User;
use App\Site\JobSite;
use App\Site\ReadSite;
use App\Type\Say;
use App\View\QueryForm;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\View as ViewFacade;

abstract class Controller
{
    protected function site(Job $job): JobSite
    {
        return app(ReadSite::class)->site($job);
    }

    /**
     * A page of a job, with what nearly every page places: the folder of its view is the phase it belongs to.
     *
     * @param  array<string, mixed>  $with
     */
    protected function page(string $view, JobSite $site, array $with = []): View
    {
        ViewFacade::share('say', new Say($site->speech));

        return view($view, $with + [
            'site' => $site, 'job' => $site->job, 'plan' => $site->plan, 'unit' => $site->plan->notation->unit, 'state' => $site->state,
            'phase' => Phase::tryFrom(explode('.', $view)[0]),
        ]);
    }

    /** Fields of small sums in the address, lengths without a unit read as the job writes them. */
    protected function sums(Request $request, Job $job): QueryForm
    {
        return new QueryForm($request, $job->revision->plan()->notation->unit);
    }

    protected function user(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
