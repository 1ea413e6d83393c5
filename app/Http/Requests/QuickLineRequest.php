<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Logbook\Payload;
use Aequus\Plan\Plan;
use App\Site\ReadSite;

/** One line that says any entry. */
final class QuickLineRequest extends EntryRequest
{
    /** At the end of a line: what was asked about is right. */
    private const RIGHT = '/\s+right as typed$/i';

    protected const MAIN_FIELD = 'line';

    protected function payload(Plan $plan): Payload
    {
        return app(ReadSite::class)->of($this->job())->state->quickLine()->read((string) preg_replace(self::RIGHT, '', $this->text('line')));
    }

    protected function saysRight(): bool
    {
        return preg_match(self::RIGHT, $this->text('line')) === 1;
    }
}
