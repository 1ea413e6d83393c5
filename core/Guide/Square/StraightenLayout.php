<?php

declare(strict_types=1);

namespace Aequus\Guide\Square;

use Aequus\Adjust\Placement\PlacedStake;
use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Shift;
use Aequus\Plan\Terms\Side;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Square\Network\PlanNetwork;
use Aequus\Square\SquareVerdict;

/**
 * Once the readings agree with each other: which stakes to move, how far, toward which side. Stakes whose moves differ by less than half the
 * tolerance move in one go; so do all of them when the whole grid lies askew to the line that holds it.
 */
enum StraightenLayout implements Says
{
    case SwingGrid;
    case MoveStakes;

    case GridAskew;
    case OneOfMany;
    case ReadAgainThen;
    case Racked;
    case ReadingsAgree;
    case SetPostsHold;
    case OthersStay;
    case DugAlready;

    case MovesMost;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        if ($site->decided(DecisionAbout::AcceptOutline) !== null || $site->square->survey->isInDoubt()
            || $site->square->verdict() !== SquareVerdict::Out && $site->square->survey->linesInConflict() !== []) {
            return;
        }
        $close = $site->plan->tolerances->squareness->inMillimetres() / 2;
        $alike = [];
        $off = array_flip($site->square->survey->far->offPlan);
        $toMove = $site->square->toMove();
        // A stake that is itself off its plan comes first: it drags at all others.
        usort($toMove, fn (PlacedStake $one, PlacedStake $other) => isset($off[$other->name]) <=> isset($off[$one->name]));
        foreach ($toMove as $stake) {
            foreach ($alike as $i => $group) {
                if ($group[0]->along->minus($stake->along)->length() <= $close && self::toldAlike($site->plan, $group[0], $stake)) {
                    $alike[$i][] = $stake;

                    continue 2;
                }
            }
            $alike[] = [$stake];
        }
        $line = $site->plan->fixedLine($site->square->survey->against->line ?? '');
        if ($line !== null && $off === [] && count($alike) > 1 && $site->square->isAgainstTheLine()) {
            yield self::swing($site, $line, $toMove);

            return;
        }
        foreach ($alike as $stakes) {
            yield self::move($site, $stakes);
        }
    }

    /**
     * The whole grid lies askew to what holds it: all its stakes move in one go, each by its own.
     *
     * @param  non-empty-list<PlacedStake>  $stakes
     */
    private static function swing(SiteState $site, FixedLine $line, array $stakes): Move
    {
        $plan = $site->plan;
        $posts = array_values(array_filter(array_map(fn (PlacedStake $stake) => $plan->grid->find(PostId::of($stake->name)), $stakes)));
        $each = array_map(
            fn (PlacedStake $stake, Post $post) => Fact::of(self::OneOfMany, post: $post, shifts: self::inMarks($site, $stake)), $stakes, $posts,
        );
        $most = $stakes[0];
        foreach ($stakes as $stake) {
            $most = $stake->size() > $most->size() ? $stake : $most;
        }
        $far = $plan->grid->find(PostId::of($most->name));

        return new Move(
            Phase::Square, Fact::of(self::SwingGrid, line: $line->name), [
                Fact::of(self::GridAskew, each: $each), Fact::of(self::ReadAgainThen),
            ],
            Length::millimetres($most->size()), $far === null ? null : Fact::of(self::MovesMost, post: $far), $posts, EntryKind::StakeMoved,
        );
    }

    /** @return list<Shift> the mean of their moves in the job’s own marks, along the placed design and the sides of their posts */
    public static function inMarks(SiteState $site, PlacedStake ...$stakes): array
    {
        $turn = $stakes === [] ? 0.0 : $site->plan->turnOf(PostId::of($stakes[0]->name));
        $mean = Vector::centre(array_map(fn (PlacedStake $stake) => $stake->along, $stakes) ?: [Vector::zero()])->turned(-$turn);

        return Shift::told(Length::millimetres($mean->x), Length::millimetres($mean->y), $site->plan->notation->smallestMark());
    }

    /** Whether two stakes may be told in one go: toward the same sides, against the same tolerance. */
    private static function toldAlike(Plan $plan, PlacedStake $one, PlacedStake $other): bool
    {
        [$first, $second] = [PostId::of($one->name), PostId::of($other->name)];

        return $plan->turnOf($first) === $plan->turnOf($second) && $plan->sidesOf($first) == $plan->sidesOf($second)
            && $plan->closenessAt($first)->across->equals($plan->closenessAt($second)->across);
    }

    /**
     * Where it is the far side of the outline that moves: what the diagonals say of it, for that is what people look at first.
     *
     * @param  list<Post>  $posts
     * @return list<Fact> at most one
     */
    private static function racked(SiteState $site, array $posts): array
    {
        $outline = $site->square->outline;
        $difference = $outline?->diagonalDifference();
        if ($outline === null || $difference === null
            || array_diff([$outline->corners->c->label, $outline->corners->d->label], array_map(fn (Post $post) => $post->label, $posts)) !== []) {
            return [];
        }

        return [Fact::of(self::Racked, difference: $difference->magnitude(), side: Side::PlusY)];
    }

    /** @param  non-empty-list<PlacedStake>  $stakes */
    private static function move(SiteState $site, array $stakes): Move
    {
        $plan = $site->plan;
        $posts = array_values(array_filter(array_map(fn (PlacedStake $stake) => $plan->grid->find(PostId::of($stake->name)), $stakes)));
        $parts = self::inMarks($site, ...$stakes);
        $beside = isset($parts[1])
            ? Fact::of(Beside::TowardBoth, post: $posts[0], side: $parts[0]->toward, also: $parts[1])
            : Fact::of(Beside::Toward, post: $posts[0], side: $parts[0]->toward);
        $rings = array_map(fn (PlacedStake $stake) => $site->square->survey->placed?->covariance->counted[$stake->name]->ring() ?? 0.0, $stakes);
        $ring = (new PlanNetwork($plan))->inMeasureOf(PostId::of($stakes[0]->name), max($rings));
        $held = count($site->square->held);
        $others = count($site->square->survey->known) - count($site->square->survey->placed?->out() ?? []);
        $why = [
            ...self::racked($site, $posts),
            Fact::of(self::ReadingsAgree, posts: $posts, ring: $ring, allowed: $plan->closenessAt($posts[0]->id)->across),
            $held > 0 ? Fact::of(self::SetPostsHold, count: $held) : Fact::of(
                self::OthersStay, others: $others, all: count($site->square->survey->known),
            ),
        ];
        foreach ($posts as $post) {
            if ($site->footing->measured($post) !== null) {
                $why[] = Fact::of(self::DugAlready, post: $post);
            }
        }

        return new Move(
            Phase::Square, Fact::of(self::MoveStakes, posts: $posts), $why, $parts[0]->amount, $beside, $posts, EntryKind::StakeMoved,
        );
    }
}
