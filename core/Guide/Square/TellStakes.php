<?php

declare(strict_types=1);

namespace Aequus\Guide\Square;

use Aequus\Adjust\Placement\PlacedNetwork;
use Aequus\Adjust\Placement\PlacementWay;
use Aequus\Adjust\Placement\StakeVerdict;
use Aequus\Adjust\Solve\ErrorEllipse;
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
use Aequus\Square\Network\PlanNetwork;
use Aequus\Square\SquareVerdict;

/** Stakes of which nothing can be said yet: another way to judge, the tape that would tell, or an honest “not with this tape”. */
enum TellStakes implements Says
{
    case LookAtTheTape;
    case TakeUpAbove;
    case JudgeByTheLine;
    case JudgeAnotherWay;
    case ChangePlanToWhatStands;
    case UseABetterTape;

    case RougherThanClass;
    case SetAskewToLine;
    case SetOffTheLine;
    case StakesAskewToLine;
    case StakesOffTheLine;
    case SetOffAnyGrid;
    case ErrorsAddUp;
    case PlaceIsOpen;
    case CannotProve;

    case OffTheLine;
    case OutOfParallel;
    case OffItsPlace;
    case EitherWay;

    /** A further tape is worth pulling only when it leaves less than this share of what is open now. */
    private const WORTHWHILE = 0.9;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        if ($site->decided(DecisionAbout::AcceptOutline) !== null) {
            return;
        }
        yield from match ($site->square->verdict()) {
            SquareVerdict::RougherThanClass => [self::rougher($site)],
            SquareVerdict::DesignHasToGive => [self::designGives($site)],
            SquareVerdict::AgainstTheLine => [self::againstTheLine($site)],
            SquareVerdict::CannotTell => self::tell($site),
            default => [],
        };
    }

    private static function rougher(SiteState $site): Move
    {
        $times = number_format($site->square->survey->mistakes->s0 ?? 1.0, 1);

        return new Move(
            Phase::Square, Fact::of(self::LookAtTheTape), [Fact::of(self::RougherThanClass, times: $times, tape: $site->plan->layout->tape)],
            asks: EntryKind::Decision,
        );
    }

    /** The stakes agree among themselves and not with the line: whoever judged them another way is told what the line says. */
    private static function againstTheLine(SiteState $site): Move
    {
        $against = $site->square->survey->against;
        $name = $site->plan->fixedLine($against->line ?? '')->name ?? 'the line';
        $by = Length::millimetres(abs($against?->isOutOfParallel() ? $against->turned : $against->across ?? 0.0));

        $isAskew = $against?->isOutOfParallel() ?? false;
        if ($site->square->held !== []) {
            return new Move(
                Phase::Square, Fact::of(self::TakeUpAbove, line: $name), [
                    Fact::of($isAskew ? self::SetAskewToLine : self::SetOffTheLine, line: $name),
                ],
                $by, Fact::of(self::OffTheLine), asks: EntryKind::Decision,
            );
        }

        return new Move(
            Phase::Square, Fact::of(self::JudgeByTheLine), [
                Fact::of($isAskew ? self::StakesAskewToLine : self::StakesOffTheLine, line: $name),
            ],
            $by, Fact::of($isAskew ? self::OutOfParallel : self::OffItsPlace), asks: EntryKind::Decision,
        );
    }

    private static function designGives(SiteState $site): Move
    {
        $held = array_map(fn (string $id) => $site->square->survey->placed?->stakes[$id]->size() ?? 0.0, $site->square->survey->placed->held ?? []);
        $worst = Length::millimetres($held === [] ? 0.0 : max($held));

        return new Move(
            Phase::Square, Fact::of(self::ChangePlanToWhatStands), [Fact::of(self::SetOffAnyGrid, worst: $worst)],
            $worst, Fact::of(Beside::LargestMisfit), asks: EntryKind::Decision,
        );
    }

    /** @return iterable<Move> */
    private static function tell(SiteState $site): iterable
    {
        $plan = $site->plan;
        $placed = $site->square->survey->placed;
        if ($placed === null) {
            return;
        }
        $better = array_filter(
            $site->square->survey->placements, fn (PlacedNetwork $other) => $other->verdict !== StakeVerdict::CannotTell && $placed->held === [],
        );
        if ($better !== []) {
            $way = PlacementWay::from((string) array_key_first($better));
            yield new Move(
                Phase::Square, Fact::of(self::JudgeAnotherWay, way: $way),
                [Fact::of(self::ErrorsAddUp, open: self::openness($site), way: $way)],
            );
        }
        $measure = (new PlanNetwork($plan))->inMeasureOf(...);
        foreach ($placed->undetermined() as $stake) {
            $tell = $site->square->survey->tells[$stake->name] ?? null;
            $post = $plan->grid->find(PostId::of($stake->name));
            $from = $tell === null ? null : $plan->grid->find(PostId::of($tell->from));
            $to = $tell === null ? null : $plan->grid->find(PostId::of($tell->to));
            if (
                $tell === null || $post === null || $from === null || $to === null
                || $tell->major > self::WORTHWHILE * $placed->covariance->counted[$stake->name]->major
            ) {
                continue;
            }
            $planned = $from->at->distanceTo($to->at);
            yield new Move(
                Phase::Square, Fact::of(PullTapes::PullTape, from: $from, to: $to),
                [
                    Fact::of(
                        self::PlaceIsOpen, post: $post, open: $measure($post->id, $placed->covariance->counted[$stake->name]->ring()),
                        allowed: $plan->closenessAt($post->id)->across, then: $measure($post->id, ErrorEllipse::RING * $tell->major),
                    ),
                ],
                $planned, Fact::of(Beside::NailToNail), [$from, $to], EntryKind::Tape,
            );
        }
        yield new Move(
            Phase::Square, Fact::of(self::UseABetterTape), [
                Fact::of(
                    self::CannotProve, open: self::openness($site), allowed: $plan->closenessAt(self::mostOpen($site))->across,
                    tape: $plan->layout->tape,
                ),
            ],
            self::openness($site), Fact::of(self::EitherWay), asks: EntryKind::Decision,
        );
    }

    private static function openness(SiteState $site): Length
    {
        return (new PlanNetwork($site->plan))->inMeasureOf(
            self::mostOpen($site), ErrorEllipse::RING * ($site->square->survey->placed?->covariance->largest() ?? 0.0),
        );
    }

    /** The post whose place is left most open, against what it may be off. */
    private static function mostOpen(SiteState $site): PostId
    {
        $majors = array_map(fn (ErrorEllipse $ellipse) => $ellipse->major, $site->square->survey->placed->covariance->counted ?? []);

        return $majors === [] ? $site->plan->grid->posts[0]->id : PostId::of((string) array_search(max($majors), $majors, true));
    }
}
