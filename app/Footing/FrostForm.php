<?php

declare(strict_types=1);

namespace App\Footing;

use Aequus\Footing\FrostEstimate;
use Aequus\Measure\Length;
use App\View\QueryForm;

/** Frost depth looked up at the made-up desk or estimated, asked in the address; it is never put in force from here. */
final readonly class FrostForm
{
    public ?Length $atDesk;

    public ?Length $estimate;

    public string $place;

    public function __construct(public QueryForm $sums)
    {
        $this->place = $sums->typed('place');
        $this->atDesk = CodeDesk::places()[$this->place] ?? null;
        $index = $sums->number('index', 1, 10_000);
        [$density, $water] = [$sums->number('density', 500, 2500), $sums->number('moisture', 1, 60)];
        $this->estimate = $index === null || $sums->refusals !== [] ? null : FrostEstimate::depth($index, $density ?? 1600.0, ($water ?? 15.0) / 100);
    }
}
