<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Words\Names;
use App\Actions\RevisePlan;
use App\Footing\HoldForm;
use App\Footing\PierForm;
use App\Footing\WidthForm;
use App\Http\Requests\Plans\HoldingRequest;
use App\Http\Requests\Plans\HoleShapeRequest;
use App\Models\Job;
use App\Type\Say;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** How the posts are held in their holes, and how wide those are. */
final class HoldingController extends Controller
{
    /** The ways to hold a post, ranked for the site. */
    public function show(Request $request, Job $job): View
    {
        $site = $this->site($job);

        return $this->page('footing.hold', $site, ['form' => new HoldForm($this->sums($request, $job), $site->state)]);
    }

    public function decide(HoldingRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan();
        $holding = $request->holding($plan);
        $revise(
            $job, $this->user($request), $request->ask($plan->withHolding($holding), $plan),
            Say::text('answers.holding.held', what: Names::of($holding->ofJob)),
            $request->integer('based_on'),
        );

        return redirect()->route('footing.hold', $job)->with('said', Say::text('answers.holding.it_is_decided_materials_section'));
    }

    /** Piers in tubes with bases on them. */
    public function piers(Request $request, Job $job): View
    {
        $site = $this->site($job);

        return $this->page('footing.piers', $site, ['form' => new PierForm($this->sums($request, $job), $site->state)]);
    }

    /** Puts the piers worked out in the address in force. */
    public function decidePiers(Request $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan();
        $form = new PierForm($this->sums($request, $job), $this->site($job)->state);
        if ($form->piers === [] || $plan->holding === null) {
            return redirect()->route('footing.piers', ['job' => $job] + $request->except(['_token', 'based_on']));
        }
        $revise(
            $job, $this->user($request), $plan->withHolding($plan->holding->withPier($form->rules)), Say::text(
                'answers.holding.piers_tubes_bases_and_tops',
            ),
            $request->integer('based_on'),
        );

        return redirect()->route('footing.piers', $job)->with('said', Say::text('answers.holding.the_piers_are_in_force'));
    }

    /** How wide a hole must be, and the shape that is dug. */
    public function width(Request $request, Job $job): View
    {
        $site = $this->site($job);

        return $this->page('footing.width', $site, ['form' => new WidthForm($this->sums($request, $job), $site->state)]);
    }

    public function decideWidth(HoleShapeRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan();
        $revise($job, $this->user($request), $request->shaped($plan), Say::text('answers.holding.shape_of_the_holes'), $request->integer('based_on'));

        return redirect()->route('footing.width', $job)->with('said', Say::text('answers.holding.the_shape_is_in_force'));
    }
}
