<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\LeanDrawing;
use App\Drawing\PlanDrawing;
use App\Http\Requests\PlumbRequest;
use App\Http\Requests\PostSetRequest;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class SetController extends Controller
{
    public function show(Job $job): View
    {
        $site = $this->site($job);

        return view('set.show', ['site' => $site, 'drawing' => PlanDrawing::set($site->state)]);
    }

    /** One post in the yard. */
    public function post(Job $job, string $label): View
    {
        $site = $this->site($job);
        $post = $site->plan->grid->labelled($label);

        return view('set.post', ['site' => $site, 'post' => $post, 'lean' => new LeanDrawing($site->state, $post)]);
    }

    public function standing(PostSetRequest $request, Job $job): RedirectResponse
    {
        return $this->record($request, $job);
    }

    public function plumb(PlumbRequest $request, Job $job): RedirectResponse
    {
        return $this->record($request, $job);
    }
}
