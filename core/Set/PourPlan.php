<?php

declare(strict_types=1);

namespace Aequus\Set;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Plan\Holding\Layer;
use Aequus\Plan\Holding\LayerPlace;
use Aequus\Plan\Holding\LayerTime;
use Aequus\Plan\Holding\Material;
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
     * @param  list<Layer>  $layers  of the hole, from the bottom up
     * @param  Length  $ground  above its bottom
     * @param  array<int, int>  $bags  by layer: how many are in once it is full
     * @param  ?float  $celsius  at which it is mixed; null for the usual
     */
    public function __construct(
        array $layers, private Length $ground, private array $bags = [], private Mixing $mixing = Mixing::Before, private ?float $celsius = null,
    ) {
        $filled = array_filter($layers, fn (Layer $layer) => $layer->time === LayerTime::Fill && $layer->place !== LayerPlace::Mound);
        $steps = [];
        foreach ($filled as $i => $layer) {
            $steps = [...$steps, ...match ($layer->material) {
                Material::Foam => [new PourStep(Fact::of(PourWork::PourFoamAtOnce)), new PourStep(Fact::of(PourWork::HoldUntilHard))],
                Material::Concrete => $i === array_key_first($filled) ? $this->poured($layer, $this->bags[$i] ?? 0) : [
                    $this->collar($layer, $this->bags[$i] ?? 0),
                ],
                default => $this->tamped($layer),
            }];
        }
        $top = array_pop($filled);
        $last = count($layers) - 1;
        $this->steps = $top === null ? [new PourStep(Fact::of(PourWork::NothingIsFilled))] : [
            ...$steps, ...$this->finish($top, $layers[$last], $this->bags[$last] ?? null),
        ];
    }

    /** @return list<PourStep> */
    private function poured(Layer $layer, int $ofBags): array
    {
        $lifts = max(1, (int) ceil($layer->height()->inMillimetres() / self::CONCRETE_LIFT));
        $steps = [];
        for ($lift = 1; $lift <= $lifts; $lift++) {
            $last = match (true) {
                $layer->place === LayerPlace::Tube => PourWork::FillTheTube,
                $layer->to->equals($this->ground) => PourWork::FillToTheGround,
                default => PourWork::FillBelowTurf,
            };
            $bags = $ofBags === 0 ? null : (int) ceil($ofBags * $lift / $lifts);
            $steps[] = new PourStep(Fact::of($lift === $lifts ? $last : PourWork::FillFromBothSides), $this->below($layer, $lift / $lifts), $bags);
            $steps[] = new PourStep($this->mixing === Mixing::DryInTheHole ? Fact::of(PourWork::WaterIt) : Fact::of(PourWork::RodOutTheAir));
            if ($lift === 1 && $lifts > 1) {
                $steps[] = new PourStep(Fact::of(PourWork::BarsWherePlanned));
            }
        }

        return $steps;
    }

    /** Concrete over what was tamped. */
    private function collar(Layer $layer, int $bags): PourStep
    {
        return new PourStep(Fact::of(PourWork::PourTheCollar), $this->below($layer, 1.0), $bags === 0 ? null : $bags);
    }

    /** @return list<PourStep> */
    private function tamped(Layer $layer): array
    {
        $lifts = max(1, (int) ceil($layer->height()->inMillimetres() / self::TAMPED_LIFT));
        $steps = [];
        for ($lift = 1; $lift <= $lifts; $lift++) {
            $plumbs = $lift % 3 === 0 && $lift < $lifts;
            $steps[] = new PourStep(
                Fact::of($plumbs ? PourWork::TampALiftAndPlumb : PourWork::TampALift, lift: $lift, lifts: $lifts),
                $this->below($layer, $lift / $lifts),
            );
        }

        return $steps;
    }

    /**
     * @param  Layer  $top  of what is filled
     * @param  Layer  $last  of all
     * @param  ?int  $bags  that are in once that is full
     * @return list<PourStep>
     */
    private function finish(Layer $top, Layer $last, ?int $bags): array
    {
        $workable = SetClock::minutesAt(self::WORKABLE, $this->celsius);
        if ($top->place === LayerPlace::Tube) {
            return [
                new PourStep(Fact::of(PourWork::SetTheAnchor), within: $workable), new PourStep(Fact::of(PourWork::StrikeOff), within: $workable),
                new PourStep(Fact::of(PourWork::CoverForTheCure)),
            ];
        }
        $isPoured = $top->material === Material::Concrete;
        $end = new PourStep(Fact::of(match (true) {
            $top->material === Material::Foam => PourWork::CutLevelAndCover,
            $last->place === LayerPlace::Mound => PourWork::MoundTheTop,
            $last->time === LayerTime::Last => PourWork::CoverWithTurf,
            $isPoured => PourWork::SlopeTheTop,
            default => PourWork::TampToTheGround,
        }), bags: $last->place === LayerPlace::Mound ? $bags : null);

        return match (true) {
            $isPoured => [new PourStep(Fact::of(PourWork::PlumbWhileWorkable), within: $workable), $end, new PourStep(Fact::of(PourWork::BracesOff))],
            $top->material === Material::Foam => [$end],
            default => [new PourStep(Fact::of(PourWork::PlumbOnceMore)), $end],
        };
    }

    /** How far below the ground it is filled then; above it is negative. */
    private function below(Layer $layer, float $share): Length
    {
        return $this->ground->minus($layer->from)->minus($layer->height()->times($share));
    }
}
