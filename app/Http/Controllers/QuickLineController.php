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
    /** What may follow a post, to be filled in at a touch. */
    private const VERBS = ['hole', 'rock', 'rod', 'plumb', 'set', 'filled', 'top', 'cut', 'note'];

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
        if (preg_match('/^[a-z]{1,2}\d{1,3}$/i', $line)) {
            return response(implode(' ', array_map(fn (string $verb) => '<button type="button" class="fill" data-fill="'.e("{$line} {$verb} ").'">'.e($verb).'</button>', self::VERBS)));
        }
        try {
            return response('read as: '.Typeset::sentence((new EntryWords($state))->say($state->quickLine()->read($line))));
        } catch (Refusal $refusal) {
            return response('<span class="echo-refused">'.Typeset::sentence($refusal->getMessage()).'</span>');
        }
    }
}
