<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Logbook\Payload;
use Aequus\Logbook\TapeReading;
use Aequus\Measure\LengthReader;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Plan;

/** A tape pulled between two stakes: two fields, or one quick line such as “a1-c3 36' 10 1/4”. */
final class TapeRequest extends EntryRequest
{
    protected const MAIN_FIELD = 'distance';

    protected function payload(Plan $plan): ?Payload
    {
        if ($this->text('quick') !== '') {
            return $this->quick($plan);
        }
        [$from, $to, $distance, $tape] = [$this->postAt($plan, 'from'), $this->postAt($plan, 'to'), $this->measure('distance', $plan), $this->choice('tape', TapeClass::class)];

        return $from && $to && $distance && $tape ? new TapeReading($from, $to, $distance, $tape) : null;
    }

    private function quick(Plan $plan): ?TapeReading
    {
        if (! preg_match('/^\s*([a-z]+\d+)\s*[-–\s]\s*([a-z]+\d+)[\s:=]+(.+)$/iu', $this->text('quick'), $typed)) {
            $this->refuse('quick', 'Two stakes and a length are wanted, such as a1-c3 36\' 10 1/4.');

            return null;
        }

        return $this->at('quick', fn () => new TapeReading(
            $plan->grid->labelled($typed[1])->id, $plan->grid->labelled($typed[2])->id,
            LengthReader::read($typed[3], $plan->notation->unit), TapeClass::tryFrom($this->text('tape')) ?? TapeClass::Steel,
        ));
    }
}
