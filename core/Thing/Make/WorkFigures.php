<?php

declare(strict_types=1);

namespace Aequus\Thing\Make;

use Aequus\Fact\Fact;
use Aequus\Plan\Grid\Gauge;
use Aequus\Plan\Plan;
use Aequus\Plan\Work\Crew;
use Aequus\Plan\Work\Lasting;
use Aequus\Plan\Work\Make;

/** What the answers about the work itself come to. */
final class WorkFigures
{
    /** @return list<Fact> none where everything is as usual */
    public static function of(Plan $plan): array
    {
        $thick = $plan->post->thicker();
        $gauges = $plan->work->crew === Crew::Alone ? $plan->gauges() : [];
        $made = match ($plan->work->make) {
            Make::Sawn => [],
            Make::RoughSawn => [Fact::of(Figure::RoughSawn, number: $thick)],
            Make::Pole => [Fact::of(Figure::Pole, number: $thick)],
            Make::TwoPieces => [Fact::of(Figure::TwoPieces, number: $thick->half(), thick: $thick)],
        };
        $held = $plan->grid->posts[0]->id;

        return [
            ...$made,
            ...($gauges === [] ? [] : [
                Fact::of(Figure::GaugeBoards, number: $gauges[0]->length, lengths: array_map(fn (Gauge $gauge) => $gauge->length, $gauges)),
            ]),
            ...($plan->work->lasting === Lasting::Stays ? [] : [
                Fact::of(
                    $plan->work->lasting->comesOut() ? Figure::HeldToComeOut : Figure::ScrewedToComeOff, number: $plan->standing,
                    hold: $plan->holdOf($held),
                ),
            ]),
        ];
    }
}
