<?php

declare(strict_types=1);

namespace Aequus\Thing\Kind;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Plan\Grid\TapeHeld;
use Aequus\Plan\JobKind;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\ToleranceClass;
use Aequus\Thing\Ask\Asked;
use Aequus\Thing\Ask\AskedOfAll;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Ask\Pick;
use Aequus\Thing\Make\Draft;
use Aequus\Thing\Make\Figure;
use Aequus\Thing\Make\Made;
use Aequus\Thing\Make\Profile;
use Aequus\Thing\Make\ProfileShape;
use Aequus\Thing\Make\Thing;
use Aequus\Thing\Make\WorkStep;
use Aequus\Thing\Terms\Ask;
use Aequus\Thing\Terms\ThingRefused;

/** Two posts that carry something between them at one height: a target, a swing bar, a hoist, a banner, a gate. */
final readonly class CarryingPair implements Thing
{
    public function kind(): JobKind
    {
        return JobKind::CarryingPair;
    }

    public function asks(): array
    {
        return [
            Asked::pick(Ask::Carries, Pick::SwingBar, Pick::Target, Pick::Banner, Pick::Gate, Pick::Hoist),
            Asked::length(Ask::Width, 2400, 96), Asked::pick(Ask::WidthIs, Pick::Clear, Pick::Centres, Pick::Outside),
            Asked::length(Ask::LineHeight, 2200, 84), Asked::length(Ask::GroundRise, 0, 0), Asked::length(Ask::PostThick, 140, 5.5),
            Asked::marks(Ask::Marks), Asked::maybe(Ask::Behind)->folded(),
            ...AskedOfAll::timber(),
        ];
    }

    public function order(Heard $heard): array
    {
        return [
            WorkStep::DigFromCentres, WorkStep::BoardsAtFootAndTop, WorkStep::LineFromBothGrounds, WorkStep::MarksOnAllFaces, WorkStep::TrimTheTaller,
        ];
    }

    public function make(Heard $heard): Made
    {
        [$width, $height, $thick] = [$heard->positive(Ask::Width), $heard->positive(Ask::LineHeight), $heard->positive(Ask::PostThick)];
        $centres = match ($heard->pick(Ask::WidthIs)) {
            Pick::Outside => TapeHeld::Outside->centres($width, $thick), Pick::Centres => $width, default => TapeHeld::Inside->centres($width, $thick)
        };
        // The line lies over the mean of the two grounds: from each ground its own figure.
        $rise = $heard->length(Ask::GroundRise);
        [$first, $second] = [$height->plus($rise->half()), $height->minus($rise->half())];
        if (! $first->isPositive() || ! $second->isPositive()) {
            throw ThingRefused::nothingStands(Ask::GroundRise);
        }
        $class = $heard->pick(Ask::Carries) === Pick::Banner ? ToleranceClass::Building : ToleranceClass::Framing;
        $top = $first->isLongerThan($second) ? $first : $second;
        $plan = Draft::plan($this->kind(), $heard, $class, Section::rectangle($thick, $thick), $top, [$centres], []);
        $deep = $top->times(0.4);
        $marks = [];
        foreach ($heard->table(Ask::Marks) ?? [] as [$off]) {
            if (! $first->plus($off)->isPositive() || ! $second->plus($off)->isPositive()) {
                throw ThingRefused::markBelowGround($off->magnitude());
            }
            $marks[] = Fact::of(
                $off->isNegative() ? Figure::MarkBelowTheLine : Figure::MarkAboveTheLine, number: $first->plus($off), second: $second->plus($off),
                off: $off->magnitude(),
            );
        }
        $behind = $heard->maybe(Ask::Behind);

        return new Made($plan, [
            Fact::of(Figure::PairCentres, number: $centres, clear: $centres->minus($thick), thick: $thick),
            Fact::of(Figure::LineOnFirst, number: $first, height: $height), Fact::of(Figure::LineOnSecond, number: $second, height: $height),
            ...$marks,
            ...($behind === null ? [] : [Fact::of(Figure::FreeBehind, number: $centres->plus($behind->times(2)), behind: $behind)]),
        ], Profile::ground()
            ->post(Length::zero(), $thick, $first, $plan->hole->width, $deep)
            ->post($centres, $thick, $first, $plan->hole->width, $deep)
            ->piece(ProfileShape::Timber, Length::zero(), $first->minus($thick->half()), $centres, $first)
            ->piece(ProfileShape::Thing, $centres->times(0.3), $first->times(0.35), $centres->times(0.7), $first->minus($thick->half()))
            ->across(Length::zero(), $centres, $first->times(0.15))
            ->up(Length::zero(), $first, $centres->times(-0.4)));
    }
}
