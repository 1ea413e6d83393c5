<?php

declare(strict_types=1);

namespace Aequus\Thing\Kind;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Place\MustFit;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\ToleranceClass;
use Aequus\Thing\Ask\Asked;
use Aequus\Thing\Ask\AskedOfAll;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Ask\Pick;
use Aequus\Thing\Make\Deed;
use Aequus\Thing\Make\Draft;
use Aequus\Thing\Make\EvenRows;
use Aequus\Thing\Make\Figure;
use Aequus\Thing\Make\Made;
use Aequus\Thing\Make\Profile;
use Aequus\Thing\Make\ProfileShape;
use Aequus\Thing\Make\Thing;
use Aequus\Thing\Terms\Ask;

/** A roof on posts for what must get in: a machine with all that hangs on it sets the bays and the eaves. */
final readonly class RoofedFrame implements Thing
{
    public function kind(): JobKind
    {
        return JobKind::PoleBuilding;
    }

    public function asks(): array
    {
        return [
            Asked::length(Ask::MachineWide, 2300, 90), Asked::length(Ask::MachineHigh, 2600, 102), Asked::length(Ask::Margin, 300, 12),
            Asked::count(Ask::Bays, 2), Asked::length(Ask::Deep, 6000, 240), Asked::length(Ask::LargestBay, 3000, 120),
            Asked::length(Ask::PostThick, 150, 5.5)->folded(), Asked::length(Ask::Fall, 0, 0)->folded(),
            Asked::pick(Ask::Later, Pick::Nothing, Pick::Walls, Pick::Doors, Pick::Sail)->folded(),
            ...AskedOfAll::timber(),
        ];
    }

    public function order(Heard $heard): array
    {
        return [
            Deed::DriveThroughOnce, Deed::FeetOnOnePlane, Deed::HighSideFirst, Deed::BeamsOnPosts, Deed::HoldUntilClosed,
        ];
    }

    public function make(Heard $heard): Made
    {
        [$wide, $tall, $deep, $largest, $thick] = array_map(
            $heard->positive(...), [Ask::MachineWide, Ask::MachineHigh, Ask::Deep, Ask::LargestBay, Ask::PostThick],
        );
        $margin = $heard->length(Ask::Margin);
        $bay = $wide->plus($margin->times(2))->plus($thick);
        $eaves = $tall->plus($margin);
        $bays = array_fill(0, $heard->count(Ask::Bays), $bay);
        $between = $deep->minus($thick);
        $rows = EvenRows::atMost($between, $largest, $thick, Ask::Deep);
        $plan = Draft::plan($this->kind(), $heard, ToleranceClass::Building, Section::rectangle($thick, $thick), $eaves, $bays, $rows);
        $posts = $plan->grid->posts;
        $plan = $plan->withFit(new Fit([new MustFit($heard->sides->minusY, $posts[0]->id, $posts[1]->id, $wide, $margin, Length::zero(), high: $eaves)]));

        return new Made($plan, [
            Fact::of(Figure::MachinePasses, number: $bay, machine: $wide, margin: $margin, thick: $thick),
            Fact::of(Figure::EavesAtLeast, number: $eaves, machine: $tall, margin: $margin),
            Fact::of(Figure::DeepBetweenRows, number: $between, deep: $deep),
            ...($heard->length(Ask::Fall)->isPositive() ? [Fact::of(Figure::HighSide, number: $eaves->plus($heard->length(Ask::Fall)), fall: $heard->length(Ask::Fall))] : []),
            ...match ($heard->pick(Ask::Later)) {
                Pick::Walls => [Fact::of(Figure::LaterWalls)], Pick::Doors => [Fact::of(Figure::LaterDoors)], Pick::Sail => [Fact::of(Figure::LaterSail)],
                default => [],
            },
        ], Profile::ground()
            ->post(Length::zero(), $thick, $eaves, $plan->hole->width, $eaves->times(0.35))
            ->post($bay, $thick, $eaves, $plan->hole->width, $eaves->times(0.35))
            ->piece(ProfileShape::Timber, $thick->negated(), $eaves, $bay->plus($thick), $eaves->plus($thick->times(1.5)))
            ->piece(ProfileShape::Thing, $thick->half()->plus($margin), Length::zero(), $thick->half()->plus($margin)->plus($wide), $tall)
            ->across(Length::zero(), $bay, $eaves->times(-0.12))->up(Length::zero(), $eaves, $bay->plus($margin->times(2))->plus($thick)));
    }
}
