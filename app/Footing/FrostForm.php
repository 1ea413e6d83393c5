<?php

declare(strict_types=1);

namespace App\Footing;

use Aequus\Footing\FrostEstimate;
use Aequus\Measure\Length;
use Aequus\Measure\LoadNotation;
use Aequus\Measure\WeatherNotation;
use Aequus\Plan\Plan;
use App\Type\Say;
use App\View\QueryForm;
use App\World\CodeDesk;
use App\World\District;

/** Frost depth looked up at the made-up desk or estimated, asked in the address; it is never put in force from here. */
final readonly class FrostForm
{
    /** What the desk says of the place asked for; null where it has none. */
    public ?District $atDesk;

    /** @var array<string, string> places of the desk, as a choice */
    public array $places;

    public ?Length $estimate;

    public string $place;

    public function __construct(public QueryForm $sums, private Plan $plan, CodeDesk $desk)
    {
        $this->place = $sums->typed('place');
        $districts = $desk->districts();
        $this->atDesk = $districts[$this->place] ?? null;
        $named = fn (string $place): string => $desk->isMadeUp() ? Say::text('footing.frost.made_up', place: $place) : $place;
        $this->places = ['' => Say::text('page.none')] + array_combine(array_keys($districts), array_map($named, array_keys($districts)));
        $index = $sums->number('index', 1, 10_000);
        [$density, $water] = [$sums->number('density', 500, 2500), $sums->number('moisture', 1, 60)];
        $this->estimate = $index === null || $sums->refusals !== [] ? null : FrostEstimate::depth($index, $density ?? 1600.0, ($water ?? 15.0) / 100);
    }

    /** @return list<string> what its code asks, in words and in the units of the job; none where no place was asked for */
    public function asked(): array
    {
        $notation = $this->plan->notation;

        return $this->atDesk === null ? [] : [
            Say::text('footing.frost.code_frost', frost: $this->plan->write($this->atDesk->frost)),
            Say::text('footing.frost.code_least', least: $this->plan->write($this->atDesk->least)),
            Say::text('footing.frost.code_wind', wind: (new WeatherNotation($notation->unit))->gust($this->atDesk->wind)),
            Say::text('footing.frost.code_snow', snow: (new LoadNotation($notation->unit))->pressure($this->atDesk->snow)),
        ];
    }
}
