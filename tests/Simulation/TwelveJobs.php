<?php

declare(strict_types=1);

namespace Tests\Simulation;

use Aequus\Days\Hands;
use Aequus\Frame\UsualFrame;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Slope;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\JobKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Tops\TopRules;
use LogicException;
use Tests\Builds;

/** Twelve invented jobs, from two posts to thirty, held in every way, with frames and without, for one to four people. */
final class TwelveJobs
{
    /** @return array<string, array{Plan, Hands}> */
    public static function all(): array
    {
        $job = fn (array $x, array $y, Hold $hold, ?JobKind $frame, int $people, float $deep, Soil $soil = Soil::SiltyOrClayeySand): array => [
            self::plan($x, $y, $hold, $frame, $deep, $soil), new Hands($people, 450, 1020),
        ];

        return [
            'an arch' => $job([3000], [], Hold::Concrete, null, 1, 900),
            'a small pergola' => $job([2400], [3000], Hold::Concrete, JobKind::Pergola, 2, 900),
            'a pergola of six' => $job([2400, 2400], [3000], Hold::Gravel, JobKind::Pergola, 2, 800),
            'a fence' => $job(array_fill(0, 9, 2400), [], Hold::Earth, null, 2, 700, Soil::Clay),
            'a deck on piers' => $job([2000, 2000, 2000], [1800, 1800], Hold::Pier, JobKind::Deck, 2, 1100),
            'a pole shed' => $job([3000, 3000], [3600, 3600], Hold::Collar, JobKind::PoleBuilding, 3, 1200),
            'a long shed' => $job(array_fill(0, 5, 3000), [4000], Hold::Concrete, JobKind::PoleBuilding, 3, 1200),
            'a hall' => $job(array_fill(0, 4, 3600), [4000, 4000], Hold::Concrete, JobKind::PoleBuilding, 4, 1300, Soil::Clay),
            'a carport alone' => $job([3000, 3000], [3200], Hold::Concrete, JobKind::Pergola, 1, 1000),
            'a play frame' => $job([1800, 1800], [1800], Hold::Gravel, null, 1, 900, Soil::Sand),
            'a boardwalk' => $job(array_fill(0, 9, 2000), [1200], Hold::Earth, null, 3, 800),
            'a big deck' => $job(array_fill(0, 4, 2000), [2000, 2000, 2000], Hold::Pier, JobKind::Deck, 4, 1100, Soil::Clay),
        ];
    }

    /**
     * @param  list<int>  $x
     * @param  list<int>  $y
     */
    private static function plan(array $x, array $y, Hold $hold, ?JobKind $frame, float $deep, Soil $soil): Plan
    {
        $mm = Length::millimetres(...);
        $plan = Builds::plan($x, $y)->withFooting(new FootingRules($mm($deep - 100), $mm(100), LeastEmbedment::length(Length::zero()), Length::zero(), Length::zero(), Length::zero(), DepthMode::Own))
            ->withHolding(new Holding($hold, new HoldingSite($soil), PierRules::usual(Notation::millimetres(0)), $mm(300)))
            ->withTops(new TopRules($mm(2400), Slope::level(), Slope::level(), $mm(1000)));

        return $frame === null ? $plan : $plan->withFrame(UsualFrame::of($frame, Notation::millimetres(0), $mm(140)) ?? UsualFrame::of(JobKind::Pergola, Notation::millimetres(0), $mm(140)) ?? throw new LogicException('No frame.'));
    }
}
