<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Measure\Unit;
use Aequus\Site\PlanChange;
use Aequus\Words\Plan\ChangeWords;
use Aequus\Words\Speech;
use App\Actions\CreateJob;
use App\Actions\RevisePlan;
use App\Drawing\PlanDrawing;
use App\Drawing\SitePlan;
use App\Http\Requests\Plans\BraceRequest;
use App\Http\Requests\Plans\FitRequest;
use App\Http\Requests\Plans\FixedLineRequest;
use App\Http\Requests\Plans\PartRequest;
use App\Http\Requests\Plans\PlanRequest;
use App\Http\Requests\Plans\SiteObjectRequest;
use App\Http\Requests\Plans\SurroundingsRequest;
use App\Models\Job;
use App\Paper\Paper;
use App\Plan\BraceRow;
use App\Plan\FixedLineRow;
use App\Plan\PartForm;
use App\Plan\PlanForm;
use App\Plan\SiteRow;
use App\Type\Say;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

final class PlanController extends Controller
{
    public function create(Request $request): View
    {
        $last = Job::query()->where('user_id', $this->user($request)->id)->latest('id')->first();
        $unit = Unit::tryFrom($request->string('in')->value()) ?? $last?->revision->plan()->notation->unit ?? Unit::Inch;

        return view('plan.new', ['form' => PlanForm::fresh($unit), 'unit' => $unit]);
    }

    public function store(PlanRequest $request, CreateJob $create): RedirectResponse
    {
        $plan = $request->plan(null);
        $request->ask($plan, null);
        $job = $create($this->user($request), $request->jobName(), $request->string('place')->limit(120, '')->value(), $request->zone(), $plan);

        return redirect()->route('job', $job);
    }

    public function show(Job $job): View
    {
        $site = $this->site($job);

        return $this->page(
            'plan.show', $site,
            [
                'form' => PlanForm::of($site->plan), 'drawing' => PlanDrawing::ofPlan($site->plan),
                'openings' => $site->plan->openings(), 'fixed' => FixedLineRow::of($site->plan),
                'parts' => PartForm::all($site->plan), 'fresh' => PartForm::fresh($site->plan), 'braces' => BraceRow::of($site->plan),
                'revisions' => $job->revisions()->with('user')->get(),
            ],
        );
    }

    public function revise(PlanRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $request->plan($job->revision->plan());
        $request->ask($plan, $job->revision->plan());
        $reason = $request->reason();
        $change = new PlanChange($this->site($job)->state, $plan);
        if ($change->isAskedAbout() && ! $request->boolean('sure')) {
            return back()->withInput()->withErrors(
                ['change' => Say::text('answers.plan.tick_do_it_all_the', part: implode(' ', ChangeWords::say($change)))],
            )->with('asks_sure', 'plan');
        }
        $revise($job, $this->user($request), $plan, $reason, $request->integer('based_on'));

        return redirect()->route('plan', $job)->with(
            'said', implode(' ', [Say::text('page.the_new_plan_is_in'), ...ChangeWords::say($change)]),
        );
    }

    /** Any plan there was, as it was drawn. */
    public function revision(Job $job, int $number): View
    {
        $revision = $job->revisions()->where('number', $number)->firstOrFail();
        $site = $this->site($job);

        return $this->page('plan.revision', $site, [
            'revision' => $revision, 'then' => $revision->plan(), 'drawing' => PlanDrawing::ofPlan($revision->plan()),
            'change' => ChangeWords::say(new PlanChange($site->state, $site->plan->returnedTo($revision->plan()))),
        ]);
    }

    /** An earlier plan is put in force again, as the next revision. */
    public function back(Request $request, Job $job, int $number, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan()->returnedTo($job->revisions()->where('number', $number)->firstOrFail()->plan());
        $change = new PlanChange($this->site($job)->state, $plan);
        $revise($job, $this->user($request), $plan, Say::text('page.back_to_revision', number: $number), $request->integer('based_on'));

        return redirect()->route('plan', $job)->with(
            'said', implode(' ', [Say::text('answers.plan.the_plan_of_revision_is', number: $number), ...ChangeWords::say($change)]),
        );
    }

    public function fit(FitRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan();
        [$fit, $reason] = $request->fit($plan);
        $revise($job, $this->user($request), $plan->withFit($fit), $reason, $request->integer('based_on'));

        return redirect()->route('plan', $job)->with('said', Say::text('page.the_new_plan_is_in'));
    }

    public function around(SurroundingsRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan()->around($request->surroundings());
        $revise($job, $this->user($request), $plan, Say::text('refusals.site.around'), $request->integer('based_on'));

        return redirect()->route('plan.site', $job)->with('said', Say::text('page.the_new_plan_is_in'));
    }

    /** A tie, a knee or a prop is put on the plan or taken away. */
    public function brace(BraceRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        [$plan, $reason] = $request->plan($job->revision->plan());
        $revise($job, $this->user($request), $plan, $reason, $request->integer('based_on'));

        return redirect()->route('plan', $job)->with('said', Say::text('page.the_new_plan_is_in'));
    }

    /** A further part is put on the plan, changed or taken away. */
    public function part(PartRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        [$plan, $reason] = $request->plan($job->revision->plan(), $job->revision->number + 1);
        $change = new PlanChange($this->site($job)->state, $plan);
        if ($change->isAskedAbout() && ! $request->boolean('sure')) {
            return back()->withInput()->withErrors(
                ['change' => Say::text('answers.plan.tick_do_it_all_the', part: implode(' ', ChangeWords::say($change)))],
            );
        }
        $revise($job, $this->user($request), $plan, $reason, $request->integer('based_on'));

        return redirect()->route('plan', $job)->with('said', implode(' ', [Say::text('page.the_new_plan_is_in'), ...ChangeWords::say($change)]));
    }

    /** What stands and runs on the site, to scale. */
    public function sitePlan(Job $job): View
    {
        $site = $this->site($job);

        return $this->page('plan.site', $site, [
            'sheet' => new SitePlan($site->plan, Paper::usual($site->plan->notation->unit), $site->state->level->plane),
            'rows' => SiteRow::of($site->plan),
        ]);
    }

    /** Something on the site is put on the plan, changed or taken away. */
    public function object(SiteObjectRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        [$plan, $reason] = $request->plan($job->revision->plan(), $job->revision->number + 1);
        $revise($job, $this->user($request), $plan, $reason, $request->integer('based_on'));

        return redirect()->route('plan.site', $job)->with('said', Say::text('page.the_new_plan_is_in'));
    }

    /** One thing that will not move is put on the plan, changed or taken away. */
    public function line(FixedLineRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $number = $job->revision->number;
        [$plan, $reason] = $request->plan($job->revision->plan(), $number + 1);
        $revise($job, $this->user($request), $request->ask($plan, $job->revision->plan()), $reason, $request->integer('based_on'));

        return back()->with('said', Say::text('page.the_new_plan_is_in'));
    }

    /** The drawing and the marks for what is typed so far; what can't be drawn yet is said instead. */
    public function preview(PlanRequest $request, ?Job $job = null): View
    {
        $view = $request->hasHeader('HX-Request') ? 'plan.preview' : 'plan.preview-page';
        try {
            $plan = $request->plan($job?->revision->plan());
        } catch (ValidationException $refused) {
            return view($view, ['plan' => null, 'refusals' => array_merge(...array_values($refused->errors()))]);
        }

        $this->speaks(new Speech($plan));

        return view($view, ['plan' => $plan, 'drawing' => PlanDrawing::ofPlan($plan)]);
    }
}
