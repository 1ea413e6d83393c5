<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RevisePlan;
use App\Drawing\SectionDrawing;
use App\Http\Requests\FootingRequest;
use App\Http\Requests\HoleRequest;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class FootingController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        $site = $this->site($job);

        return view('footing.show', ['site' => $site, 'section' => SectionDrawing::along($site->state, $request->string('along')->value())]);
    }

    public function rules(FootingRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan();
        $revise($job, $this->user($request), $plan->withFooting($request->footing($plan)), 'Footing rules', $request->integer('based_on'));

        return redirect()->route('footing', $job)->with('said', 'The rules are in force. Every hole was worked out anew.');
    }

    public function hole(HoleRequest $request, Job $job): RedirectResponse
    {
        return $this->record($request, $job);
    }
}
