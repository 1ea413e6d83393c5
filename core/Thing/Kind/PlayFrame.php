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
use Aequus\Thing\Make\Draft;
use Aequus\Thing\Make\Figure;
use Aequus\Thing\Make\Made;
use Aequus\Thing\Make\Profile;
use Aequus\Thing\Make\ProfileShape;
use Aequus\Thing\Make\Thing;
use Aequus\Thing\Make\WorkStep;
use Aequus\Thing\Terms\Ask;

/** Something to climb or swing on: it stands clear on all sides, and nobody climbs it before its time. */
final readonly class PlayFrame implements Thing
{
    public function kind(): JobKind
    {
        return JobKind::PlayStructure;
    }

    public function asks(): array
    {
        return [
            Asked::length(Ask::Wide, 2400, 96), Asked::length(Ask::Deep, 1200, 48), Asked::length(Ask::High, 2100, 84),
            Asked::length(Ask::FreeZone, 1800, 72), Asked::length(Ask::PostThick, 100, 3.5),
            ...AskedOfAll::timber(),
        ];
    }

    public function order(Heard $heard): array
    {
        return [
            WorkStep::ParallelToWhatStands, WorkStep::JoinOnTheGround, WorkStep::TiltUp, WorkStep::TopsToWidth, WorkStep::GroundThatGives,
        ];
    }

    public function make(Heard $heard): Made
    {
        [$wide, $deep, $high, $free, $thick] = array_map($heard->positive(...), [Ask::Wide, Ask::Deep, Ask::High, Ask::FreeZone, Ask::PostThick]);
        [$x, $y] = [TapeHeld::Outside->centres($wide, $thick), TapeHeld::Outside->centres($deep, $thick)];
        $plan = Draft::plan($this->kind(), $heard, ToleranceClass::Framing, Section::rectangle($thick, $thick), $high, [$x], [$y]);

        return new Made($plan, [
            Fact::of(Figure::PairCentres, number: $x, clear: $x->minus($thick), thick: $thick),
            Fact::of(Figure::DeepBetweenRows, number: $y, deep: $deep),
            Fact::of(Figure::SpaceNeeded, number: $wide->plus($free->times(2)), other: $deep->plus($free->times(2)), free: $free),
        ], Profile::ground()
            ->post(Length::zero(), $thick, $high, $plan->hole->width, $high->times(0.4))
            ->post($x, $thick, $high, $plan->hole->width, $high->times(0.4))
            ->piece(ProfileShape::Timber, $thick->negated(), $high->minus($thick), $x->plus($thick), $high)
            ->piece(ProfileShape::Thing, $x->times(0.35), $high->times(0.25), $x->times(0.65), $high->times(0.3))
            ->across($free->negated()->minus($thick->half()), $thick->half()->negated(), $high->times(0.2))
            ->across(Length::zero(), $x, $high->times(0.5))
            ->across($x->plus($thick->half()), $x->plus($thick->half())->plus($free), $high->times(0.2))
            ->up(Length::zero(), $high, $x->plus($thick->times(4))));
    }
}
