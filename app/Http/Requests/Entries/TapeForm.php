<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Square\TapeLay;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\TapeClass;
use Aequus\Measure\TapeConditions;
use Aequus\Plan\Plan;
use App\Type\Say;

/** A tape pulled between two stakes: fields, or one quick line such as “a1-c3 36' 10 1/4”. */
final class TapeForm extends EntryRequest
{
    public const OPENS = 'square';

    protected const MAIN_FIELD = 'distance';

    protected function payload(Plan $plan): ?Payload
    {
        [$from, $to, $distance, $tape] = [
            $this->postAt($plan, 'from'), $this->postAt($plan, 'to'), $this->measure('distance', $plan), $this->choice('tape', TapeClass::class),
        ];
        $lay = $this->text('lay') === '' ? TapeLay::Level : $this->choice('lay', TapeLay::class);
        $rise = $lay === TapeLay::AlongGround ? $this->lengthOrNone('rise', $plan->notation->unit) : null;
        $conditions = $this->conditions($tape);
        if (! $from || ! $to || ! $distance || ! $tape || ! $lay || $this->refusals !== []) {
            return null;
        }

        return $this->attempt(
            'distance', fn () => new TapeReading($from, $to, $distance, $tape, mb_substr($this->text('tape_name'), 0, 40), $lay, $rise, $conditions),
        );
    }

    private function conditions(?TapeClass $tape): ?TapeConditions
    {
        $celsius = $this->number('celsius', -40, 60, 'A temperature lies between −40 and 60 °C.');
        $newtons = $this->number('newtons', 5, 300, 'A pull lies between 5 and 300 N; a kilogram is about 10 N.');
        $hangs = $this->boolean('hangs');
        if ($celsius === null && $newtons === null && ! $hangs) {
            return null;
        }
        if ($tape === TapeClass::Fibreglass || $tape === TapeClass::LaserMeter) {
            $this->refuse('celsius', Say::text('refusals.tape.temperature_pull_and_sag_are'));
        }

        return new TapeConditions($celsius, $newtons, hangsWhole: $hangs);
    }

    private function number(string $field, float $least, float $most, string $sentence): ?float
    {
        $typed = str_replace(',', '.', $this->text($field));
        if ($typed === '') {
            return null;
        }
        if (! is_numeric($typed) || (float) $typed < $least || (float) $typed > $most) {
            $this->refuse($field, $sentence);

            return null;
        }

        return (float) $typed;
    }
}
