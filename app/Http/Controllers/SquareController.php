<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Adjust\Network\NotDetermined;
use Aequus\Adjust\Placement\PlacementWay;
use Aequus\Plan\Layout\ChosenPlacement;
use Aequus\Square\AsCastLayout;
use Aequus\Square\Proof;
use Aequus\Square\Readings\Wanted;
use Aequus\Square\Readings\WantedReadings;
use Aequus\Square\SettingOut\BatterBoards;
use Aequus\Square\SettingOut\HinderedBoards;
use Aequus\Square\SettingOut\HoldNumbers;
use Aequus\Square\SettingOut\StringOutline;
use Aequus\Words\Adjust\AdjustNames;
use Aequus\Words\VerdictWords;
use App\Actions\RevisePlan;
use App\Drawing\SquareDrawing;
use App\Http\Requests\Plans\LayoutRulesRequest;
use App\Models\Job;
use App\Site\DerivedCache;
use App\Square\ByHand;
use App\Square\EntryForm;
use App\Square\NailRow;
use App\Square\Placements;
use App\Square\ReadingSheet;
use App\Thing\FaceLine;
use App\Type\Say;
use App\View\QueryForm;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class SquareController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        $site = $this->site($job);
        $stake = $request->string('stake')->upper()->value();
        $sheet = new ReadingSheet($site->state);

        return $this->page('square.show', $site, [
            'stake' => $stake, 'words' => new VerdictWords($site->state), 'sheet' => $sheet,
            'form' => new EntryForm($site, ReadingSheet::asked($site->state, $request->string('pull')->value())),
            'face' => FaceLine::of($site->state),
            'placements' => Placements::of($site->state), 'drawing' => SquareDrawing::of($site->state, $sheet, $stake),
        ]);
    }

    /** What the list can prove, before a tape is pulled. */
    public function prove(Job $job): View
    {
        $site = $this->site($job);
        [$key, $stamp] = ["proof.{$job->id}", $job->revision->fingerprint()];
        try {
            $proof = count($site->plan->grid->posts) < 2 ? null : DerivedCache::find($key, $stamp, Proof::class) ?? new Proof(
                $site->plan, $site->state->square->wanted,
            );
        } catch (NotDetermined) {
            $proof = null;
        }
        $proof === null || DerivedCache::keep($key, $stamp, $proof);

        return $this->page('square.prove', $site, ['proof' => $proof]);
    }

    /** Strings, boards, marks and hold numbers for setting out by hand. */
    public function hand(Request $request, Job $job): View
    {
        $site = $this->site($job);
        $hand = new ByHand(new QueryForm($request, $site->plan->notation->unit), $site->plan);

        $boards = BatterBoards::of($site->plan, array_values($site->state->clear->services));

        return $this->page('square.hand', $site, [
            'hand' => $hand, 'outline' => new StringOutline($site->plan), 'alike' => NailRow::of($boards),
            'hindered' => HinderedBoards::facts($boards, $site->plan->layout->boards->setback),
            'hold' => count($site->plan->grid->posts) < 2 ? null : new HoldNumbers($site->plan, $hand->conditions),
        ]);
    }

    public function cast(Job $job): View
    {
        $site = $this->site($job);

        return $this->page('square.cast', $site, ['again' => new AsCastLayout($site->plan, $site->state->log)]);
    }

    public function sheet(Job $job): View
    {
        $site = $this->site($job);

        return $this->page('square.sheet', $site, [
            'words' => new VerdictWords($site->state), 'outline' => new StringOutline($site->plan), 'moves' => Placements::moves($site->state),
            'hold' => count($site->plan->grid->posts) < 2 ? null : new HoldNumbers($site->plan),
        ]);
    }

    public function rules(LayoutRulesRequest $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan();
        $revise($job, $this->user($request), $plan->withLayout($request->layout($plan)), $request->reason(), $request->integer('based_on'));

        return back()->with('said', Say::text('page.the_new_plan_is_in'));
    }

    /** One press: what is not worth pulling is asked for only where the rest leaves a doubt; or, once more, all of the list. */
    public function spare(Request $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $plan = $job->revision->plan();
        $spare = $request->boolean('all') ? [] : (new Proof($plan, WantedReadings::of($plan)))->notWorthPulling;
        $revise(
            $job, $this->user($request), $plan->withLayout($plan->layout->sparing(array_map(fn (Wanted $wanted) => $wanted->key(), $spare))),
            $spare === [] ? Say::text('answers.square.the_whole_list_is_pulled')
                : Say::text('answers.square.readings_are_spared', count: count($spare)), $request->integer('based_on'),
        );

        return back()->with(
            'said', $spare === [] ? Say::text('answers.square.the_whole_list_is_asked') : Say::text('answers.square.they_are_asked_for_only'),
        );
    }

    /** One press: the layout is judged by another placement from now on. */
    public function place(Request $request, Job $job, RevisePlan $revise): RedirectResponse
    {
        $way = ChosenPlacement::tryFrom($request->string('way')->value()) ?? abort(404);
        $words = AdjustNames::judged(PlacementWay::from($way->value));
        $plan = $job->revision->plan();
        $revise(
            $job, $this->user($request), $plan->withLayout($plan->layout->placedBy($way)), Say::text(
                'answers.square.layout_judged', words: $words,
            ), $request->integer('based_on'),
        );

        return redirect()->route('square', $job)->with('said', Say::text('answers.square.the_layout_is_judged_now', words: $words));
    }
}
