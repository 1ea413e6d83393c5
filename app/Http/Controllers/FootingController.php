<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Words\Names;
use App\Actions\RevisePlan;
use App\Drawing\PlanDrawing;
use App\Drawing\SectionDrawing;
use App\Footing\CompareForm;
use App\Footing\DepthsPage;
use App\Footing\DigList;
use App\Footing\FrostForm;
use App\Footing\LoadSheet;
use App\Http\Requests\Plans\DepthWayRequest;
use App\Http\Requests\Plans\FootingRequest;
use App\Models\Job;
use App\Type\Say;
use App\World\CodeDesk;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class FootingController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        $site = $this->site($job);

        return $this->page('footing.show', $site, [
            'page' => new DepthsPage(
                $site->state, $request->string('sideways')->trim()->value(),
            ), 'section' => SectionDrawing::along($site->state, $request->string('along')->value()),
        ]);
    }

    /** The ways to choose depths, side by side. */
    public function compare(Request $request, Job $job): View
    {
        $site = $this->site($job);

        return $this->page('footing.compare', $site, ['form' => new CompareForm($this->sums($request, $job), $site->state)]);
    }

    /** Takes one of the ways compared. */
    public function way(DepthWayRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan();
        $rules = $request->rulesInForce($plan->footing ?? abort(404), $plan);
        $revise(
            $job, $this->user($request), $plan->withFooting($rules), Say::text('answers.footing.depths', what: Names::of($rules->mode)),
            $request->integer('based_on'),
        );

        return redirect()->route('footing.dig', $job)->with(
            'said', Say::text('answers.footing.it_is_decided_every_hole', what: Names::of($rules->mode)),
        );
    }

    /** A look-up and an estimate of frost; the rules are typed elsewhere. */
    public function frost(Request $request, Job $job, CodeDesk $desk): View
    {
        $site = $this->site($job);

        return $this->page('footing.frost', $site, ['form' => new FrostForm($this->sums($request, $job), $site->plan, $desk)]);
    }

    /** What each post carries and what pad that needs. */
    public function loads(Request $request, Job $job): View
    {
        $site = $this->site($job);

        return $this->page('footing.loads', $site, ['sheet' => new LoadSheet($this->sums($request, $job), $site->state)]);
    }

    /** Holes in walking order, one at hand. */
    public function dig(Request $request, Job $job): View
    {
        $site = $this->site($job);

        return $this->page('footing.dig', $site, [
            'page' => new DepthsPage($site->state), 'list' => new DigList(
                $site->state, $request->string('hole')->upper()->value(),
            ), 'drawing' => PlanDrawing::holes($site->state),
        ]);
    }

    public function rules(FootingRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan();
        $revise(
            $job, $this->user($request), $request->ask(
                $plan->withFooting($request->footing($plan)), $plan,
            ), Say::text('answers.footing.footing_rules'),
            $request->integer('based_on'),
        );

        return redirect()->route('footing', $job)->with('said', Say::text('answers.footing.the_rules_are_in_force'));
    }
}
