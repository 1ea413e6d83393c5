<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Measure\Guess;
use Aequus\Measure\Length;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Square\TakenReadings;

/** A tape far from the plan waits until it is pulled again or confirmed; where all of them are far, the unit is asked about. */
final readonly class ConfirmFarReadings implements Rule
{
    public function moves(SiteState $site): iterable
    {
        $far = $site->square->survey->far;
        if ($far === null || $site->decided(DecisionAbout::AcceptOutline) !== null) {
            return;
        }
        if ($far->inAnotherUnit !== null) {
            $times = number_format($far->ratio > 1 ? $far->ratio : 1 / $far->ratio, 2);
            yield new Move(
                Phase::Square, 'Say in which unit the tapes were read',
                'Taken together they read '.$times.' times too '.($far->ratio > 1 ? 'much' : 'little').($far->inAnotherUnit === [] ? '. Is this the plan they belong to?' : ': '.$far->inAnotherUnit[0]->asks($far->ratio > 1)).' Strike them and enter them anew, or correct the plan.',
                asks: EntryKind::Strike,
            );
        }
        foreach ($far->setAside as $one) {
            foreach ($site->square->taken->taped as $taped) {
                if (isset($taped->readings[TakenReadings::sequence($one->id)])) {
                    $misfit = Length::millimetres($one->misfit);
                    $much = $misfit->isPositive();
                    $guesses = implode(' ', array_map(fn (Guess $guess) => ucfirst($guess->asks($much)), $one->guesses));
                    yield PullAgain::again($taped, "It reads {$site->plan->write($misfit->magnitude())} too ".($much ? 'much' : 'little')." by the plan. {$guesses} It counts for nothing until it is pulled again, or entered once more as right.");
                }
            }
        }
    }
}
