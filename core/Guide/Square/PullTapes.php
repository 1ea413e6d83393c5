<?php

declare(strict_types=1);

namespace Aequus\Guide\Square;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Measure\Length;
use Aequus\Plan\Terms\Shift;
use Aequus\Plan\Terms\Side;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Square\Readings\Wanted;

/** The readings that prove the layout, in walking order, while any of their posts can still be moved. */
enum PullTapes implements Says
{
    case PullTape;
    case MeasureOffString;
    case MeasureOffLine;

    case IfBothStand;
    case OnTheNails;
    case HandIsNearEnough;
    case StretchTheString;
    case StringRunsBeside;
    case SquareToIt;

    case StakeToStake;
    case TheString;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        if ($site->decided(DecisionAbout::AcceptOutline) !== null) {
            return;
        }
        foreach ($site->toRead() as $wanted) {
            $planned = $wanted->planned();
            if ($wanted->line !== null) {
                yield self::off($wanted);

                continue;
            }
            [$from, $to] = [$wanted->ends()->from, $wanted->ends()->to];
            yield $wanted->stake === null
                ? new Move(
                    Phase::Square, Fact::of(self::PullTape, from: $from, to: $to),
                    [
                        Fact::of(self::IfBothStand, planned: $planned),
                        Fact::of($site->square->rough === null ? self::OnTheNails : self::HandIsNearEnough),
                    ],
                    $planned, Fact::of($site->square->rough === null ? Beside::NailToNail : self::StakeToStake), $wanted->posts(), EntryKind::Tape,
                )
                : new Move(
                    Phase::Square, Fact::of(self::MeasureOffString, stake: $wanted->stake, from: $from, to: $to),
                    [self::howTheStringRuns($wanted)],
                    $planned->magnitude(), Fact::of(self::TheString), $wanted->posts(), EntryKind::StringOffset,
                );
        }
    }

    /** From nail to nail, or beside them where the plan has the strings run elsewhere. */
    private static function howTheStringRuns(Wanted $wanted): Fact
    {
        $planned = $wanted->planned();
        if ($wanted->ran()->isZero()) {
            return Fact::of(self::StretchTheString, stake: $wanted->stake, planned: $planned->magnitude());
        }
        $side = fn (Length $off): Side => $wanted->across()[$off->isNegative() ? 1 : 0];

        return Fact::of(
            self::StringRunsBeside, stake: $wanted->stake, ran: new Shift($side($wanted->ran()), $wanted->ran()->magnitude()),
            planned: new Shift($side($planned), $planned->magnitude()),
        );
    }

    private static function off(Wanted $wanted): Move
    {
        $planned = $wanted->planned()->magnitude();
        $name = $wanted->line->name ?? '';

        return new Move(
            Phase::Square, Fact::of(self::MeasureOffLine, stake: $wanted->posts()[0], line: $name),
            [Fact::of(self::SquareToIt, stake: $wanted->posts()[0], planned: $planned, line: $name)],
            $planned, Fact::of(Beside::SquareOffIt), $wanted->posts(), EntryKind::LineOffset, line: $wanted->line,
        );
    }
}
