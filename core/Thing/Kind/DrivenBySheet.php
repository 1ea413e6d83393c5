<?php

declare(strict_types=1);

namespace Aequus\Thing\Kind;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Customs;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
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
use Aequus\Thing\Terms\ThingRefused;

/** Posts driven by a maker’s sheet: bays, embedment and a diagonal with its tolerance are given, and the sheet is checked before the first post. */
final readonly class DrivenBySheet implements Thing
{
    public function kind(): JobKind
    {
        return JobKind::DrivenPosts;
    }

    public function asks(): array
    {
        return [
            Asked::length(Ask::BayWide, 3300, 130), Asked::count(Ask::Bays, 3), Asked::length(Ask::RowApart, 4400, 173),
            Asked::length(Ask::Embedment, 1500, 60), Asked::length(Ask::High, 1800, 70), Asked::length(Ask::SheetDiagonal, 5500, 216.5),
            Asked::length(Ask::SheetTolerance, 10, 0.5), Asked::length(Ask::PostThick, 100, 4)->folded(), Asked::count(Ask::MayShorten, 2)->folded(),
            Asked::maybe(Ask::HoleToTop)->folded(),
            ...AskedOfAll::work(),
        ];
    }

    public function order(Heard $heard): array
    {
        return [
            WorkStep::CompareTheSheet, WorkStep::FirstByItsMark, WorkStep::OthersByStringAndHole, WorkStep::PlumbEveryFewBlows,
        ];
    }

    public function make(Heard $heard): Made
    {
        [$bay, $apart, $deep, $high, $sheet, $thick] = array_map(
            $heard->positive(...), [Ask::BayWide, Ask::RowApart, Ask::Embedment, Ask::High, Ask::SheetDiagonal, Ask::PostThick],
        );
        $tolerance = $heard->length(Ask::SheetTolerance);
        $toTop = $heard->maybe(Ask::HoleToTop);
        if ($toTop !== null && (! $toTop->isPositive() || ! $toTop->isShorterThan($high))) {
            throw ThingRefused::nothingStands(Ask::HoleToTop);
        }
        $diagonal = Length::nanometres((int) round(hypot($bay->nanometres, $apart->nanometres)));
        $off = $sheet->minus($diagonal);
        if ($off->magnitude()->isLongerThan($tolerance)) {
            throw ThingRefused::sheetDisagrees($heard->notation->round($diagonal), $heard->notation->round($off->magnitude()));
        }
        $plan = Draft::plan(
            $this->kind(), $heard, ToleranceClass::Building, Section::rectangle($thick, $thick), $high, array_fill(0, $heard->count(Ask::Bays), $bay),
            [$apart],
            ownDepth: $deep,
        );
        $plan = $plan->withHolding(new Holding(
            Hold::Driven, new HoldingSite(Soil::Gravel, wood: false), PierRules::usual($heard->notation), Holding::usualCollar($heard->notation),
            customs: Customs::usual($plan->work->crew),
        ));

        return new Made($plan, [
            Fact::of(Figure::DiagonalComputed, number: $diagonal, bay: $bay, apart: $apart),
            Fact::of(Figure::SheetAgrees, off: $off->magnitude(), tolerance: $tolerance),
            ...($toTop === null ? [] : [Fact::of(Figure::StringAtTheHoles, number: $high->minus($toTop), top: $toTop)]),
            Fact::of(Figure::FewShortened, count: $heard->count(Ask::MayShorten)),
            Fact::of(Figure::DrivenTo, number: $deep, high: $high, length: $deep->plus($high)),
        ], Profile::ground()
            ->post(Length::zero(), $thick, $high, $thick, $deep)->post($apart, $thick, $high, $thick, $deep)
            ->piece(ProfileShape::Thing, $apart->times(-0.1), $high, $apart->times(1.1), $high->plus($thick))
            ->across(Length::zero(), $apart, $high->times(0.3))->up(Length::zero(), $high, $apart->plus($thick->times(3)))
            ->up($deep->negated(), Length::zero(), $apart->plus($thick->times(3))));
    }
}
