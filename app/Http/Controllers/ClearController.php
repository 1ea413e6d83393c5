<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clear\WaysClear;
use App\Drawing\PlanDrawing;
use App\Http\Requests\NoticeRequest;
use App\Http\Requests\ServiceRequest;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class ClearController extends Controller
{
    public function show(Job $job): View
    {
        $site = $this->site($job);

        return view('clear.show', ['site' => $site, 'drawing' => PlanDrawing::clear($site->state), 'ways' => new WaysClear($site->state)]);
    }

    public function notice(NoticeRequest $request, Job $job): RedirectResponse
    {
        return $this->record($request, $job);
    }

    public function service(ServiceRequest $request, Job $job): RedirectResponse
    {
        return $this->record($request, $job);
    }
}
