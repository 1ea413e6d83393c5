<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Square\SquareVerdict;

/** Where stakes are set roughly first: those more than a hand off are set again, then boards and strings take over from them. */
final readonly class SetBoards implements Rule
{
    public function moves(SiteState $site): iterable
    {
        $rough = $site->decided(DecisionAbout::AcceptOutline) === null ? $site->square->rough : null;
        $hand = $site->plan->write($site->plan->notation->handsBreadth());
        foreach ($rough?->off() ?? [] as [$wanted, $misfit]) {
            yield new Move(
                Phase::Square, $wanted->line === null ? "Set the stakes nearer and pull {$wanted->label()} again" : "Set the stake nearer and measure {$wanted->label()} again",
                'It reads '.$site->plan->write($misfit->magnitude()).' too '.($misfit->isNegative() ? 'little' : 'much').". Before there are boards a stake stands within {$hand} of its place.",
                $misfit->magnitude(), $misfit->isNegative() ? 'too little' : 'too much', $wanted->posts(), $wanted->line === null ? EntryKind::Tape : EntryKind::LineOffset, line: $wanted->line,
            );
        }
        if ($rough !== null && $site->square->verdict() === SquareVerdict::Rough) {
            yield new Move(
                Phase::Square, 'Set the batter boards and pull the strings',
                "The outer stakes stand within {$hand}; those between take their places from the strings. Digging takes them away; nails on boards and the strings between them stay. Where each board and nail stands is told under Setting out. Then the layout is proved to {$site->plan->write($site->plan->tolerances->squareness)} on the nails.",
                asks: EntryKind::BoardsUp,
            );
        }
    }
}
