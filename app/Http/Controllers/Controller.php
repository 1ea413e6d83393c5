<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\User;
use App\Site\JobSite;
use App\Site\ReadSite;
use App\View\QueryForm;
use Illuminate\Http\Request;

abstract class Controller
{
    protected function site(Job $job): JobSite
    {
        return app(ReadSite::class)->of($job);
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
