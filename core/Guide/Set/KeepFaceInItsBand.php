<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Guide\Square\PullTapes;
use Aequus\Logbook\EntryKind;
use Aequus\Plan\Terms\Side;
use Aequus\Site\FaceByRule;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Thing\Terms\InBand;

/** A face that a rule keeps off an edge: its stake is measured before the hole is dug, the post before it is filled, and moved while it can be. */
enum KeepFaceInItsBand implements Says
{
    case ShiftInTheHole;
    case FaceStaysOut;

    case FaceByRule;
    case FaceOutOfItsBand;
    case NoPlaceKeepsCover;
    case HoleLetsItNoFurther;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        $face = FaceByRule::of($site);
        if ($face === null || $face->isTaken()) {
            return;
        }
        $allowed = ['line' => $face->edge->name, 'least' => $face->band->least, 'most' => $face->band->most];
        $asRead = $face->asRead();
        if ($asRead === null) {
            yield new Move(
                Phase::Square, Fact::of(PullTapes::MeasureOffLine, stake: $face->post, line: $face->edge->name),
                [Fact::of(self::FaceByRule, ...$allowed, reach: $face->reach, planned: $face->planned())],
                $face->planned(), Fact::of(Beside::SquareOffIt), [$face->post], EntryKind::LineOffset, line: $face->edge,
            );

            return;
        }
        if ($asRead->verdict === InBand::Within) {
            return;
        }
        $isLoose = ! $site->isFilled($face->post);
        // A stake is simply put elsewhere; a post that is set only as far as its hole lets it.
        $by = $site->standing($face->post)->set ? $asRead->moveAllowed : $asRead->move;
        $awayFromEdge = Side::MinusY->opposite();
        yield new Move(
            Phase::Square, Fact::of($isLoose && $by !== null ? self::ShiftInTheHole : self::FaceStaysOut, post: $face->post), [
                Fact::of(self::FaceOutOfItsBand, ...$allowed, setback: $asRead->setback),
                ...($isLoose && $by === null ? [Fact::of(self::NoPlaceKeepsCover)] : []),
                ...($isLoose && $by !== null && $site->standing($face->post)->set && $asRead->stillOutBy?->isPositive() === true
                    ? [Fact::of(self::HoleLetsItNoFurther, still: $asRead->stillOutBy)] : []),
                ...($isLoose ? [] : [Fact::of(SettleFoot::FilledAsItStands)]),
            ],
            $by?->magnitude() ?? $asRead->outBy(), $by === null || ! $isLoose ? null : Fact::of(
                Beside::Toward, side: $by->isNegative() ? $awayFromEdge->opposite() : $awayFromEdge,
            ), [$face->post], $isLoose && $by !== null ? EntryKind::LineOffset : EntryKind::Decision, line: $face->edge,
        );
    }
}
