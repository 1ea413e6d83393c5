<?php

declare(strict_types=1);

namespace Aequus\Set;

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
            $hold === Hold::Driven => [new PourStep('Nothing is filled: it holds by what it was driven into')],
            $hold === Hold::Foam => [new PourStep('Mix and pour all at once, away from skin and sun'), new PourStep('Hold it plumb until it is hard'), new PourStep('Cut level, cover with earth')],
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
            $steps[] = new PourStep($last ? 'Fill to the ground, from both sides in turn' : 'Fill, from both sides in turn', $height->times(($lifts - $lift) / $lifts), $bags);
            $steps[] = new PourStep($this->mixing === Mixing::DryInTheHole ? 'Water it as the bag says, and wait until it has gone down' : 'Rod out the air, without pushing the post');
            if ($lift === 1 && $lifts > 1) {
                $steps[] = new PourStep('Bars, where they are planned: off the earth, under cover');
            }
        }
        if ($this->hold === Hold::Pier) {
            return [...$steps, new PourStep('Set the anchor level and on the string while it is workable', within: $workable), new PourStep('Strike off level', within: $workable), new PourStep('Cover it; bases and posts after the cure')];
        }

        return [...$steps, new PourStep('Plumb both faces once more while it is workable', within: $workable), new PourStep('Finish: slope the top, or stop below turf'), new PourStep('Braces off when the time is over and the surface is hard')];
    }

    /** @return list<PourStep> */
    private function tamped(Length $height): array
    {
        $lifts = max(1, (int) ceil($height->inMillimetres() / self::TAMPED_LIFT));
        $steps = [];
        for ($lift = 1; $lift <= $lifts; $lift++) {
            $isLast = $lift === $lifts;
            $steps[] = new PourStep("Lift {$lift} of {$lifts}: fill, tamp round and round".($lift % 3 === 0 && ! $isLast ? ', then plumb both faces' : ''), $height->times(($lifts - $lift) / $lifts));
        }
        if ($this->hold === Hold::Collar) {
            $steps[] = new PourStep('Pour the collar, slope its top', Length::zero(), $this->bags === 0 ? null : $this->bags);
        }

        return [...$steps, new PourStep('Plumb both faces once more'), new PourStep('Mound the top so that water runs off')];
    }
}
