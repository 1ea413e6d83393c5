<?php

declare(strict_types=1);

namespace Aequus\Guide\Square;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Square\Readings\TakenReading;
use Aequus\Square\Readings\TakenReadings;

/** A tape or an offset that stands alone against all others is read again at once: while one still stands there it costs the least. */
enum ReadAgain implements Says
{
    case PullAgain;
    case MeasureOffStringAgain;
    case MeasureOffLineAgain;

    case ReadTwiceApart;
    case TooMuchAgainstAll;
    case TooLittleAgainstAll;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        if ($site->decided(DecisionAbout::AcceptOutline) !== null) {
            return;
        }
        foreach ($site->square->readTwiceApart() as $taped) {
            $taken = $site->square->taken->holding(TakenReadings::id((int) array_key_first($taped->readings)));
            if ($taken !== null) {
                yield self::again($taken, Fact::of(self::ReadTwiceApart, spread: $taped->spread));
            }
        }
        foreach ($site->square->toReadAgain() as $taken) {
            $wrong = $site->square->survey->mistakes?->drops(TakenReadings::id($taken->sequences[0]));
            $off = $taken->misfit($wrong->mistake ?? 0.0);
            yield self::again(
                $taken, Fact::of($off->isPositive() ? self::TooMuchAgainstAll : self::TooLittleAgainstAll, misfit: $off->magnitude()),
            );
        }
    }

    public static function again(TakenReading $taken, Fact ...$why): Move
    {
        $wanted = $taken->wanted;
        [$do, $asks] = match (true) {
            $wanted->stake === null => [Fact::of(self::PullAgain, from: $wanted->ends()->from, to: $wanted->ends()->to), EntryKind::Tape],
            $wanted->line !== null => [
                Fact::of(self::MeasureOffLineAgain, stake: $wanted->stake, line: $wanted->line->name), EntryKind::LineOffset,
            ],
            default => [
                Fact::of(self::MeasureOffStringAgain, stake: $wanted->stake, from: $wanted->ends()->from, to: $wanted->ends()->to),
                EntryKind::StringOffset,
            ],
        };

        return new Move(
            Phase::Square, $do, array_values($why), $taken->reads->magnitude(), Fact::of(Beside::WhatWasRead), $wanted->posts(), $asks,
            $taken->sequences[count($taken->sequences) - 1], line: $wanted->line,
        );
    }
}
