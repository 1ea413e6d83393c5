<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Site\Phase;
use App\Actions\RevisePlan;
use App\Frame\BoardsPage;
use App\Frame\FixingsPage;
use App\Frame\FrameSheet;
use App\Frame\MembersPage;
use App\Frame\SingleMembers;
use App\Http\Requests\Plans\FixingsRequest;
use App\Http\Requests\Plans\FrameRequest;
use App\Http\Requests\Plans\OneMemberRequest;
use App\Http\Requests\Plans\SoldRequest;
use App\Models\Job;
use App\Paper\Paper;
use App\Paper\Pdf;
use App\Paper\PoleStrips;
use App\Thing\PanelRow;
use App\Type\Say;
use App\World\Supplier;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** What stands on the posts, and what it is sawn from. */
final class FrameController extends Controller
{
    public function members(Request $request, Job $job): View
    {
        $site = $this->site($job);

        $page = new MembersPage(
            $site->state, $request->string('view')->value(), $request->string('up_to')->value(), $request->string('on')->value(),
            $request->string('through')->value(),
        );

        return $this->page(
            'cut.members', $site,
            ['page' => $page, 'singles' => new SingleMembers($site->plan, $page->rows()), 'panels' => PanelRow::all($site->state)],
        );
    }

    /** The frame on paper: from above, from every side and over a corner, with its layers and marks. */
    public function printed(Request $request, Job $job): Response
    {
        $site = $this->site($job);

        return Pdf::of(
            $site, view('paper.frame', ['sheet' => new FrameSheet($site->state), 'job' => $job, 'plan' => $site->plan]),
            Paper::asked($request, $site->plan->notation->unit), 'frame-'.Str::slug($job->name),
        );
    }

    /** Marks of one layer in full size, to tape onto a lath. */
    public function pole(Request $request, Job $job): Response
    {
        $site = $this->site($job);
        $page = new MembersPage($site->state, '', '', $request->string('on')->value());
        $marked = array_values(array_filter($page->marks(), fn (array $one) => $one[2] === $request->string('of')->value()))[0] ?? abort(404);
        $plan = $job->revision->plan();
        $paper = Paper::asked($request, $plan->notation->unit);

        return Pdf::of(
            $site, view('paper.pole', ['job' => $job, 'strips' => PoleStrips::ofFrame($plan, $marked[1], $marked[0], $paper)]), $paper,
            'marks-'.Str::slug($job->name),
        );
    }

    public function decide(FrameRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan();
        $revise($job, $this->user($request), $request->decided($plan), Say::text('frame.reason'), $request->integer('based_on'));

        return redirect()->route(
            'cut.members', ['job' => $job, ...array_filter(['on' => $request->string('on')->value()])],
        )->with('said', Say::text('frame.kept'));
    }

    /** One member gets a size of its own, or is as the others again. */
    public function single(OneMemberRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $site = $this->site($job);
        $revise($job, $this->user($request), $request->decided($site->state), Say::text('frame.reason_single'), $request->integer('based_on'));

        return redirect()->route('cut.members', ['job' => $job, ...array_filter(['on' => $request->string('on')->value()])])
            ->with(
                'said', Say::text($request->boolean('back') ? 'frame.single_taken_back' : 'frame.single_kept', number: $request->integer('number')),
            );
    }

    public function fixings(Request $request, Job $job, Supplier $yard): View
    {
        return $this->page(
            'cut.fixings', $site = $this->site($job),
            ['page' => new FixingsPage($site->state, $yard, $request->string('on')->value()), 'phase' => Phase::Cut],
        );
    }

    /** What holds it together. */
    public function hold(FixingsRequest $request, Job $job, RevisePlan $revise, Supplier $yard): RedirectResponse
    {
        $plan = $job->revision->plan();
        $revise($job, $this->user($request), $request->decided($plan, $yard), Say::text('frame.reason_fixings'), $request->integer('based_on'));

        return redirect()->route(
            'cut.fixings', ['job' => $job, ...array_filter(['on' => $request->string('on')->value()])],
        )->with('said', Say::text('frame.kept_fixings'));
    }

    public function boards(Job $job): View
    {
        $site = $this->site($job);

        return $this->page('cut.boards', $site, ['page' => new BoardsPage($site->state), 'phase' => Phase::Cut]);
    }

    /** In which lengths each section is sold, and for how much. */
    public function sold(SoldRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan();
        $revise(
            $job, $this->user($request), $plan->withFrame($request->frame($plan, $this->site($job)->state)), Say::text('frame.reason_sold'),
            $request->integer('based_on'),
        );

        return redirect()->route('cut.boards', $job)->with('said', Say::text('frame.kept_sold'));
    }
}
