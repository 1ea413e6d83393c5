<?php

declare(strict_types=1);

namespace Aequus\Set;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Mixing;

/** The stages of filling one hole: in lifts, with how far each goes and how many bags are in by then. */
final readonly class PourPlan
{
    /** A lift of concrete that can still be rodded through, and one of gravel or earth that can still be tamped. */
    private const CONCRETE_LIFT = 400.0;

    private const TAMPED_LIFT = 150.0;

    /** Minutes for which mixed concrete can be rodded, plumbed and finished at 20 °C. */
    private const WORKABLE = 60;

    /** @var list<PourStep> */
    public array $steps;

    /**
     * @param  Length  $depth  of the hole from the ground
     * @param  Length  $from  above the bottom, where the fill begins
     * @param  int  $bags  that go into it; zero where none do
     * @param  ?float  $celsius  at which it is mixed; null for the usual
     */
    public function __construct(private Hold $hold, private Length $depth, Length $from, private int $bags, private Mixing $mixing = Mixing::Before, private ?float $celsius = null)
    {
        $height = $depth->minus($from);
        $this->steps = match (true) {
            $hold === Hold::Driven => [new PourStep(Fact::of(PourDeed::NothingIsFilled))],
            $hold === Hold::Foam => [new PourStep(Fact::of(PourDeed::PourFoamAtOnce)), new PourStep(Fact::of(PourDeed::HoldUntilHard)), new PourStep(Fact::of(PourDeed::CutLevelAndCover))],
            $hold->isPoured() => $this->poured($height),
            default => $this->tamped($height),
        };
    }

    /** @return list<PourStep> */
    private function poured(Length $height): array
    {
        $lifts = max(1, (int) ceil($height->inMillimetres() / self::CONCRETE_LIFT));
        $workable = SetClock::minutesAt(self::WORKABLE, $this->celsius);
        $steps = [];
        for ($lift = 1; $lift <= $lifts; $lift++) {
            $bags = $this->bags === 0 ? null : (int) ceil($this->bags * $lift / $lifts);
            $last = $lift === $lifts;
            $steps[] = new PourStep($last ? Fact::of(PourDeed::FillToTheGround) : Fact::of(PourDeed::FillFromBothSides), $height->times(($lifts - $lift) / $lifts), $bags);
            $steps[] = new PourStep($this->mixing === Mixing::DryInTheHole ? Fact::of(PourDeed::WaterIt) : Fact::of(PourDeed::RodOutTheAir));
            if ($lift === 1 && $lifts > 1) {
                $steps[] = new PourStep(Fact::of(PourDeed::BarsWherePlanned));
            }
        }
        if ($this->hold === Hold::Pier) {
            return [...$steps, new PourStep(Fact::of(PourDeed::SetTheAnchor), within: $workable), new PourStep(Fact::of(PourDeed::StrikeOff), within: $workable), new PourStep(Fact::of(PourDeed::CoverForTheCure))];
        }

        return [...$steps, new PourStep(Fact::of(PourDeed::PlumbWhileWorkable), within: $workable), new PourStep(Fact::of(PourDeed::FinishTheTop)), new PourStep(Fact::of(PourDeed::BracesOff))];
    }

    /** @return list<PourStep> */
    private function tamped(Length $height): array
    {
        $lifts = max(1, (int) ceil($height->inMillimetres() / self::TAMPED_LIFT));
        $steps = [];
        for ($lift = 1; $lift <= $lifts; $lift++) {
            $isLast = $lift === $lifts;
            $steps[] = new PourStep(Fact::of($lift % 3 === 0 && ! $isLast ? PourDeed::TampALiftAndPlumb : PourDeed::TampALift, lift: $lift, lifts: $lifts), $height->times(($lifts - $lift) / $lifts));
        }
        if ($this->hold === Hold::Collar) {
            $steps[] = new PourStep(Fact::of(PourDeed::PourTheCollar), Length::zero(), $this->bags === 0 ? null : $this->bags);
        }

        return [...$steps, new PourStep(Fact::of(PourDeed::PlumbOnceMore)), new PourStep(Fact::of(PourDeed::MoundTheTop))];
    }
}
