<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clear\WaysClear;
use App\Drawing\PlanDrawing;
use App\Models\Job;
use Illuminate\Contracts\View\View;

final class ClearController extends Controller
{
    public function show(Job $job): View
    {
        $site = $this->site($job);

        return $this->page('clear.show', $site, ['drawing' => PlanDrawing::clear($site->state), 'ways' => new WaysClear($site->state)]);
    }
}
