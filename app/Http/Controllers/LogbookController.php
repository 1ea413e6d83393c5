<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Logbook\EntryKind;
use App\Logbook\GoneLabels;
use App\Logbook\LogLines;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class LogbookController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        $site = $this->site($job);

        return $this->page('logbook.show', $site, ['lines' => new LogLines(
            $site->state, $job->zone, $request->filled('before') ? $request->integer('before') : null,
            $site->plan->grid->findLabelled($request->string('post')->value()), EntryKind::tryFrom($request->string('kind')->value()),
            GoneLabels::of($job, $site->state),
        )]);
    }
}
