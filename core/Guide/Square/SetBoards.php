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
        $hand = $site->plan->notation->system()->hand;
        foreach ($rough?->off() ?? [] as [$wanted, $misfit]) {
            yield new Move(
                Phase::Square, $wanted->line === null
                    ? Fact::of(MoveKind::SetStakesNearer, from: $wanted->ends()->from, to: $wanted->ends()->to)
                    : Fact::of(MoveKind::SetStakeNearer, stake: $wanted->posts()[0], line: $wanted->line->name),
                [Fact::of($misfit->isNegative() ? MoveWhy::RoughTooLittle : MoveWhy::RoughTooMuch, misfit: $misfit->magnitude(), hand: $hand)],
                $misfit->magnitude(), Fact::of($misfit->isNegative() ? Beside::TooLittle : Beside::TooMuch), $wanted->posts(), $wanted->line === null
                    ? EntryKind::Tape : EntryKind::LineOffset, line: $wanted->line,
            );
        }
        if ($rough !== null && $site->square->verdict() === SquareVerdict::Rough) {
            yield new Move(
                Phase::Square, Fact::of(MoveKind::SetBoards), [
                    Fact::of(MoveWhy::OuterStakesStand, hand: $hand, within: $site->plan->tolerances->squareness),
                ],
                asks: EntryKind::BoardsUp,
            );
        }
    }
}
