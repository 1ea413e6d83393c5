<?php

declare(strict_types=1);

namespace Aequus\Guide\Square;

use Aequus\Adjust\GrossErrors\SearchEnd;
use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\PostId;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Readings that contradict each other and can’t be told apart: first the one further distance that tells, else each again, longest first. */
enum SettleContradiction implements Says
{
    case SettleContradiction;

    case GrossContradiction;
    case NotAllTrue;
    case MoreThanTwoWrong;
    case OneFurtherTape;
    case LongestFirst;
    case TapeOrLooseStake;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        $square = $site->square;
        if (! $square->survey->isInDoubt() && $square->survey->unsettled === [] || $site->decided(DecisionAbout::AcceptOutline) !== null) {
            return;
        }
        $named = count($square->survey->mistakes->named ?? []);
        $why = $square->survey->unsettled !== []
            ? Fact::of(self::GrossContradiction)
            : Fact::of($square->survey->mistakes?->end === SearchEnd::MoreThanTwo ? self::MoreThanTwoWrong : self::NotAllTrue, count: $named);
        $tell = $square->survey->separation;
        if ($tell !== null && $tell->separatesAll()) {
            [$from, $to] = array_map(fn (string $id) => $site->plan->grid->find(PostId::of($id)), $tell->of);
            if ($from !== null && $to !== null) {
                $planned = $from->at->distanceTo($to->at);
                yield new Move(
                    Phase::Square, Fact::of(PullTapes::PullTape, from: $from, to: $to), [$why, Fact::of(self::OneFurtherTape, planned: $planned)],
                    $planned, Fact::of(Beside::NailToNail), [$from, $to], EntryKind::Tape,
                );
            }
        }
        $doubtful = $square->survey->unsettled !== [] ? $square->taken->all() : $square->doubtful();
        foreach ($doubtful as $taken) {
            if (! $taken->wasReadAgain()) {
                yield ReadAgain::again($taken, $why, Fact::of(self::LongestFirst));
            }
        }
        yield new Move(
            Phase::Square, Fact::of(self::SettleContradiction), [$why, Fact::of(self::TapeOrLooseStake)],
            Length::millimetres(self::misfit($site)), Fact::of(Beside::LargestMisfit), asks: EntryKind::Decision,
        );
    }

    private static function misfit(SiteState $site): float
    {
        $off = array_map(fn ($judged) => abs($judged->off), $site->square->survey->judged);

        return $off === [] ? 0.0 : max($off);
    }
}
