<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Round\RoundKind;
use App\Round\RoundSheet;
use App\Type\Say;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A whole round on one screen: tapes, rods, holes, plumb or tops, each stored as its field is left. */
final class RoundController extends Controller
{
    /** A long round is walked in parts; the address always names the one that is shown, so that nothing jumps while its fields are filled. */
    public function __invoke(Request $request, Job $job, RoundKind $kind): View|RedirectResponse
    {
        $site = $this->site($job);
        $sums = $this->sums($request, $job);
        $level = $sums->lengths(['level'])[0] ?? null;
        $sheet = new RoundSheet($kind, $site->state, mb_substr($request->string('set_up')->value(), 0, 20), $level?->isPositive() ? $level : null);
        $asked = array_filter($request->only(['set_up', 'level']), fn (mixed $typed) => is_string($typed) && $typed !== '');
        $part = $request->integer('part');
        if ($sheet->parts() > 1 && ($part < 1 || $part > $sheet->parts())) {
            return redirect()->route('round', ['job' => $job, 'kind' => $kind->value, 'part' => $sheet->partAtHand()] + $asked);
        }

        return $this->page('round.show', $site, [
            'phase' => $kind->phase(), 'sheet' => $sheet, 'part' => max(1, min($part, $sheet->parts())), 'asked' => $asked,
            'held' => $sums->field(
                'level', Say::text('answers.round.with_a_level_of'), Say::text('answers.round.now', level: $site->plan->write($sheet->level())),
            ),
        ]);
    }
}
