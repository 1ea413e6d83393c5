<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Measure\Refusal;
use App\Http\Requests\QuickLineRequest;
use App\Logbook\EntryWords;
use App\Models\Job;
use App\View\Typeset;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** One line that takes any entry for any post or pair. */
final class QuickLineController extends Controller
{
    public function store(QuickLineRequest $request, Job $job): RedirectResponse
    {
        return $this->record($request, $job);
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
            return response(implode(' ', array_map(fn (string $word, string $whole) => '<button type="button" class="fill" data-fill="'.e("{$whole} ").'">'.e($word).'</button>', array_keys($next), $next)));
        }
        try {
            return response('read as: '.Typeset::sentence((new EntryWords($state))->say($state->quickLine()->read($line))));
        } catch (Refusal $refusal) {
            return response('<span class="echo-refused">'.Typeset::sentence($refusal->getMessage()).'</span>');
        }
    }
}
