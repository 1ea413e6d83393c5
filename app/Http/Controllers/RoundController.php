<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Round\RoundKind;
use App\Round\RoundSheet;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** A whole round on one screen: tapes, rods, holes, plumb or tops, each stored as its field is left. */
final class RoundController extends Controller
{
    public function __invoke(Request $request, Job $job, RoundKind $kind): View
    {
        $site = $this->site($job);

        $sums = $this->sums($request, $job);
        $level = $sums->lengths(['level'])[0] ?? null;
        $sheet = new RoundSheet($kind, $site->state, mb_substr($request->string('set_up')->value(), 0, 20), $level?->isPositive() ? $level : null);

        return $this->page(
            'round.show', $site,
            [
                'phase' => $kind->phase(), 'sheet' => $sheet,
                'held' => $sums->field('level', 'With a level of', 'Now '.$site->plan->write($sheet->level()).'.'),
            ],
        );
    }
}
