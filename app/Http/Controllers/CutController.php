<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RevisePlan;
use App\Cut\RodMarks;
use App\Cut\SetOut;
use App\Cut\TopsForm;
use App\Drawing\StoryPole;
use App\Frame\FrameSums;
use App\Http\Requests\Plans\RaiseRequest;
use App\Http\Requests\Plans\TopsRequest;
use App\Models\Job;
use App\Type\Say;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class CutController extends Controller
{
    public function show(Job $job): View
    {
        $site = $this->site($job);

        return $this->page('cut.show', $site, ['pole' => new StoryPole($site->state), 'form' => new TopsForm($site->state)]);
    }

    public function tops(TopsRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan();
        $revise(
            $job, $this->user($request), $request->ask($plan->withTops($request->tops($plan)), $plan), Say::text('answers.cut.heights_of_the_tops'),
            $request->integer('based_on'),
        );

        return redirect()->route('cut', $job)->with('said', Say::text('answers.cut.the_tops_are_decided_every'));
    }

    /** All tops higher or lower by so much. */
    public function raise(RaiseRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan();
        $tops = $plan->tops ?? abort(404);
        $revise(
            $job, $this->user($request), $plan->withTops($request->raised($plan, $tops)), Say::text(
                'answers.cut.all_tops', is_down: $request->isDown() ? 'lower' : 'higher',
            ),
            $request->integer('based_on'),
        );

        return redirect()->route('cut', $job)->with('said', Say::text('answers.cut.all_tops_moved_together_every'));
    }

    /** Marks at a height on chosen posts. */
    public function rods(Request $request, Job $job): View
    {
        $site = $this->site($job);

        return $this->page('cut.rods', $site, ['marks' => new RodMarks($this->sums($request, $job), $site->state)]);
    }

    /** What lies on the posts, worked out before it is bought. */
    public function frame(Request $request, Job $job): View
    {
        $site = $this->site($job);

        return $this->page('cut.frame', $site, ['form' => new FrameSums($this->sums($request, $job), $site->state)]);
    }

    /** What is marked on a beam before it goes up. */
    public function setOut(Request $request, Job $job): View
    {
        $site = $this->site($job);

        return $this->page('cut.set-out', $site, ['form' => new SetOut($this->sums($request, $job), $site->state)]);
    }
}
