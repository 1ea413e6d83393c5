<?php

declare(strict_types=1);

namespace Aequus\Thing\Kind;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\Side;
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
use Aequus\Thing\Place\Chain;
use Aequus\Thing\Place\HeightByRule;
use Aequus\Thing\Terms\Ask;
use Aequus\Thing\Terms\Band;
use Aequus\Thing\Terms\ThingRefused;

/** A letter or parcel box, a sign or a lamp by a road: a rule says how high over the road, and how far from its edge. */
final readonly class RoadsidePost implements Thing
{
    public function kind(): JobKind
    {
        return JobKind::LetterBox;
    }

    public function asks(): array
    {
        return [
            Asked::length(Ask::HeightLeast, 1050, 41), Asked::length(Ask::HeightMost, 1150, 45),
            Asked::length(Ask::SetbackLeast, 150, 6), Asked::length(Ask::SetbackMost, 200, 8),
            Asked::length(Ask::BoxReach, 400, 16), Asked::length(Ask::AboveTop, 20, 0.75),
            Asked::length(Ask::RoadBelow, 0, 0)->folded(), Asked::length(Ask::PostThick, 90, 3.5)->folded(),
            Asked::length(Ask::BoughtPost, 2400, 96)->folded(), Asked::length(Ask::LeastDepth, 600, 24)->folded(),
            Asked::maybe(Ask::Neighbours)->folded(),
            ...AskedOfAll::work(),
        ];
    }

    public function order(Heard $heard): array
    {
        return [
            WorkStep::ReadRoadAndGround, WorkStep::StakeBehindTheEdge, WorkStep::DigNoDeeper, WorkStep::TurnSquareToTheRoad, WorkStep::PackOnBothSides,
            WorkStep::HangAfterADay,
        ];
    }

    public function make(Heard $heard): Made
    {
        $heights = self::heights($heard);
        $setbacks = self::setbacks($heard);
        try {
            $chain = new Chain(Length::zero(), $setbacks->chosen($heard->maybe(Ask::Neighbours)), $heard->length(Ask::BoxReach));
        } catch (ThingRefused $refused) {
            throw $refused->at(Ask::Neighbours);
        }
        $rule = new HeightByRule($heard->length(Ask::RoadBelow)->negated(), $heights->chosen(null), $heard->length(Ask::AboveTop));
        if (! $rule->top->isPositive()) {
            throw ThingRefused::nothingStands(Ask::AboveTop);
        }
        [$bought, $least, $thick] = [$heard->positive(Ask::BoughtPost), $heard->length(Ask::LeastDepth), $heard->positive(Ask::PostThick)];
        $deep = $bought->minus($rule->top);
        if ($deep->isShorterThan($least)) {
            throw ThingRefused::postTooShort($rule->top->plus($least));
        }
        $plan = Draft::plan($this->kind(), $heard, ToleranceClass::Fence, Section::rectangle($thick, $thick), $rule->top, [], [], ownDepth: $deep);
        $edge = FixedLine::beside(
            FixedLine::ANSWERED, $heard->sides->minusY, $plan->grid, Side::MinusY, $chain->centre, $chain->centre, FixedKind::Boundary, null,
        );
        $plan = $plan->withLayout($plan->layout->heldBy([$edge]));

        return new Made($plan, [
            Fact::of(Figure::CentreFromKerb, number: $chain->centre, setback: $chain->setback, reach: $chain->reach),
            Fact::of(Figure::BoxMayStand, least: $setbacks->least->plus($chain->reach), most: $setbacks->most->plus($chain->reach)),
            Fact::of(Figure::TopAboveGround, number: $rule->top, height: $rule->height,
                road: self::either($heard->length(Ask::RoadBelow), Figure::RoadBelow, Figure::RoadAbove),
                counts: self::either($heard->length(Ask::AboveTop), Figure::CountsAbove, Figure::CountsBelow)),
            ...($heard->maybe(Ask::Neighbours) === null ? [] : [Fact::of(Figure::InLineWithNeighbours, number: $chain->setback)]),
            Fact::of(Figure::DigFor, number: $deep, bought: $bought, top: $rule->top, least: $least),
        ], Profile::ground()
            ->piece(ProfileShape::Road, $chain->centre->times(-2), $rule->surface->minus(Length::millimetres(60)), Length::zero(), $rule->surface)
            ->post($chain->centre, $thick, $rule->top, $plan->hole->width, $deep)
            ->piece(ProfileShape::Thing, $chain->face, $rule->feature, $chain->centre->plus($thick), $rule->feature->plus(Length::millimetres(300)))
            ->across(Length::zero(), $chain->face, $rule->feature->plus(Length::millimetres(150)))
            ->across(Length::zero(), $chain->centre, Length::millimetres(250))
            ->up($rule->surface, $rule->feature, $chain->centre->negated())
            ->up($deep->negated(), Length::zero(), $chain->centre->plus($plan->hole->width)));
    }

    /** Nothing where both are level. */
    private static function either(Length $by, Figure $positive, Figure $negative): ?Fact
    {
        return $by->isZero() ? null : Fact::of($by->isPositive() ? $positive : $negative, by: $by->magnitude());
    }

    /**
     * Where its face may stand off the road’s edge.
     *
     * @throws ThingRefused when it is upside down
     */
    public static function setbacks(Heard $heard): Band
    {
        return self::band($heard, Ask::SetbackLeast, Ask::SetbackMost);
    }

    /**
     * How high over the road it may be.
     *
     * @throws ThingRefused when it is upside down
     */
    public static function heights(Heard $heard): Band
    {
        return self::band($heard, Ask::HeightLeast, Ask::HeightMost);
    }

    /** @throws ThingRefused when it is upside down */
    private static function band(Heard $heard, Ask $least, Ask $most): Band
    {
        try {
            return new Band($heard->length($least), $heard->length($most));
        } catch (ThingRefused $refused) {
            throw $refused->at($most);
        }
    }
}
