<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Site\Phase;
use Aequus\Words\Speech;
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
    /** The site of a job; what is said on the way speaks of it from here on. */
    protected function site(Job $job): JobSite
    {
        $site = app(ReadSite::class)->site($job);
        $this->speaks($site->speech);

        return $site;
    }

    /**
     * A page of a job, with what nearly every page places: the folder of its view is the phase it belongs to.
     *
     * @param  array<string, mixed>  $with
     */
    protected function page(string $view, JobSite $site, array $with = []): View
    {
        return view($view, $with + [
            'site' => $site, 'job' => $site->job, 'plan' => $site->plan, 'unit' => $site->plan->notation->unit, 'state' => $site->state,
            'phase' => Phase::tryFrom(explode('.', $view)[0]),
        ]);
    }

    /** In whose words and units all parts of the page say what they say. */
    protected function speaks(Speech $speech): void
    {
        ViewFacade::share('say', new Say($speech));
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
