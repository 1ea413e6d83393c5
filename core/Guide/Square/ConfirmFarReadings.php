<?php

declare(strict_types=1);

namespace Aequus\Guide\Square;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Measure\Guess;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A tape far from the plan waits until it is pulled again or confirmed; where all of them are far, the unit is asked about. */
enum ConfirmFarReadings implements Says
{
    case SayTheUnit;

    case TimesTooMuch;
    case TimesTooLittle;
    case AnotherPlan;
    case EnterThemAnew;
    case TooMuchByThePlan;
    case TooLittleByThePlan;
    case CountsForNothing;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        $far = $site->square->survey->far;
        if ($site->decided(DecisionAbout::AcceptOutline) !== null) {
            return;
        }
        if ($far->inAnotherUnit !== null) {
            $times = number_format($far->ratio > 1 ? $far->ratio : 1 / $far->ratio, 2);
            yield new Move(
                Phase::Square, Fact::of(self::SayTheUnit), [
                    Fact::of($far->ratio > 1 ? self::TimesTooMuch : self::TimesTooLittle, times: $times),
                    $far->inAnotherUnit === [] ? Fact::of(self::AnotherPlan) : $far->inAnotherUnit[0]->asks($far->ratio > 1),
                    Fact::of(self::EnterThemAnew),
                ],
                asks: EntryKind::Strike,
            );
        }
        foreach ($far->setAside as $one) {
            $taken = $site->square->taken->holding($one->id);
            if ($taken === null) {
                continue;
            }
            $misfit = $taken->misfit($one->misfit);
            $much = $misfit->isPositive();
            yield ReadAgain::again(
                $taken, Fact::of($much ? self::TooMuchByThePlan : self::TooLittleByThePlan, misfit: $misfit->magnitude()),
                ...[...array_map(fn (Guess $guess) => $guess->asks($much), $one->guesses), Fact::of(self::CountsForNothing)],
            );
        }
    }
}
