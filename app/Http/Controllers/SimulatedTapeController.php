<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Measure\TapeClass;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Words\Speech;
use App\Demo\Shelter;
use App\Demo\SimulatedTape;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The demo’s own tape: it fills the field, as a helper would call the number out. Nothing is stored until it is written down. */
final class SimulatedTapeController extends Controller
{
    public function __invoke(Request $request, Job $job, SimulatedTape $tape): RedirectResponse
    {
        $site = $this->site($job)->state;
        try {
            [$from, $to] = [
                $site->plan->grid->labelled($request->string('from')->value()), $site->plan->grid->labelled($request->string('to')->value()),
            ];
        } catch (PlanRefused $refusal) {
            return back()->withInput()->withErrors(['distance' => (string) (new Speech($site->plan))->say($refusal->fact)]);
        }
        $reads = $job->name === Shelter::NAME && $from !== $to
            ? $tape->read($site->plan, $site->log, $from, $to, TapeClass::tryFrom($request->string('tape')->value()) ?? TapeClass::Steel)
            : null;
        if ($reads === null) {
            return back()->withInput()->withErrors(
                [
                    'distance' => 'The demo tape knows the cider-press shelter as it was planned at first, and two different stakes of it. Type a reading of your own.',
                ],
            );
        }

        return back()->withInput(['distance' => $site->plan->write($reads)] + $request->except('_token', 'client_id'));
    }
}
