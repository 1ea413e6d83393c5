<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Work\Lasting;

/** A way to hold a post in or on the ground. */
enum Hold: string
{
    case Concrete = 'concrete';
    case Collar = 'collar';
    case Gravel = 'gravel';
    case Earth = 'earth';
    case Foam = 'foam';
    case Pier = 'pier';
    case Driven = 'driven';

    /**
     * How posts are held where nobody decided: what shall come out again by what lets go of it.
     *
     * @param  bool  $onPiers  whether what they carry stands stiff by itself
     */
    public static function usualFor(Lasting $lasting, bool $onPiers): self
    {
        return match (true) {
            ! $lasting->comesOut() => self::Concrete,
            $onPiers => self::Pier,
            default => $lasting === Lasting::Renewed ? self::Gravel : self::Collar,
        };
    }

    /** Whether a post held so comes out again without being broken out, where it shall. */
    public function suits(Lasting $lasting): bool
    {
        return ! $lasting->comesOut() || ! in_array($this, [self::Concrete, self::Foam], true);
    }

    /** Whether the post itself stands in the ground. */
    public function isBuried(): bool
    {
        return $this !== self::Pier;
    }

    /** Whether a hole is dug for it. */
    public function isDug(): bool
    {
        return $this !== self::Driven;
    }

    /** Whether the post stands in a hole, on a pad of its own. */
    public function hasPad(): bool
    {
        return $this->isDug() && $this->isBuried();
    }

    /** Whether its fill is mixed with cement. */
    public function takesCement(): bool
    {
        return $this->isPoured() && $this !== self::Foam;
    }

    /** Whether something is poured that has to set. */
    public function isPoured(): bool
    {
        return in_array($this, [self::Concrete, self::Collar, self::Pier, self::Foam], true);
    }

    /**
     * What lies in its hole, from the foot up.
     *
     * @return list<Layer>
     */
    public function layers(InTheHole $in): array
    {
        return match ($this) {
            self::Concrete => [...$in->under(), ...$in->filled(Material::Concrete)],
            self::Collar => [
                ...$in->under(), new Layer(Material::Earth, $in->foot, $in->collarFrom, LayerTime::Fill),
                ...$in->filled(Material::Concrete, $in->collarFrom),
            ],
            self::Gravel => [...$in->under(), ...$in->filled(Material::Gravel)],
            self::Earth => [...$in->under(), ...$in->filled(Material::Earth)],
            self::Foam => [...$in->under(), ...$in->filled(Material::Foam)],
            self::Pier => [
                $in->under()[0], new Layer(Material::Earth, $in->gravel, $in->ground, LayerTime::First, LayerPlace::RoundTheTube),
                new Layer(Material::Concrete, $in->gravel, $in->tubeTop ?? $in->ground, LayerTime::Fill, LayerPlace::Tube),
            ],
            self::Driven => [],
        };
    }

    /** Whether it can’t be done on a site at all. */
    public function isImpossible(HoldingSite $site): bool
    {
        return match ($this) {
            self::Foam => $site->carriesWeight(),
            self::Driven => $site->carriesWeight() || $site->wood || $site->soil->isStony(),
            default => false,
        };
    }

    /** Why it is never the first choice on a site, however light or cheap it is; null where it may be. */
    public function cannotLead(HoldingSite $site): ?HoldReason
    {
        return match (true) {
            $this === self::Foam && $site->noBrace => HoldReason::FoamAlone,
            $this === self::Foam && $site->water => HoldReason::FoamInTheWet,
            ($this === self::Earth || $this === self::Gravel) && $site->roof && ! $site->holdDown => HoldReason::UnderARoofThatLifts,
            default => null,
        };
    }

    /**
     * What can speak for it or against it on a site: whether it does there, what that is worth, and what is said.
     *
     * @return list<array{bool, int, HoldReason}>
     */
    public function weighed(HoldingSite $site): array
    {
        return match ($this) {
            self::Concrete => [
                [$site->noBrace, 2, HoldReason::WideCollarTakesAPush],
                [$site->roof, 1, HoldReason::WeightHoldsTheRoof],
                [$site->soil->isLoose(), 1, HoldReason::CollarSpreads],
                [$site->soil === Soil::Clay, -1, HoldReason::FrostGripsARoughCollar],
                [$site->wood, -1, HoldReason::RotsAtTheGroundLine],
                [$site->repair, -2, HoldReason::ComesOutWithItsCollar],
                [$site->water, -1, HoldReason::BagsInStandingWater],
                [$site->carried, -2, HoldReason::MostBagsCarried],
            ],
            self::Collar => [
                [$site->carried, 1, HoldReason::ThirdOfTheBags],
                [$site->noBrace, 1, HoldReason::HoldsWhereItBends],
                [$site->soil->isLoose(), -2, HoldReason::SandBelowTheCollar],
                [$site->roof, -1, HoldReason::EarthBelowLiftsNothing],
                [$site->soil === Soil::Clay, -2, HoldReason::FrostGripsTheCollar],
                [$site->wood, -1, HoldReason::WettestAtTheCollar],
                [$site->repair, -1, HoldReason::CollarBrokenOut],
                [$site->water, -1, HoldReason::WetEarthUnderTheCollar],
            ],
            self::Earth => [
                [$site->carried, 2, HoldReason::OnlyThePadCarried],
                [$site->repair, 1, HoldReason::DugOutAgain],
                [$site->soil->isLoose(), -2, HoldReason::SandDoesNotTamp],
                [$site->water, -2, HoldReason::WetEarthDoesNotTamp],
                [$site->roof, -1, HoldReason::EarthHoldsNothingDown],
                [$site->carriesWeight(), -1, HoldReason::EarthSettles],
                [$site->noBrace, -1, HoldReason::EarthGives],
                [$site->soil === Soil::Clay && $site->wood, -1, HoldReason::ClayHoldsWater],
            ],
            self::Gravel => [
                [$site->wood, 2, HoldReason::Drains],
                [$site->repair, 2, HoldReason::GravelUsedAgain],
                [$site->water, 1, HoldReason::TampsInTheWet],
                [$site->noBrace, -1, HoldReason::PushLessWell],
                [$site->carried, -1, HoldReason::GravelIsHeavy],
                [$site->roof, -1, HoldReason::GravelHoldsNothingDown],
            ],
            self::Pier => [
                [$site->wood, 2, HoldReason::WoodStaysDry],
                [$site->repair, 2, HoldReason::PostUnscrewed],
                [$site->carriesWeight(), 1, HoldReason::CarriesWeight],
                [$site->noBrace, -4, HoldReason::BaseLetsItTurn],
                [$site->carried, -2, HoldReason::MostConcreteTwoVisits],
                [$site->water, -1, HoldReason::TubeMustBeDry],
            ],
            self::Driven => [
                [$site->carried, 2, HoldReason::OnlyPostsCarried],
                [$site->repair, 1, HoldReason::CanBePulled],
                [$site->water, 1, HoldReason::NoOpenHole],
                [$site->wood, -3, HoldReason::WoodSplits],
                [$site->carriesWeight(), -3, HoldReason::LoadUnknown],
                [$site->noBrace, -1, HoldReason::ThinPostGives],
                [$site->soil->isStony(), -3, HoldReason::StonesTurnIt],
            ],
            self::Foam => [
                [$site->carried, 3, HoldReason::LightestToCarry],
                [$site->carriesWeight(), -3, HoldReason::FoamCarriesNothing],
                [$site->water, -1, HoldReason::WaterInTheFoam],
                [$site->repair, -1, HoldReason::ClingsToThePost],
                [$site->soil === Soil::Clay || $site->soil->isLoose(), -1, HoldReason::NarrowFront],
            ],
        };
    }
}
