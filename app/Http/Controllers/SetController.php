<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Site\StandingFrame;
use App\Diary\JobClock;
use App\Drawing\LeanDrawing;
use App\Drawing\PlanDrawing;
use App\Models\Job;
use App\Set\PostPage;
use App\Set\PostSheet;
use App\Set\ReadyPosts;
use App\Set\SetPage;
use App\Set\StartPage;
use App\Set\StopPage;
use App\Set\TopsPage;
use App\Set\Walk;
use App\Type\Say;
use App\World\WeatherStation;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class SetController extends Controller
{
    public function show(Job $job): View
    {
        $site = $this->site($job);

        $drifts = (new StandingFrame($site->state))->drifts();

        return $this->page('set.show', $site, [
            'page' => new SetPage($site->state), 'drawing' => PlanDrawing::set($site->state), 'rounds' => array_values(
                array_filter(Walk::all($site->state), fn (Walk $round) => $round->of > 0),
            ), 'drift' => $drifts->seen->isEmpty() ? null : $drifts, 'ready' => new ReadyPosts($site->state),
        ]);
    }

    /** One post in the yard. */
    public function post(Request $request, Job $job, string $label): View
    {
        $site = $this->site($job);
        $post = $site->plan->grid->labelled($label);

        return $this->page('set.post', $site, [
            'page' => new PostPage($site->state, $post, $request->filled('walk') ? new Walk($site->state, $request->string('walk')->value()) : null),
            'post' => $post, 'lean' => new LeanDrawing($site->state, $post), 'sheet' => new PostSheet(
                $site->state, $post, CarbonImmutable::now('UTC'),
            ),
        ]);
    }

    /** To the next post of a walk round; it begins where it stopped, because the book knows who was read. */
    public function walk(Job $job, string $what): RedirectResponse
    {
        $walk = new Walk($this->site($job)->state, $what);

        return $walk->next === null
            ? redirect()->route('set', $job)->with('said', Say::text('answers.set.all_posts_are_done', part: ucfirst($walk->inWords())))
            : redirect()->route('set.post', ['job' => $job, 'label' => $walk->next->label, 'walk' => $walk->what]);
    }

    /** Whether spacing and plumb agree, and where the tops stand. */
    public function tops(Job $job): View
    {
        $site = $this->site($job);
        $page = new TopsPage($site->state);

        return $this->page(
            'set.tops', $site, ['page' => $page, 'drawing' => $page->tops === null ? null : PlanDrawing::tops($site->state, $page->tops)],
        );
    }

    /** What must be made safe now, in which order, and by when. */
    public function stop(Job $job, WeatherStation $weather): View
    {
        $site = $this->site($job);

        return $this->page('set.stop', $site, ['page' => new StopPage($site->state, new JobClock($site->state, $job, $weather))]);
    }

    /** What came over it since work stopped, and what is looked at first. */
    public function start(Job $job, WeatherStation $weather): View
    {
        $site = $this->site($job);

        return $this->page('set.start', $site, ['page' => new StartPage($site->state, new JobClock($site->state, $job, $weather))]);
    }
}
