<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Logbook\Payload;
use Aequus\Logbook\TapeReading;
use Aequus\Plan\Plan;
use App\Site\ReadSite;

/** One line that says any entry. */
final class QuickLineRequest extends EntryRequest
{
    use AsksAboutTapes;

    protected const MAIN_FIELD = 'line';

    protected function payload(Plan $plan): ?Payload
    {
        $said = app(ReadSite::class)->of($this->job())->state->quickLine()->read($this->text('line'));
        if ($said instanceof TapeReading) {
            $this->askAbout($plan, $said, 'line');
        }

        return $this->refusals === [] ? $said : null;
    }
}
