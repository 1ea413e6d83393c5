<?php

declare(strict_types=1);

namespace Aequus\Thing\Kind;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\Side;
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
use Aequus\Thing\Panel\PanelBay;
use Aequus\Thing\Terms\Ask;

/** A frame without a roof, free or on a wall: the panels, screens or cloth come first, the bays follow from them. */
final readonly class OpenFrame implements Thing
{
    public function kind(): JobKind
    {
        return JobKind::Pergola;
    }

    public function asks(): array
    {
        return [
            Asked::pick(Ask::Placed, Pick::Free, Pick::OnAWall), Asked::count(Ask::Bays, 2), Asked::length(Ask::PanelWide, 2400, 96),
            Asked::length(Ask::PanelGap, 10, 0.5), Asked::length(Ask::Deep, 3000, 120), Asked::length(Ask::High, 2400, 96),
            Asked::length(Ask::PostThick, 120, 5.5)->folded(), Asked::length(Ask::Fall, 0, 0)->folded(),
            ...AskedOfAll::timber(),
        ];
    }

    public function order(Heard $heard): array
    {
        return $heard->pick(Ask::Placed) === Pick::OnAWall
            ? [WorkStep::LedgerLevel, WorkStep::FrameOnProps, WorkStep::SquareToTheWall, WorkStep::PourLast] : [WorkStep::FeetOnOnePlane, WorkStep::BeamsOnPosts];
    }

    public function make(Heard $heard): Made
    {
        [$panel, $deep, $high, $thick] = array_map($heard->positive(...), [Ask::PanelWide, Ask::Deep, Ask::High, Ask::PostThick]);
        $gap = $heard->length(Ask::PanelGap);
        $bay = (new PanelBay($panel, $gap, Length::zero()))->centres($thick, $thick);
        $bays = array_fill(0, $heard->count(Ask::Bays), $bay);
        $onWall = $heard->pick(Ask::Placed) === Pick::OnAWall;
        // On a wall the ledger takes the place of the far row; free, the depth is told over the outside of both rows.
        $rows = $onWall ? [] : [$deep->minus($thick)];
        $plan = Draft::plan($this->kind(), $heard, ToleranceClass::Framing, Section::rectangle($thick, $thick), $high, $bays, $rows);
        if ($onWall) {
            $off = $deep->minus($thick->half());
            $wall = FixedLine::beside(FixedLine::ANSWERED, $heard->sides->plusY, $plan->grid, Side::PlusY, $off, $off, FixedKind::Wall, null);
            $plan = $plan->withLayout($plan->layout->heldBy([$wall]))->withFit(new Fit);
        }
        $back = $onWall ? $deep->minus($thick->half()) : $deep->minus($thick);
        $profile = Profile::ground()->post(Length::zero(), $thick, $high, $plan->hole->width, $high->times(0.4));
        $profile = $onWall ? $profile->piece(ProfileShape::Fixed, $back, Length::zero(), $back->plus($thick->times(1.5)), $high->times(1.25))
            : $profile->post($back, $thick, $high, $plan->hole->width, $high->times(0.4));

        return new Made($plan, [
            Fact::of(Figure::PanelBayCentres, number: $bay, panel: $panel, gap: $gap, thick: $thick),
            $onWall ? Fact::of(Figure::DeepFromWall, number: $back, deep: $deep) : Fact::of(Figure::DeepBetweenRows, number: $back, deep: $deep),
            ...($onWall ? [Fact::of(Figure::LedgerAt, number: $high->plus($heard->length(Ask::Fall)), falls: $heard->length(Ask::Fall)->isZero()
                ? null : Fact::of(Figure::FallsFromThere, fall: $heard->length(Ask::Fall)))] : []),
        ], $profile->piece(ProfileShape::Timber, $thick->negated(), $high->minus($thick), $back->plus($onWall ? Length::zero() : $thick), $high)
            ->across($thick->half()->negated(), $thick->half()->negated()->plus($deep), $high->times(0.3))
            ->up(Length::zero(), $high, $thick->times(-5)));
    }
}
