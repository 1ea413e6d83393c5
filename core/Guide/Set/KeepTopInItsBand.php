<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Site\TopByRule;
use Aequus\Thing\Terms\InBand;

/** What a rule keeps within a band over a road is measured once the post stands, and lifted or lowered while it can be. */
enum KeepTopInItsBand implements Says
{
    case MeasureTopOver;
    case LiftInTheHole;
    case LowerInTheHole;
    case HeightStaysOut;

    case TopByRule;
    case TopOutOfItsBand;
    case LiftOnGravel;

    case StraightUp;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        $top = TopByRule::of($site);
        if ($top === null || ! $site->standing($top->post)->set || $top->isTaken()) {
            return;
        }
        [$height, $change] = [$top->height(), $top->change()];
        $allowed = ['line' => $top->edge->name, 'least' => $top->band->least, 'most' => $top->band->most];
        if ($height === null || $change === null) {
            yield new Move(
                Phase::Set, Fact::of(self::MeasureTopOver, post: $top->post, line: $top->edge->name),
                [Fact::of(self::TopByRule, ...$allowed, planned: $top->planned())],
                $top->planned(), Fact::of(self::StraightUp), [$top->post], EntryKind::TopOver, line: $top->edge,
            );

            return;
        }
        if ($top->verdict() === InBand::Within) {
            return;
        }
        $isLoose = ! $site->isFilled($top->post);
        yield new Move(
            Phase::Set, Fact::of(
                match (true) {
                    ! $isLoose => self::HeightStaysOut, $change->isPositive() => self::LiftInTheHole, default => self::LowerInTheHole
                }, post: $top->post,
            ), [
                Fact::of(self::TopOutOfItsBand, ...$allowed, height: $height),
                $isLoose ? Fact::of(self::LiftOnGravel) : Fact::of(SettleFoot::FilledAsItStands),
            ],
            $change->magnitude(), null, [$top->post], $isLoose ? EntryKind::TopOver : EntryKind::Decision, line: $top->edge,
        );
    }
}
