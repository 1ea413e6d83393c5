<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Site\Phase;
use App\Actions\CopyJob;
use App\Job\JobCards;
use App\Keeping\Backups;
use App\Keeping\DataFolder;
use App\Models\Job;
use App\Models\Shelf;
use App\Models\User;
use App\Type\Say;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class JobController extends Controller
{
    /** The jobs at hand, or those put away or in the bin; those whose name or place holds what was looked for. */
    public function index(Request $request, JobCards $cards): View|RedirectResponse
    {
        $shelf = Shelf::tryFrom($request->string('shelf')->value()) ?? Shelf::AtHand;
        $sought = trim($request->string('find')->value());
        // The short code of a tag opens its post.
        if (preg_match('/^(\d{1,9})-([A-Za-z]{1,3}\d{1,3})$/', $sought, $code) === 1) {
            $tagged = Job::of($this->user($request))->whereKey((int) $code[1])->with('revision')->first();
            $post = $tagged?->revision->plan()->grid->posts ?? [];
            foreach ($post as $one) {
                if ($tagged !== null && strcasecmp($one->label, $code[2]) === 0) {
                    return redirect()->route('set.post', [$tagged, $one->label]);
                }
            }
        }
        $jobs = Job::of($this->user($request))->with('revision')->where('shelf', $shelf)->orderByDesc('id');
        if ($sought !== '') {
            $like = '%'.addcslashes($sought, '%_\\').'%';
            $jobs->where(
                fn (Builder $query) => $query->whereRaw("name like ? escape '\\'", [$like])->orWhereRaw("place like ? escape '\\'", [$like]),
            );
        }
        /** @var Collection<int, Job> $found */
        $found = $jobs->get();
        $count = Job::of($this->user($request))->toBase()->selectRaw('shelf, count(*) as n')->groupBy('shelf')->pluck('n', 'shelf');

        return view(
            'job.index',
            [
                'jobs' => $found, 'cards' => $cards->of($found), 'shelf' => $shelf, 'sought' => $sought, 'count' => $count,
                'keeping' => $this->keeping($this->user($request)),
            ],
        );
    }

    /** One card of the list, where it took too long to make with the others. */
    public function card(Job $job, JobCards $cards): View
    {
        return view('job.card', ['job' => $job, 'card' => $cards->one($job)]);
    }

    /** Since when no copy has left this machine; empty for whom it does not concern. */
    private function keeping(User $user): string
    {
        if (config('aequus.mode') === 'demo' || $user->id !== User::query()->min('id')) {
            return '';
        }

        return (new Backups(DataFolder::current()))->saysWhenLeft();
    }

    public function rename(Request $request, Job $job): RedirectResponse
    {
        $named = $request->validate(
            ['name' => ['required', 'string', 'max:120'], 'place' => ['nullable', 'string', 'max:120']],
            ['name.required' => Say::text('answers.job.give_the_job_a_name')],
        );
        $job->update(['name' => $named['name'], 'place' => $named['place'] ?? '']);

        return back()->with('said', Say::text('answers.job.the_job_has_a_new'));
    }

    /** Put away, into the bin, or taken back; nothing of it is ever deleted here. */
    public function shelve(Request $request, Job $job): RedirectResponse
    {
        $shelf = Shelf::tryFrom($request->string('shelf')->value());
        if ($shelf === null) {
            abort(404);
        }
        $job->update(['shelf' => $shelf]);

        return redirect()->route('jobs')->with('said', match ($shelf) {
            Shelf::AtHand => Say::text('answers.job.is_at_hand_again', name: $job->name),
            Shelf::PutAway => Say::text('answers.job.is_put_away_and_can', name: $job->name),
            Shelf::Bin => Say::text('answers.job.is_in_the_bin_nothing', name: $job->name),
        });
    }

    public function copy(Request $request, Job $job, CopyJob $copy): RedirectResponse
    {
        $name = mb_substr(trim($request->string('name')->value()) ?: Say::text('page.copy', name: $job->name), 0, 120);
        $new = $request->string('how')->value() === 'log' ? $copy->withLog($job, $this->user($request), $name)
            : $copy->plan($job, $this->user($request), $name);

        return redirect()->route('plan', $new)->with('said', Say::text('answers.job.the_copy_is_made'));
    }

    /** A job opens where its next move is. */
    public function show(Job $job): RedirectResponse
    {
        // What was said on the way here is still to be read.
        session()->reflash();

        return redirect()->route(($this->site($job)->next->phase ?? Phase::Handover)->value, $job);
    }
}
