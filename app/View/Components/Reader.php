<?php

declare(strict_types=1);

namespace App\View\Components;

use Aequus\Guide\Move\Move;
use App\Practice\Practice;
use App\Site\JobSite;
use App\World\StandIn;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** Whoever can read what a move asks for: a stand-in while practice is on, or a true instrument. */
final class Reader extends Component
{
    public ?StandIn $reader;

    /** @param  string  $post  whose page it stands on; empty for none */
    public function __construct(public JobSite $site, Move $move, Practice $practice, public string $post = '')
    {
        $this->reader = $practice->reader($site->job, $move);
    }

    public function render(): View
    {
        return view('components.reader');
    }
}
