<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Plan\Plan;
use App\Type\Say;

/** What every height is measured from. */
final class BenchmarkForm extends EntryRequest
{
    protected const MAIN_FIELD = 'height';

    protected function payload(Plan $plan): ?Payload
    {
        if ($this->text('name') === '') {
            $this->refuse('name', Say::text('refusals.benchmark.say_what_the_benchmark_is'));
        }
        $height = $this->measure('height', $plan);

        return $height && $this->refusals === [] ? new BenchmarkChosen($this->text('name'), $height) : null;
    }
}
