<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Measure\Length;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Square\TakenReadings;
use Aequus\Square\Taped;

/** A reading that stands alone against all others is pulled again at once: while one still stands there it costs the least. */
final readonly class PullAgain implements Rule
{
    public function moves(SiteState $site): iterable
    {
        if ($site->decided(DecisionAbout::AcceptOutline) !== null) {
            return;
        }
        foreach ($site->square->readTwiceApart() as $taped) {
            yield self::again($taped, "It was read more than once, {$site->plan->write($taped->spread)} apart. Read it once more and correct the wrong one.");
        }
        foreach ($site->square->toPullAgain() as $taped) {
            $wrong = $site->square->survey->mistakes?->drops(TakenReadings::id((int) array_key_first($taped->readings)));
            $off = Length::millimetres($wrong->mistake ?? 0.0);
            yield self::again($taped, "It reads {$site->plan->write($off->magnitude())} too ".($off->isPositive() ? 'much' : 'little').': all other readings agree with each other and not with this one. It is left out until it is read again.');
        }
    }

    public static function again(Taped $taped, string $why): Move
    {
        return new Move(Phase::Square, "Pull {$taped->pair->label()} again", $why, $taped->distance, 'is what was read', [$taped->pair->from, $taped->pair->to], EntryKind::Tape, array_key_last($taped->readings));
    }
}
