<?php

declare(strict_types=1);

namespace Aequus\Thing\Kind;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Plan\Grid\Spacing;
use Aequus\Plan\Grid\TapeHeld;
use Aequus\Plan\JobKind;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\ToleranceClass;
use Aequus\Thing\Ask\Asked;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Make\Draft;
use Aequus\Thing\Make\Figure;
use Aequus\Thing\Make\Made;
use Aequus\Thing\Make\Profile;
use Aequus\Thing\Make\ProfileShape;
use Aequus\Thing\Make\Thing;
use Aequus\Thing\Terms\Ask;
use Aequus\Thing\Terms\ThingRefused;

/** A fence, a trellis or rails in one line: end to end with a gate or without, the rest in equal bays no wider than a panel or rail reaches. */
final readonly class PostRow implements Thing
{
    private const MOST_BAYS = Spacing::MOST_LINES - 3;

    public function kind(): JobKind
    {
        return JobKind::FenceLine;
    }

    public function asks(): array
    {
        return [
            Asked::length(Ask::Long, 12_000, 480), Asked::length(Ask::LargestBay, 1800, 96), Asked::length(Ask::High, 1500, 60),
            Asked::length(Ask::GateWide, 0, 0), Asked::length(Ask::GateGap, 20, 0.75)->folded(), Asked::length(Ask::PostThick, 90, 3.5)->folded(),
        ];
    }

    public function make(Heard $heard): Made
    {
        [$long, $largest, $high, $thick] = array_map($heard->positive(...), [Ask::Long, Ask::LargestBay, Ask::High, Ask::PostThick]);
        $leaf = $heard->length(Ask::GateWide);
        // A leaf, a gap on either side, and half of each post.
        $gate = $leaf->isPositive() ? $leaf->plus($heard->length(Ask::GateGap)->times(2))->plus($thick) : Length::zero();
        $rest = $long->minus($gate);
        if (! $rest->isPositive()) {
            throw ThingRefused::gateFillsTheRow();
        }
        $count = Spacing::fewestBays($rest, $largest);
        if ($count > self::MOST_BAYS) {
            throw ThingRefused::tooMany(Ask::LargestBay, self::MOST_BAYS);
        }
        $even = Spacing::overall($rest, TapeHeld::Centre, $thick, $count)->gaps();
        $plan = Draft::plan(
            $this->kind(), $heard, ToleranceClass::Fence, Section::rectangle($thick, $thick), $high, [...($gate->isPositive() ? [$gate] : []), ...$even], [],
        );
        $profile = Profile::ground();
        $at = Length::zero();
        foreach ([...($gate->isPositive() ? [$gate] : []), ...array_slice($even, 0, 3)] as $i => $bay) {
            $profile = $profile->post($at, $thick, $high, $plan->hole->width, $high->half())
                ->piece($i === 0 && $gate->isPositive() ? ProfileShape::Thing : ProfileShape::Timber, $at->plus($thick), $high->times(0.75), $at->plus($bay)->minus($thick), $high->times(0.82))
                ->across($at, $at->plus($bay), $high->times(0.3));
            $at = $at->plus($bay);
        }

        return new Made($plan, [
            Fact::of(Figure::EvenBays, count: $count, number: $even[0], largest: $largest),
            ...($gate->isPositive() ? [Fact::of(Figure::GateBay, number: $gate, leaf: $leaf, gap: $heard->length(Ask::GateGap), thick: $thick)] : []),
        ], $profile->post($at, $thick, $high, $plan->hole->width, $high->half())->up(Length::zero(), $high, $at->plus($high->half())));
    }
}
