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
use Aequus\Square\SquareVerdict;

/** Where stakes are set roughly first: those more than a hand off are set again, then boards and strings take over from them. */
enum SetBoards implements Says
{
    case SetStakesNearer;
    case SetStakeNearer;
    case SetBoards;

    case RoughTooMuch;
    case RoughTooLittle;
    case OuterStakesStand;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        $rough = $site->decided(DecisionAbout::AcceptOutline) === null ? $site->square->rough : null;
        $hand = $site->plan->notation->system()->hand;
        foreach ($rough?->off() ?? [] as [$wanted, $misfit]) {
            yield new Move(
                Phase::Square, $wanted->line === null
                    ? Fact::of(self::SetStakesNearer, from: $wanted->ends()->from, to: $wanted->ends()->to)
                    : Fact::of(self::SetStakeNearer, stake: $wanted->posts()[0], line: $wanted->line->name),
                [Fact::of($misfit->isNegative() ? self::RoughTooLittle : self::RoughTooMuch, misfit: $misfit->magnitude(), hand: $hand)],
                $misfit->magnitude(), Fact::of($misfit->isNegative() ? Beside::TooLittle : Beside::TooMuch), $wanted->posts(), $wanted->line === null
                    ? EntryKind::Tape : EntryKind::LineOffset, line: $wanted->line,
            );
        }
        if ($rough !== null && $site->square->verdict() === SquareVerdict::Rough) {
            yield new Move(
                Phase::Square, Fact::of(self::SetBoards), [
                    Fact::of(self::OuterStakesStand, hand: $hand, within: $site->plan->tolerances->squareness),
                ],
                asks: EntryKind::BoardsUp,
            );
        }
    }
}
