<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Logbook\EntryKind;
use App\Actions\RecordEntry;
use App\Http\Requests\Entries\EntryRequest;
use App\Models\Job;
use App\Type\Say;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Takes whatever is written into the logbook by a form, of any kind. */
final class EntryController extends Controller
{
    public function store(Request $http, Job $job, EntryKind $kind, RecordEntry $record): RedirectResponse
    {
        $request = app(EntryRequest::of($kind));
        $last = null;
        foreach ($request->newEntries() as $new) {
            $last = $record($job, $this->user($http), $new);
        }

        return $this->onward($http, $job, $request::OPENS)->with('recorded', $last?->sequence)->with(
            $request::SAYS === '' ? [] : ['said' => Say::text($request::SAYS)],
        );
    }

    /** On a walk to the next post, on a round the page stays; else back, or to the page of the next reading. */
    private function onward(Request $http, Job $job, string $opens): RedirectResponse
    {
        return match (true) {
            $http->filled('walk') => redirect()->route('set.walk', [$job, $http->string('walk')->value()]),
            $http->filled('round'), $opens === '' => back(),
            default => redirect()->route($opens, $job),
        };
    }
}
