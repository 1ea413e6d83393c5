<?php

declare(strict_types=1);

namespace Aequus\Plan\Stored;

use Aequus\Days\Hands;
use Aequus\Days\HoldRules;
use Aequus\Days\OnEarth;
use Aequus\Days\WorkCalendar;
use Aequus\Measure\Stored;

/** Who works, when, and on which days, as it is stored with a plan. */
final class HandsCodec
{
    /** @return array<string, mixed> */
    public static function encode(Hands $hands): array
    {
        return [
            ...($hands->holds == new HoldRules ? [] : ['holds' => [
                'pour' => $hands->holds->pour, 'frost' => $hands->holds->frost, 'rain' => $hands->holds->rain, 'gust' => $hands->holds->gust,
                'kept' => $hands->holds->kept,
            ]]),
            ...($hands->others === [] ? [] : [
                'others' => array_map(fn (int $day, int $people) => [$day, $people], array_keys($hands->others), $hands->others),
            ]),
            'people' => $hands->people, 'from' => $hands->from, 'to' => $hands->to, 'rest' => $hands->calendar->restDays,
            'holidays' => $hands->calendar->holidays, ...($hands->rates === [] ? [] : ['rates' => $hands->rates]),
            ...($hands->place === null ? [] : [
                'place' => ['latitude' => $hands->place->latitude, 'longitude' => $hands->place->longitude, 'offset' => $hands->place->offset],
            ]),
        ];
    }

    public static function decode(Stored $stored): Hands
    {
        [$place, $holds] = [$stored->inOrNone('place'), $stored->inOrNone('holds')];

        return new Hands(
            $stored->whole('people'), $stored->whole('from'), $stored->whole('to'),
            new WorkCalendar($stored->wholes('rest'), array_values($stored->texts('holidays'))),
            $place === null ? null : new OnEarth($place->real('latitude'), $place->real('longitude'), $place->whole('offset')),
            $stored->reals('rates'),
            $holds === null ? new HoldRules
                : new HoldRules($holds->real('pour'), $holds->real('frost'), $holds->real('rain'), $holds->real('gust'), $holds->real('kept')),
            array_column(array_map(fn (Stored $one) => [$one->whole(0), $one->whole(1)], $stored->each('others')), 1, 0),
        );
    }
}
