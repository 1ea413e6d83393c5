<?php

declare(strict_types=1);

namespace Aequus\Guide\Square;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Kind\EntryKind;
use Aequus\Measure\Length;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Square\Readings\TakenReadings;
use Aequus\Square\Readings\Taped;

/** A reading that stands alone against all others is pulled again at once: while one still stands there it costs the least. */
final readonly class PullAgain implements Rule
{
    public function moves(SiteState $site): iterable
    {
        if ($site->decided(DecisionAbout::AcceptOutline) !== null) {
            return;
        }
        foreach ($site->square->readTwiceApart() as $taped) {
            yield self::again($taped, Fact::of(MoveWhy::ReadTwiceApart, spread: $taped->spread));
        }
        foreach ($site->square->toPullAgain() as $taped) {
            $wrong = $site->square->survey->mistakes?->drops(TakenReadings::id((int) array_key_first($taped->readings)));
            $off = Length::millimetres($wrong->mistake ?? 0.0);
            yield self::again(
                $taped, Fact::of($off->isPositive() ? MoveWhy::TooMuchAgainstAll : MoveWhy::TooLittleAgainstAll, misfit: $off->magnitude()),
            );
        }
    }

    public static function again(Taped $taped, Fact ...$why): Move
    {
        $do = Fact::of(MoveKind::PullAgain, from: $taped->pair->from, to: $taped->pair->to);

        return new Move(
            Phase::Square, $do, array_values($why), $taped->distance, Fact::of(Beside::WhatWasRead), [$taped->pair->from, $taped->pair->to],
            EntryKind::Tape, array_key_last($taped->readings),
        );
    }
}
