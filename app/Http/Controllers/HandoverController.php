<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aequus\Words\VerdictWords;
use App\Drawing\PlanDrawing;
use App\Models\Job;
use App\Paper\RecordSheet;
use Illuminate\Contracts\View\View;

final class HandoverController extends Controller
{
    public function show(Job $job): View
    {
        $site = $this->site($job);

        return $this->page(
            'handover.show', $site,
            [
                'handover' => $site->state->handover(), 'drawing' => PlanDrawing::set($site->state), 'words' => new VerdictWords($site->state),
                'sheet' => new RecordSheet($site->state, $job),
            ],
        );
    }
}
