<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Measure\Length;
use Aequus\Plan\Post;
use Aequus\Plan\Side;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Square\Outline;
use Aequus\Square\OutlineVerdict;
use Aequus\Square\Taped;
use LogicException;

/** Once the tapes agree with each other: which stakes to move, how far, toward which side. */
final readonly class StraightenLayout implements Rule
{
    public function moves(SiteState $site): iterable
    {
        if ($site->decided(DecisionAbout::AcceptOutline) !== null) {
            return;
        }
        $outline = $site->square->outline;
        yield from match ($outline?->verdict()) {
            OutlineVerdict::Racked => [$this->unrack($site, $outline)],
            OutlineVerdict::SidesOff => array_map(fn (Taped $side) => $this->shorten($site, $side, $this->farStake($outline, $side)), $outline->sidesOff()),
            OutlineVerdict::TapeTooRough => [$this->takeBetterTape($site, $outline)],
            null => array_map(fn (Taped $mark) => $this->shorten($site, $mark, $mark->pair->to), $site->square->rowOff()),
            default => [],
        };
    }

    private function unrack(SiteState $site, Outline $outline): Move
    {
        $shift = $outline->farSideShift();
        $difference = $outline->diagonalDifference();
        if ($shift === null || $difference === null) {
            throw new LogicException('An outline is called racked only when its sides and diagonals are read.');
        }
        $toward = $site->plan->sides->of(Side::alongX($shift->nanometres));
        [$c, $d] = [$outline->corners->c, $outline->corners->d];
        $far = $site->plan->sides->plusY;

        return new Move(
            Phase::Square, "Move {$d->label} and {$c->label}, the {$far} side",
            "The diagonals differ by {$site->plan->write($difference->magnitude())}, so the outline leans. Moving the whole {$far} side along its string makes them equal; the sides stay as long as they are.",
            $shift->magnitude(), "toward the {$toward}", [$d, $c], EntryKind::StakeMoved,
        );
    }

    private function shorten(SiteState $site, Taped $taped, Post $stake): Move
    {
        $off = $taped->offPlan();
        $anchor = $taped->pair->from->id->equals($stake->id) ? $taped->pair->to : $taped->pair->from;
        [$dx, $dy] = [$stake->at->x->minus($anchor->at->x)->nanometres, $stake->at->y->minus($anchor->at->y)->nanometres];
        $outward = abs($dx) >= abs($dy) ? Side::alongX($dx) : Side::alongY($dy);
        $toward = $site->plan->sides->of($off->isPositive() ? $outward->opposite() : $outward);
        $how = $off->isPositive() ? 'longer' : 'shorter';

        return new Move(
            Phase::Square, "Move {$stake->label}",
            "{$taped->pair->label()} reads {$site->plan->write($off->magnitude())} {$how} than the plan’s {$site->plan->write($taped->pair->planned())}, more than the {$site->plan->write($site->plan->tolerances->squareness)} this job allows.",
            $off->magnitude(), "toward the {$toward}", [$stake], EntryKind::StakeMoved,
        );
    }

    private function farStake(Outline $outline, Taped $side): Post
    {
        $corners = $outline->corners;

        return match ($side) {
            $outline->taped(0) => $corners->b,
            $outline->taped(3) => $corners->d,
            default => $corners->c,
        };
    }

    private function takeBetterTape(SiteState $site, Outline $outline): Move
    {
        $open = $outline->shiftUncertainty() ?? Length::zero();

        return new Move(
            Phase::Square, 'Use a better tape for the diagonals, or accept the outline',
            "The diagonals leave the far side open by {$site->plan->write($open)} either way, more than the {$site->plan->write($site->plan->tolerances->squareness)} this job allows. These tapes can’t prove it.",
            $open, 'either way', [$outline->corners->c, $outline->corners->d], EntryKind::Decision,
        );
    }
}
