<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Measure\Refusal;
use Aequus\Words\EntryWords;
use Aequus\Words\Speech;
use App\Actions\RecordEntry;
use App\Http\Requests\Entries\QuickLineRequest;
use App\Models\Job;
use App\Type\Say;
use App\Type\Typeset;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** One line that takes any entry for any post or pair. */
final class QuickLineController extends Controller
{
    /** What is understood is written down, one by one; what is not stays in the line with what is wrong with it. */
    public function store(QuickLineRequest $request, Job $job, RecordEntry $record): RedirectResponse
    {
        [$stored, $left, $wrong] = [[], [], []];
        foreach ($request->pieces() as $place => $piece) {
            try {
                $stored[] = $record($job, $this->user($request), $request->entryOf($piece, $place))->sequence;
            } catch (ValidationException $refused) {
                [$left[], $wrong[]] = [$piece, implode(' ', array_merge(...array_values($refused->errors())))];
            } catch (Refusal $refused) {
                [$left[], $wrong[]] = [$piece, (string) (new Speech($job->revision->plan()))->say($refused->fact)];
            }
        }
        $back = back()->with('recorded', $stored === [] ? null : end($stored));
        if ($left === []) {
            return $back;
        }
        $done = count($stored) === 0 ? '' : (count($stored) === 1 ? Say::text('answers.quick_line.one_entry_is_written_down') : Say::text(
            'answers.quick_line.entries_are_written_down', count: count($stored),
        ));

        $refusal = ['line' => $done.implode(' ', $wrong)];
        if ($request->expectsJson()) {
            // What waited for a connection is told, so that it stays where it was kept.
            throw ValidationException::withMessages($refusal);
        }

        return $back->withErrors($refusal)->withInput(['line' => implode('; ', $left)] + $request->input());
    }

    /** How a line is understood, before it is stored; what could follow while it is not whole. */
    public function echo(Request $request, Job $job): Response
    {
        $line = trim($request->string('line')->value());
        if ($line === '') {
            return response('');
        }
        $state = $this->site($job)->state;
        $next = $state->quickLine()->couldFollow($line);
        if ($next !== []) {
            return response(
                implode(
                    ' ',
                    array_map(
                        fn (string $word, string $whole) => '<button type="button" class="fill" data-fill="'.e("{$whole} ").'">'.e($word).'</button>',
                        array_keys($next), $next,
                    ),
                ),
            );
        }
        $pieces = preg_split('/\s*;\s*/u', $line, flags: PREG_SPLIT_NO_EMPTY) ?: [];

        return response(implode('<br>', array_map(function (string $piece) use ($state): string {
            try {
                return Say::text(
                    'answers.quick_line.read_as', say: Typeset::sentence((new EntryWords($state))->say($state->quickLine()->read($piece))),
                );
            } catch (Refusal $refusal) {
                return '<span class="echo-refused">'.Typeset::sentence((new Speech($state->plan))->say($refusal->fact)).'</span>';
            }
        }, $pieces)));
    }
}
