<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Level\TwoPegTest;
use Aequus\Logbook\BeamTested;
use Aequus\Logbook\Payload;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;

/** A laser or optical level tested by two pegs, written down so that its error is taken out of rods. */
final class BeamRequest extends EntryRequest
{
    /** The fields of the test, in the order TwoPegTest takes them. */
    public const FIELDS = ['a_1', 'b_1', 'a_2', 'b_2', 'to_a_1', 'to_b_1', 'to_a_2', 'to_b_2'];

    protected const MAIN_FIELD = 'to_a_2';

    protected function payload(Plan $plan): ?Payload
    {
        $read = array_map(fn (string $field) => $this->measure($field, $plan), self::FIELDS);
        $lengths = array_values(array_filter($read, fn (?Length $one) => $one !== null));

        return count($lengths) === count(self::FIELDS) ? new BeamTested(TwoPegTest::error(...$lengths)) : null;
    }
}
