<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Diary\WeatherTold;
use Aequus\Logbook\Kind\Payload;
use Aequus\Measure\Temperature;
use Aequus\Measure\WeatherNotation;
use Aequus\Plan\Plan;
use App\Type\Say;

/** The weather of a day, as somebody’s own forecast has it. */
final class WeatherToldForm extends EntryRequest
{
    protected const MAIN_FIELD = 'least';

    protected const FIELDS = ['least' => 'least'];

    protected function payload(Plan $plan): ?Payload
    {
        $day = $this->day('day');
        [$least, $greatest] = [$this->celsius('least', $plan), $this->celsius('greatest', $plan)];
        [$rain, $gust] = [$this->decimal('rain', Say::text('days.no_figure')), $this->decimal('gust', Say::text('days.no_figure'))];
        [$from, $to] = [$this->hour('rain_from', 0), $this->hour('rain_to', 24)];
        if ($least === null || $greatest === null || $this->refusals !== []) {
            return null;
        }

        $units = new WeatherNotation($plan->notation->unit);

        return new WeatherTold(
            $day, $least, $greatest, $units->rainOf($rain ?? 0.0), $from, $to, $units->gustOf($gust ?? 0.0), $this->boolean('thunder'),
        );
    }

    private function celsius(string $field, Plan $plan): ?float
    {
        $read = Temperature::read($this->text($field), $plan->notation->unit);
        if ($read === null) {
            $this->refuse($field, Say::text('days.no_temperature'));
        }

        return $read?->celsius;
    }

    private function hour(string $field, int $else): int
    {
        $typed = $this->text($field);
        if ($typed !== '' && (! ctype_digit($typed) || (int) $typed > 24)) {
            $this->refuse($field, Say::text('days.no_hour'));
        }

        return ctype_digit($typed) ? (int) $typed : $else;
    }
}
