<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Logbook\Entry;
use Aequus\Logbook\EntryKind;
use Aequus\Words\EntryWords;
use App\Actions\NewEntry;
use App\Actions\RecordEntry;
use App\Http\Requests\Entries\EntryRequest;
use App\Logbook\WrittenMeanwhile;
use App\Models\Job;
use App\Type\Say;
use Carbon\CarbonImmutable;
use DateTimeInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Takes whatever is written into the logbook by a form, of any kind. */
final class EntryController extends Controller
{
    public function store(Request $http, Job $job, EntryKind $kind, RecordEntry $record, WrittenMeanwhile $meanwhile): RedirectResponse|JsonResponse
    {
        $request = app(EntryRequest::of($kind));
        $last = null;
        foreach ($request->newEntries() as $new) {
            $theirs = $http->expectsJson() && $http->filled('seen')
                ? $meanwhile($job, $new, $http->integer('seen'), explode(' ', $http->string('own')->value())) : null;
            if ($theirs !== null) {
                return $this->clash($job, $new, $theirs);
            }
            $last = $record($job, $this->user($http), $new);
        }

        return $this->onward($http, $job, $request::OPENS)->with('recorded', $last?->sequence)->with(
            $request::SAYS === '' ? [] : ['said' => Say::text($request::SAYS)],
        );
    }

    /** Neither is taken for the other: both are shown to whoever wrote the later one. */
    private function clash(Job $job, NewEntry $new, Entry $theirs): JsonResponse
    {
        $words = new EntryWords($this->site($job)->state);
        $at = fn (DateTimeInterface $time): string => CarbonImmutable::instance($time)->setTimezone($job->zone)->format('j M, H:i');

        return response()->json([
            'message' => Say::text('answers.written_meanwhile'),
            'theirs' => [
                'says' => (string) $words->say($theirs->payload), 'who' => $theirs->readBy ?: $theirs->recordedBy, 'at' => $at($theirs->measuredAt()),
            ],
            'mine' => ['says' => (string) $words->say($new->payload), 'at' => $at($new->measuredAt ?? CarbonImmutable::now())],
        ], 409);
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
