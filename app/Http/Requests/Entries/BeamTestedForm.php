<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Level\TwoPegTest;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Level\BeamTested;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use App\Level\InstrumentSums;

/** A laser or optical level tested by two pegs, written down so that its error is taken out of rods. */
final class BeamTestedForm extends EntryRequest
{
    public const OPENS = 'level';

    protected const MAIN_FIELD = 'to_a_2';

    protected function payload(Plan $plan): ?Payload
    {
        $read = array_map(fn (string $field) => $this->measure($field, $plan), InstrumentSums::TWO_PEGS);
        $lengths = array_values(array_filter($read, fn (?Length $one) => $one !== null));

        return count($lengths) === count(InstrumentSums::TWO_PEGS) ? new BeamTested(TwoPegTest::error(...$lengths)) : null;
    }
}
