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
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\PostId;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Square\Network\PlanNetwork;
use Aequus\Square\SquareVerdict;

/** Stakes of which nothing can be said yet: another way to judge, the tape that would tell, or an honest “not with this tape”. */
final readonly class TellStakes implements Rule
{
    /** A further tape is worth pulling only when it leaves less than this share of what is open now. */
    private const WORTHWHILE = 0.9;

    public function moves(SiteState $site): iterable
    {
        if ($site->decided(DecisionAbout::AcceptOutline) !== null) {
            return;
        }
        yield from match ($site->square->verdict()) {
            SquareVerdict::RougherThanClass => [$this->rougher($site)],
            SquareVerdict::DesignHasToGive => [$this->designGives($site)],
            SquareVerdict::AgainstTheLine => [$this->againstTheLine($site)],
            SquareVerdict::CannotTell => $this->tell($site),
            default => [],
        };
    }

    private function rougher(SiteState $site): Move
    {
        $times = number_format($site->square->survey->mistakes->s0 ?? 1.0, 1);

        return new Move(
            Phase::Square, Fact::of(MoveKind::LookAtTheTape), [Fact::of(MoveWhy::RougherThanClass, times: $times, tape: $site->plan->layout->tape)],
            asks: EntryKind::Decision,
        );
    }

    /** The stakes agree among themselves and not with the line: whoever judged them another way is told what the line says. */
    private function againstTheLine(SiteState $site): Move
    {
        $against = $site->square->survey->against;
        $name = $site->plan->fixedLine($against->line ?? '')->name ?? 'the line';
        $by = Length::millimetres(abs($against?->isOutOfParallel() ? $against->turned : $against->across ?? 0.0));

        $isAskew = $against?->isOutOfParallel() ?? false;
        if ($site->square->held !== []) {
            return new Move(
                Phase::Square, Fact::of(MoveKind::TakeUpAbove, line: $name), [
                    Fact::of($isAskew ? MoveWhy::SetAskewToLine : MoveWhy::SetOffTheLine, line: $name),
                ],
                $by, Fact::of(Beside::OffTheLine), asks: EntryKind::Decision,
            );
        }

        return new Move(
            Phase::Square, Fact::of(MoveKind::JudgeByTheLine), [
                Fact::of($isAskew ? MoveWhy::StakesAskewToLine : MoveWhy::StakesOffTheLine, line: $name),
            ],
            $by, Fact::of($isAskew ? Beside::OutOfParallel : Beside::OffItsPlace), asks: EntryKind::Decision,
        );
    }

    private function designGives(SiteState $site): Move
    {
        $held = array_map(fn (string $id) => $site->square->survey->placed?->stakes[$id]->size() ?? 0.0, $site->square->survey->placed->held ?? []);
        $worst = Length::millimetres($held === [] ? 0.0 : max($held));

        return new Move(
            Phase::Square, Fact::of(MoveKind::ChangePlanToWhatStands), [Fact::of(MoveWhy::SetOffAnyGrid, worst: $worst)],
            $worst, Fact::of(Beside::LargestMisfit), asks: EntryKind::Decision,
        );
    }

    /** @return iterable<Move> */
    private function tell(SiteState $site): iterable
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
                Phase::Square, Fact::of(MoveKind::JudgeAnotherWay, way: $way),
                [Fact::of(MoveWhy::ErrorsAddUp, open: $this->openness($site), way: $way)],
            );
        }
        $measure = (new PlanNetwork($plan))->inMeasureOf(...);
        foreach ($placed->undetermined() as $stake) {
            $tell = $site->square->survey->tells[$stake->name] ?? null;
            $post = $plan->grid->find(PostId::of($stake->name));
            $from = $tell === null ? null : $plan->grid->find(PostId::of($tell->from));
            $to = $tell === null ? null : $plan->grid->find(PostId::of($tell->to));
            if ($tell === null || $post === null || $from === null || $to === null || $tell->major > self::WORTHWHILE * $placed->covariance->counted[$stake->name]->major) {
                continue;
            }
            $planned = $from->at->distanceTo($to->at);
            yield new Move(
                Phase::Square, Fact::of(MoveKind::PullTape, from: $from, to: $to),
                [
                    Fact::of(
                        MoveWhy::PlaceIsOpen, post: $post, open: $measure($post->id, $placed->covariance->counted[$stake->name]->ring()),
                        allowed: $plan->closenessAt($post->id)->across, then: $measure($post->id, ErrorEllipse::RING * $tell->major),
                    ),
                ],
                $planned, Fact::of(Beside::NailToNail), [$from, $to], EntryKind::Tape,
            );
        }
        yield new Move(
            Phase::Square, Fact::of(MoveKind::UseABetterTape), [
                Fact::of(MoveWhy::CannotProve, open: $this->openness($site), allowed: $plan->closenessAt($this->mostOpen($site))->across, tape: $plan->layout->tape),
            ],
            $this->openness($site), Fact::of(Beside::EitherWay), asks: EntryKind::Decision,
        );
    }

    private function openness(SiteState $site): Length
    {
        return (new PlanNetwork($site->plan))->inMeasureOf(
            $this->mostOpen($site), ErrorEllipse::RING * ($site->square->survey->placed?->covariance->largest() ?? 0.0),
        );
    }

    /** The post whose place is left most open, against what it may be off. */
    private function mostOpen(SiteState $site): PostId
    {
        $majors = array_map(fn (ErrorEllipse $ellipse) => $ellipse->major, $site->square->survey->placed->covariance->counted ?? []);

        return $majors === [] ? $site->plan->grid->posts[0]->id : PostId::of((string) array_search(max($majors), $majors, true));
    }
}
