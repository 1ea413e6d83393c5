<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Level\InstrumentChoice;
use Aequus\Words\LevelWords;
use App\Drawing\PlanDrawing;
use App\Level\GradeForm;
use App\Level\InstrumentSums;
use App\Level\LevelForm;
use App\Level\LevelSheet;
use App\Models\Job;
use App\Practice\Practice;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class LevelController extends Controller
{
    public function show(Request $request, Job $job, Practice $practice): View
    {
        $site = $this->site($job);
        $grade = new GradeForm($this->sums($request, $job), $site->state);

        return $this->page('level.show', $site, [
            'drawing' => PlanDrawing::ground($site->state, $grade->work), 'words' => new LevelWords($site->state),
            'sheet' => new LevelSheet($site->state),
            'form' => new LevelForm($site, $request->integer('again')), 'grade' => $grade, 'isPractice' => $practice->isOn($job),
        ]);
    }

    /** What each instrument would do on this grid, and tests of those at hand. */
    public function instruments(Request $request, Job $job): View
    {
        $site = $this->site($job);
        $tests = new InstrumentSums($this->sums($request, $job), $site->plan);

        return $this->page('level.instruments', $site, ['tests' => $tests, 'choice' => new InstrumentChoice($site->plan, $tests->board)]);
    }
}
