<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\PlanDrawing;
use App\Http\Requests\BenchmarkRequest;
use App\Http\Requests\RodRequest;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class LevelController extends Controller
{
    public function show(Job $job): View
    {
        $site = $this->site($job);

        return view('level.show', ['site' => $site, 'drawing' => PlanDrawing::ground($site->state)]);
    }

    public function benchmark(BenchmarkRequest $request, Job $job): RedirectResponse
    {
        return $this->record($request, $job);
    }

    public function rod(RodRequest $request, Job $job): RedirectResponse
    {
        return $this->record($request, $job);
    }
}
