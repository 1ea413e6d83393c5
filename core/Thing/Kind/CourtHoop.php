<?php

declare(strict_types=1);

namespace Aequus\Thing\Kind;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\HoleShape;
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

/** An arm or hoop that reaches over a court: where the post stands follows from how far the arm reaches at the height it is played at. */
final readonly class CourtHoop implements Thing
{
    public function kind(): JobKind
    {
        return JobKind::CourtHoop;
    }

    public function asks(): array
    {
        return [
            Asked::reaches(Ask::Reaches, [[2400, 610], [2700, 745], [3050, 790]], [[96, 24], [108, 29], [120, 31]]),
            Asked::length(Ask::TargetHeight, 3050, 120), Asked::length(Ask::Inside, 375, 15),
            Asked::length(Ask::HoleWide, 600, 24), Asked::length(Ask::HoleDeep, 1200, 48), Asked::length(Ask::PostThick, 100, 4)->folded(),
            Asked::pick(Ask::HoleIs, Pick::SquareHole, Pick::RoundHole)->folded(), Asked::maybe(Ask::BellWide)->folded(),
            Asked::maybe(Ask::BellHigh)->folded(),
            Asked::maybe(Ask::BarSpacing)->folded(), Asked::maybe(Ask::FormHigh)->folded(),
            ...AskedOfAll::work(),
        ];
    }

    public function order(Heard $heard): array
    {
        return [
            WorkStep::StakeBehindTheCourt, WorkStep::BarsHalfWay, WorkStep::FormAtTheTop, WorkStep::AnchorWhileWorkable, WorkStep::BoltsToTheCourt, WorkStep::HangWhenHard,
        ];
    }

    /** @throws ThingRefused when a bell is wanted under a square hole, or is half said */
    private static function hole(Heard $heard, Length $wide): HoleShape
    {
        [$bell, $high] = [$heard->maybe(Ask::BellWide), $heard->maybe(Ask::BellHigh)];
        if ($bell === null && $high === null) {
            return $heard->pick(Ask::HoleIs) === Pick::RoundHole ? HoleShape::round($wide) : HoleShape::square($wide);
        }
        if (
            $heard->pick(Ask::HoleIs) !== Pick::RoundHole || $bell === null || $high === null || ! $bell->isLongerThan($wide) || ! $high->isPositive()
        ) {
            throw ThingRefused::bellOfARoundHole();
        }

        return HoleShape::bell($wide, $bell, $high);
    }

    /**
     * What the sheet wants in the hole and over it: bars at a spacing, as far from both ends, and the boards of a form.
     *
     * @return list<Fact>
     *
     * @throws ThingRefused when bars have no spacing
     */
    private static function extras(Heard $heard, Length $wide, Length $deep): array
    {
        [$spacing, $form] = [$heard->maybe(Ask::BarSpacing), $heard->maybe(Ask::FormHigh)];
        if ($spacing !== null && ! $spacing->isPositive()) {
            throw ThingRefused::notAboveZero(Ask::BarSpacing);
        }
        $count = $spacing === null ? 0 : max(1, intdiv($deep->nanometres, $spacing->nanometres));
        $board = $heard->notation->system()->formBoard;

        return [
            ...($spacing === null ? [] : [
                Fact::of(Figure::BarsAt, number: $deep->minus($spacing->times($count - 1))->half(), count: $count, spacing: $spacing),
            ]),
            ...($form === null ? [] : [Fact::of(Figure::FormToCut, number: $wide, long: $wide->plus($board->times(2)), board: $board, high: $form)]),
        ];
    }

    public function make(Heard $heard): Made
    {
        [$height, $inside, $thick] = [$heard->positive(Ask::TargetHeight), $heard->length(Ask::Inside), $heard->positive(Ask::PostThick)];
        try {
            $reach = $heard->reach(Ask::Reaches);
            $behind = $reach->centreBehind($height, $inside);
        } catch (ThingRefused $refused) {
            throw $refused->at(Ask::Reaches);
        }
        $others = [];
        foreach ($heard->pairs(Ask::Reaches) as [$at]) {
            if (! $at->equals($height)) {
                $others[] = Fact::of(Figure::TargetAt, height: $at, number: $reach->inside($at, $behind));
            }
        }
        [$wide, $deep] = [$heard->positive(Ask::HoleWide), $heard->positive(Ask::HoleDeep)];
        $plan = Draft::plan(
            $this->kind(), $heard, ToleranceClass::Framing, Section::rectangle($thick, $thick), $height, [], [], self::hole($heard, $wide), $deep,
        );
        $edge = $behind->plus($wide);

        return new Made($plan, [
            $behind->isNegative() ? Fact::of(Figure::CentreInsideEdge, number: $behind->magnitude(), reach: $reach->at($height), inside: $inside)
                : Fact::of(Figure::CentreBehindEdge, number: $behind, reach: $reach->at($height), inside: $inside),
            Fact::of($plan->hole->isSquare ? Figure::MakersHole : Figure::MakersRoundHole, wide: $wide, deep: $deep),
            ...self::extras($heard, $wide, $deep), ...$others,
        ], Profile::ground()
            ->piece(ProfileShape::Road, $edge, Length::millimetres(-60), $edge->plus($inside->times(4)), Length::zero())
            ->post($wide, $thick, $height, $wide, $deep)
            ->piece(ProfileShape::Timber, $wide, $height->minus($thick), $wide->plus($reach->at($height)), $height)
            ->piece(
                ProfileShape::Thing, $wide->plus($reach->at($height))->minus(Length::millimetres(225)), $height,
                $wide->plus($reach->at($height))->plus(Length::millimetres(225)), $height->plus(Length::millimetres(60)),
            )
            ->across($wide, $edge, Length::millimetres(300))
            ->across($edge, $edge->plus($inside), Length::millimetres(700))
            ->up(Length::zero(), $height, $edge->plus($inside->times(3)))
            ->up($deep->negated(), Length::zero(), $wide->minus($wide)));
    }
}
