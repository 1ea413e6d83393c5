<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Adjust\ErrorEllipse;
use Aequus\Adjust\PlacedNetwork;
use Aequus\Adjust\StakeVerdict;
use Aequus\Logbook\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Measure\Length;
use Aequus\Plan\PostId;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
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
            Phase::Square, 'Look at how the tape is held, or accept the layout',
            "No single reading is wrong, but together they scatter {$times} times as much as a {$site->plan->layout->tape->inWords()} should. Wind, sag, a loose stake or slack strings do that. Choose the class that fits, read again with more care, or take it with a reason.",
            asks: EntryKind::Decision,
        );
    }

    /** The stakes agree among themselves and not with the line: whoever judged them another way is told what the line says. */
    private function againstTheLine(SiteState $site): Move
    {
        $against = $site->square->survey->against;
        $name = $site->plan->fixedLine($against->line ?? '')->name ?? 'the line';
        $by = Length::millimetres(abs($against?->isOutOfParallel() ? $against->turned : $against->across ?? 0.0));

        $how = $against?->isOutOfParallel() ? 'out of parallel to' : 'too near to or too far from';
        if ($site->square->held !== []) {
            return new Move(
                Phase::Square, "Take up above what stands off {$name}",
                "The posts that are set stand {$how} {$name}, and they can’t move any more. Change the plan to what stands, take it up in what goes on top, or take it with a reason.",
                $by, 'off the line', asks: EntryKind::Decision,
            );
        }

        return new Move(
            Phase::Square, 'Judge the layout by the line', "The stakes fit the plan among themselves, but they stand {$how} {$name}. Judged by the line each is told its move; or keep only a distance from it, or take the layout with a reason.",
            $by, $against?->isOutOfParallel() ? 'out of parallel over the whole length' : 'off its place', asks: EntryKind::Decision,
        );
    }

    private function designGives(SiteState $site): Move
    {
        $held = array_map(fn (string $id) => $site->square->survey->placed?->stakes[$id]->size() ?? 0.0, $site->square->survey->placed->held ?? []);
        $worst = Length::millimetres($held === [] ? 0.0 : max($held));

        return new Move(
            Phase::Square, 'Change the plan to what stands, or take it up above',
            "The posts that are set lie {$site->plan->write($worst)} off any true grid, and they can’t move. Anchors, notches or a new plan must give.",
            $worst, 'is the largest misfit', asks: EntryKind::Decision,
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
        $better = array_filter($site->square->survey->placements, fn (PlacedNetwork $other) => $other->verdict !== StakeVerdict::CannotTell && $placed->held === []);
        if ($better !== []) {
            $way = str_replace('_', ' ', (string) array_key_first($better));
            yield new Move(Phase::Square, "Judge the layout by {$way}", "Counted from the base line, errors add up until {$this->openness($site)} is left open at the far stakes. By {$way} these same readings tell of every stake. Choose it below.");
        }
        foreach ($placed->untold() as $stake) {
            $tell = $site->square->survey->tells[$stake->name] ?? null;
            $post = $plan->grid->find(PostId::of($stake->name));
            $from = $tell === null ? null : $plan->grid->find(PostId::of($tell->from));
            $to = $tell === null ? null : $plan->grid->find(PostId::of($tell->to));
            if ($tell === null || $post === null || $from === null || $to === null || $tell->major > self::WORTHWHILE * $stake->ellipse->major) {
                continue;
            }
            $planned = $from->at->distanceTo($to->at);
            yield new Move(
                Phase::Square, "Pull the tape {$from->label}–{$to->label}",
                "Where {$post->label} stands is open by {$plan->write(Length::millimetres($stake->ellipse->ring()))}; this job allows {$plan->write($plan->tolerances->squareness)}. This tape brings it to {$plan->write(Length::millimetres(ErrorEllipse::RING * $tell->major))}.",
                $planned, 'from nail to nail', [$from, $to], EntryKind::Tape,
            );
        }
        yield new Move(
            Phase::Square, 'Use a better tape, or accept the layout',
            "These readings leave {$this->openness($site)} open, more than the {$plan->write($plan->tolerances->squareness)} this job allows, and no further reading with a {$plan->layout->tape->inWords()} changes that much. They can’t prove it.",
            Length::millimetres(ErrorEllipse::RING * $placed->covariance->largest()), 'either way', asks: EntryKind::Decision,
        );
    }

    private function openness(SiteState $site): string
    {
        return $site->plan->write(Length::millimetres(ErrorEllipse::RING * ($site->square->survey->placed?->covariance->largest() ?? 0.0)));
    }
}
