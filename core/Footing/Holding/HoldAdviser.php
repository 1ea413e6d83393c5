<?php

declare(strict_types=1);

namespace Aequus\Footing\Holding;

use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\HoldingSite;

/** Ranks the ways of holding posts for a site. Each reason is worth points and is said; the user decides. */
final readonly class HoldAdviser
{
    /** @var list<HoldAdvice> the best first; those that are impossible last */
    public array $ranked;

    public function __construct(HoldingSite $site)
    {
        $advice = array_map(fn (Hold $hold) => $this->advise($hold, $site), Hold::cases());
        usort(
            $advice,
            fn (HoldAdvice $one, HoldAdvice $other) => [
                $other->possible, $other->leads, $other->points,
            ] <=> [$one->possible, $one->leads, $one->points],
        );
        $this->ranked = $advice;
    }

    /** The way that ranks first on a site; null where none may lead. */
    public static function best(HoldingSite $site): ?Hold
    {
        $first = (new self($site))->ranked[0];

        return $first->leads ? $first->hold : null;
    }

    private function advise(Hold $hold, HoldingSite $site): HoldAdvice
    {
        $points = 0;
        $for = $against = [];
        foreach ($this->reasons($hold, $site) as [$worth, $reason]) {
            $points += $worth;
            $worth > 0 ? $for[] = $reason : $against[] = $reason;
        }
        $behind = $this->cannotLead($hold, $site);
        if ($behind !== null) {
            array_unshift($against, $behind);
        }
        $banned = in_array($hold, $site->banned, true);
        if ($banned) {
            array_unshift($against, HoldReason::NotAllowedHere);
        }
        $bears = $site->carriesWeight() && ($hold === Hold::Foam || $hold === Hold::Driven);
        $driven = $hold === Hold::Driven && ($site->wood || $site->soil->isStony());

        $possible = ! $banned && ! $bears && ! $driven;

        return new HoldAdvice($hold, $points, $for, $against, $possible, $possible && $behind === null);
    }

    /** Why a way is never the first choice on a site, however light or cheap it is; null where it may be. */
    private function cannotLead(Hold $hold, HoldingSite $site): ?HoldReason
    {
        return match (true) {
            $hold === Hold::Foam && $site->noBrace => HoldReason::FoamAlone,
            $hold === Hold::Foam && $site->water => HoldReason::FoamInTheWet,
            ($hold === Hold::Earth || $hold === Hold::Gravel) && $site->roof && ! $site->holdDown => HoldReason::UnderARoofThatLifts,
            default => null,
        };
    }

    /** @return list<array{int, HoldReason}> */
    private function reasons(Hold $hold, HoldingSite $site): array
    {
        $loose = $site->soil === Soil::Sand || $site->soil === Soil::SiltyOrClayeySand;
        $all = match ($hold) {
            Hold::Concrete => [
                [$site->noBrace, 2, HoldReason::WideCollarTakesAPush],
                [$site->roof, 1, HoldReason::WeightHoldsTheRoof],
                [$loose, 1, HoldReason::CollarSpreads],
                [$site->soil === Soil::Clay, -1, HoldReason::FrostGripsARoughCollar],
                [$site->wood, -1, HoldReason::RotsAtTheGroundLine],
                [$site->repair, -2, HoldReason::ComesOutWithItsCollar],
                [$site->water, -1, HoldReason::BagsInStandingWater],
                [$site->carried, -2, HoldReason::MostBagsCarried],
            ],
            Hold::Collar => [
                [$site->carried, 1, HoldReason::ThirdOfTheBags],
                [$site->noBrace, 1, HoldReason::HoldsWhereItBends],
                [$loose, -2, HoldReason::SandBelowTheCollar],
                [$site->roof, -1, HoldReason::EarthBelowLiftsNothing],
                [$site->soil === Soil::Clay, -2, HoldReason::FrostGripsTheCollar],
                [$site->wood, -1, HoldReason::WettestAtTheCollar],
                [$site->repair, -1, HoldReason::CollarBrokenOut],
                [$site->water, -1, HoldReason::WetEarthUnderTheCollar],
            ],
            Hold::Earth => [
                [$site->carried, 2, HoldReason::OnlyThePadCarried],
                [$site->repair, 1, HoldReason::DugOutAgain],
                [$loose, -2, HoldReason::SandDoesNotTamp],
                [$site->water, -2, HoldReason::WetEarthDoesNotTamp],
                [$site->roof, -1, HoldReason::EarthHoldsNothingDown],
                [$site->carriesWeight(), -1, HoldReason::EarthSettles],
                [$site->noBrace, -1, HoldReason::EarthGives],
                [$site->soil === Soil::Clay && $site->wood, -1, HoldReason::ClayHoldsWater],
            ],
            Hold::Gravel => [
                [$site->wood, 2, HoldReason::Drains],
                [$site->repair, 2, HoldReason::GravelUsedAgain],
                [$site->water, 1, HoldReason::TampsInTheWet],
                [$site->noBrace, -1, HoldReason::PushLessWell],
                [$site->carried, -1, HoldReason::GravelIsHeavy],
                [$site->roof, -1, HoldReason::GravelHoldsNothingDown],
            ],
            Hold::Pier => [
                [$site->wood, 2, HoldReason::WoodStaysDry],
                [$site->repair, 2, HoldReason::PostUnscrewed],
                [$site->carriesWeight(), 1, HoldReason::CarriesWeight],
                [$site->noBrace, -4, HoldReason::BaseLetsItTurn],
                [$site->carried, -2, HoldReason::MostConcreteTwoVisits],
                [$site->water, -1, HoldReason::TubeMustBeDry],
            ],
            Hold::Driven => [
                [$site->carried, 2, HoldReason::OnlyPostsCarried],
                [$site->repair, 1, HoldReason::CanBePulled],
                [$site->water, 1, HoldReason::NoOpenHole],
                [$site->wood, -3, HoldReason::WoodSplits],
                [$site->carriesWeight(), -3, HoldReason::LoadUnknown],
                [$site->noBrace, -1, HoldReason::ThinPostGives],
                [$site->soil->isStony(), -3, HoldReason::StonesTurnIt],
            ],
            Hold::Foam => [
                [$site->carried, 3, HoldReason::LightestToCarry],
                [$site->carriesWeight(), -3, HoldReason::FoamCarriesNothing],
                [$site->water, -1, HoldReason::WaterInTheFoam],
                [$site->repair, -1, HoldReason::ClingsToThePost],
                [$site->soil === Soil::Clay || $loose, -1, HoldReason::NarrowFront],
            ],
        };

        return array_values(
            array_map(fn (array $weighed): array => [$weighed[1], $weighed[2]], array_filter($all, fn (array $weighed) => $weighed[0])),
        );
    }
}
