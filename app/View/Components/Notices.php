<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Support\ViewErrorBag;
use Illuminate\View\Component;

/** What became of what was sent last, at the top of the page. */
final class Notices extends Component
{
    /** Refusals that belong to no field. */
    public const WHOLE = ['refused', 'plan'];

    /** How many fields were refused. */
    public int $fields;

    /** Whether the page is one of a job, whose entries can be taken back. */
    public bool $isOfAJob;

    public function __construct()
    {
        $errors = session('errors');
        $this->fields = $errors instanceof ViewErrorBag ? count(array_diff($errors->getBag('default')->keys(), self::WHOLE)) : 0;
        $this->isOfAJob = request()->route('job') instanceof Job;
    }

    public function render(): View
    {
        return view('components.notices');
    }
}
