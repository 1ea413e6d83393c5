<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Measure\Notation;
use Aequus\Measure\Unit;
use Aequus\Plan\JobKind;
use Aequus\Plan\Plan;
use Aequus\Site\PlanChange;
use Aequus\Thing\Make\Thing;
use Aequus\Thing\Things;
use Aequus\Words\Plan\ChangeWords;
use Aequus\Words\Speech;
use Aequus\Words\Thing\ThingWords;
use App\Actions\CreateJob;
use App\Actions\RevisePlan;
use App\Drawing\ProfileDrawing;
use App\Http\Requests\Plans\ThingRequest;
use App\Models\Job;
use App\Thing\FaceLine;
use App\Thing\PanelRow;
use App\Thing\ThingForm;
use App\Thing\ThingPage;
use App\Thing\TopLine;
use App\Thing\UsualThing;
use App\Type\Say;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** A job begun with the thing that shall stand: which, what is asked of it, and what the answers come to. */
final class ThingController extends Controller
{
    public function choose(Request $request): View
    {
        $notation = $this->usualNotation($request);

        return view('thing.choose', [
            'things' => array_map(fn (Thing $thing) => new UsualThing($thing, $notation), Things::all()), 'unit' => $notation->unit,
        ]);
    }

    public function ask(Request $request, JobKind $kind): View
    {
        $notation = Notation::named(is_string($typed = $request->old('notation')) ? $typed : '') ?? $this->usualNotation($request);
        $usual = new UsualThing($this->thing($kind), $notation);

        $this->speaks(new Speech($usual->made->plan));

        return view('thing.ask', [
            'form' => ThingForm::fresh($usual->thing, $notation), 'notation' => $notation, 'unit' => $notation->unit, 'kind' => $kind,
            'sentence' => $usual->sentence, 'why' => ThingWords::why($kind), 'drawing' => $usual->drawing,
            'figures' => ThingPage::figures($usual->made),
        ]);
    }

    public function store(ThingRequest $request, JobKind $kind, CreateJob $create): RedirectResponse
    {
        $thing = $this->thing($kind);
        $plan = $request->made($thing, $request->heard($thing, $request->notation()))->plan;
        $request->ask($plan, null);
        $job = $create($this->user($request), $request->jobName(), $request->string('place')->limit(120, '')->value(), $request->zone(), $plan);

        return redirect()->route('thing', $job);
    }

    /** The drawing and the figures for what is typed so far; what can’t be worked out yet is said instead. */
    public function preview(ThingRequest $request, JobKind $kind): View
    {
        $thing = $this->thing($kind);
        try {
            $made = $request->made($thing, $request->heard($thing, $request->notation()));
        } catch (ValidationException $refused) {
            return view('thing.preview', ['drawing' => null, 'figures' => [], 'refusals' => array_merge(...array_values($refused->errors()))]);
        }

        $this->speaks(new Speech($made->plan));

        return view('thing.preview', [
            'drawing' => new ProfileDrawing($made->profile, $request->notation()), 'figures' => ThingPage::figures($made), 'refusals' => [],
            'notation' => $request->notation(),
        ]);
    }

    /** What the answers of a job come to. */
    public function show(Job $job): View|RedirectResponse
    {
        $site = $this->site($job);
        $thing = Things::of($site->plan->kind);
        $page = $thing === null ? null : ThingPage::of($thing, $site->plan);

        return $page === null ? redirect()->route('plan', $job) : $this->page('thing.show', $site, [
            'page' => $page, 'face' => FaceLine::of($site->state), 'top' => TopLine::of($site->state), 'panels' => PanelRow::all($site->state),
        ]);
    }

    public function revise(ThingRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $before = $job->revision->plan();
        $thing = $this->thing($before->kind);
        $plan = $before->answeredAnew(
            $request->made($thing, $request->heard($thing, $before->notation, $before->sides))->plan, $this->was($thing, $before),
        );
        $request->ask($plan, $before);
        $reason = $request->reason();
        $change = new PlanChange($this->site($job)->state, $plan);
        if ($change->isAskedAbout() && ! $request->boolean('sure')) {
            return back()->withInput()->withErrors(
                ['change' => Say::text('answers.plan.tick_do_it_all_the', part: implode(' ', ChangeWords::say($change)))],
            )->with('asks_sure', 'thing');
        }
        $revise($job, $this->user($request), $plan, $reason, $request->integer('based_on'));

        return redirect()->route('thing', $job)->with('said', implode(' ', [Say::text('page.the_new_plan_is_in'), ...ChangeWords::say($change)]));
    }

    /** What the answers before came to; the plan itself where they no longer come to anything. */
    private function was(Thing $thing, Plan $before): Plan
    {
        return ThingPage::of($thing, $before)->made->plan ?? $before;
    }

    private function thing(JobKind $kind): Thing
    {
        return Things::of($kind) ?? abort(404);
    }

    /** As asked, else as the newest job is written. */
    private function usualNotation(Request $request): Notation
    {
        $last = Job::query()->where('user_id', $this->user($request)->id)->latest('id')->first()?->revision->plan()->notation;
        $asked = Unit::tryFrom($request->string('in')->value());

        return $asked === null || $asked === $last?->unit ? $last ?? Notation::feetInches(16)
            : Notation::named($asked->system()->goods['notation']) ?? Notation::of($asked);
    }
}
