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
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Make\Draft;
use Aequus\Thing\Make\Figure;
use Aequus\Thing\Make\Made;
use Aequus\Thing\Make\Profile;
use Aequus\Thing\Make\ProfileShape;
use Aequus\Thing\Make\Thing;
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
            Asked::reaches(Ask::Reaches, [[2400, 610], [2700, 745], [3050, 790]], [[96, 24], [108, 29], [120, 31]]), Asked::length(Ask::TargetHeight, 3050, 120), Asked::length(Ask::Inside, 375, 15),
            Asked::length(Ask::HoleWide, 600, 24), Asked::length(Ask::HoleDeep, 1200, 48), Asked::length(Ask::PostThick, 100, 4)->folded(),
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
        $plan = Draft::plan($this->kind(), $heard, ToleranceClass::Framing, Section::rectangle($thick, $thick), $height, [], [], HoleShape::square($wide), $deep);
        $edge = $behind->plus($wide);

        return new Made($plan, [
            $behind->isNegative() ? Fact::of(Figure::CentreInsideEdge, number: $behind->magnitude(), reach: $reach->at($height), inside: $inside)
                : Fact::of(Figure::CentreBehindEdge, number: $behind, reach: $reach->at($height), inside: $inside),
            Fact::of(Figure::MakersHole, wide: $wide, deep: $deep), ...$others,
        ], Profile::ground()
            ->piece(ProfileShape::Road, $edge, Length::millimetres(-60), $edge->plus($inside->times(4)), Length::zero())
            ->post($wide, $thick, $height, $wide, $deep)
            ->piece(ProfileShape::Timber, $wide, $height->minus($thick), $wide->plus($reach->at($height)), $height)
            ->piece(ProfileShape::Thing, $wide->plus($reach->at($height))->minus(Length::millimetres(225)), $height, $wide->plus($reach->at($height))->plus(Length::millimetres(225)), $height->plus(Length::millimetres(60)))
            ->across($wide, $edge, Length::millimetres(300))
            ->across($edge, $edge->plus($inside), Length::millimetres(700))
            ->up(Length::zero(), $height, $edge->plus($inside->times(3)))
            ->up($deep->negated(), Length::zero(), $wide->minus($wide)));
    }
}
