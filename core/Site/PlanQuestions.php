<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Logbook\Kind\Question;
use Aequus\Logbook\Kind\QuestionAbout;
use Aequus\Measure\Guesses;
use Aequus\Measure\Length;
use Aequus\Plan\Grid\Spacing;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Place\SiteKind;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Tops\TopRules;

/** Figures of a plan that can be but rarely are: a bay nobody spans, a post like a match, a hole for a tree. */
final class PlanQuestions
{
    /** Between what a bay, a post, a hole and a standing height usually lie, and the widest tolerance; mm. */
    private const BAY = [250.0, 7500.0];

    private const POST = [35.0, 450.0];

    private const HOLE = 1200.0;

    /** What must be left between two holes, or it falls in; mm. */
    private const EARTH = 100.0;

    /** What two buildings leave between them at least for snow, a mower and a ladder, mm. */
    private const BETWEEN = 1200.0;

    private const STANDING = [100.0, 7500.0];

    private const TOLERANCE = 50.0;

    /** What is fixed on the site, and rules of depth, rarely lie beyond this; mm. */
    private const FIXED_AWAY = 30000.0;

    private const RULES = ['frost' => 2500.0, 'margin' => 600.0, 'embedment' => 2500.0, 'pad' => 600.0, 'gravel' => 600.0];

    /** A bay so many times off the middle one is asked about with a guess. */
    private const UNLIKE = 4.0;

    /**
     * @param  ?Plan  $before  what stands there already is not asked about again
     * @return list<Question> their figures named as the plan form names its fields
     */
    public static function of(Plan $plan, ?Plan $before): array
    {
        $questions = [
            ...self::bays($plan, 'bays_x', $plan->grid->columns->spacing(), $before?->grid->columns->spacing()),
            ...self::bays($plan, 'bays_y', $plan->grid->rows->spacing(), $before?->grid->rows->spacing()),
        ];
        $one = function (string $figure, QuestionAbout $about, Length $now, ?Length $then, float $least, float $most) use (&$questions): void {
            $mm = $now->inMillimetres();
            if (($mm < $least || $mm > $most) && ($then === null || ! $now->equals($then))) {
                $questions[] = Question::doubtful($about, $figure, $now, Length::millimetres($mm < $least ? $least : $most));
            }
        };
        $one('post_b', QuestionAbout::PostUnusual, $plan->post->thicker(), $before?->post->thicker(), ...self::POST);
        $one('hole', QuestionAbout::HoleWideInPlan, $plan->hole->width, $before?->hole->width, 0.0, self::HOLE);
        $one('standing', QuestionAbout::StandingUnusual, $plan->standing, $before?->standing, ...self::STANDING);
        $one('squareness', QuestionAbout::ToleranceWide, $plan->tolerances->squareness, $before?->tolerances->squareness, 0.0, self::TOLERANCE);

        $rules = fn (?Plan $of): array => $of?->footing === null ? [] : [
            'frost' => $of->footing->frost, 'margin' => $of->footing->margin, 'embedment' => $of->footing->embedment->length,
            'pad' => $of->footing->pad, 'gravel' => $of->footing->gravel,
        ];
        foreach (array_filter($rules($plan)) as $figure => $length) {
            $one($figure, QuestionAbout::RuleLarge, $length, $rules($before)[$figure] ?? null, 0.0, self::RULES[$figure]);
        }
        if ($plan->tops !== null) {
            $above = fn (TopRules $tops): Length => $tops->heightAtA1->minus($tops->datumLine);
            $one(
                'datum_line', QuestionAbout::TopsFarAboveTheLine, $above($plan->tops), $before?->tops === null ? null : $above($before->tops), 0.0,
                self::STANDING[1],
            );
        }

        return [
            ...$questions, ...self::holes($plan, $before), ...self::lines($plan, $before), ...self::held($plan, $before),
            ...self::between($plan, $before),
        ];
    }

    /** @return list<Question> about each building beside this one that leaves too little between them for snow, mower and ladder */
    private static function between(Plan $plan, ?Plan $before): array
    {
        $room = function (Plan $of, SiteObject $object): Length {
            return Length::nanometres(min(array_map(fn (Post $post) => $object->room($post, $of->sectionOf($post))->nanometres, $of->grid->posts)));
        };
        $questions = [];
        foreach ($plan->kind->isABuilding() ? $plan->site : [] as $object) {
            $now = $room($plan, $object);
            $then = array_values(array_filter($before->site ?? [], fn (SiteObject $one) => $one->id === $object->id))[0] ?? null;
            $isKnown = $before !== null && $then !== null && ! $now->isShorterThan($room($before, $then));
            if (
                in_array($object->kind, [SiteKind::House, SiteKind::Structure], true) && $now->isPositive() && $now->inMillimetres() < self::BETWEEN
                && ! $isKnown
            ) {
                $questions[] = Question::doubtful(QuestionAbout::RoomBetweenBuildings, 'object_least', $now, Length::millimetres(self::BETWEEN));
            }
        }

        return $questions;
    }

    /** @return list<Question> at most one: posts that shall come out again, held so that they can’t */
    private static function held(Plan $plan, ?Plan $before): array
    {
        $isForGood = fn (?Plan $of): bool => array_filter(
            $of?->holding?->ways() ?? [], fn (Hold $way) => $of !== null && ! $way->suits($of->work->lasting),
        ) !== [];

        return $isForGood($plan) && ! $isForGood($before) ? [Question::doubtful(QuestionAbout::HeldForGood, 'lasting')] : [];
    }

    /** @return list<Question> at most one: the two holes that come nearest to each other, where too little earth is left between them */
    private static function holes(Plan $plan, ?Plan $before): array
    {
        $nearest = self::nearest($plan);
        if ($nearest === null || $nearest[0]->minus($plan->hole->width)->inMillimetres() >= self::EARTH) {
            return [];
        }
        $known = $before === null || ! $before->hole->width->equals($plan->hole->width) ? null : self::nearest($before);

        return $known !== null && $known[0]->equals($nearest[0]) ? [] : [
            Question::doubtful(QuestionAbout::HolesRunTogether, 'hole', $nearest[0], $plan->hole->width, posts: [$nearest[1]->id, $nearest[2]->id]),
        ];
    }

    /** @return ?array{Length, Post, Post} the two dug posts that stand nearest to each other, and how far apart; null where there are no two */
    private static function nearest(Plan $plan): ?array
    {
        $dug = array_values(array_filter($plan->grid->posts, fn (Post $post) => $plan->holdOf($post->id)->isDug()));
        $places = array_map(fn (Post $post) => [$post->at->x->inMillimetres(), $post->at->y->inMillimetres()], $dug);
        [$least, $pair] = [INF, null];
        foreach ($places as $i => [$x, $y]) {
            for ($j = 0; $j < $i; $j++) {
                $square = ($x - $places[$j][0]) ** 2 + ($y - $places[$j][1]) ** 2;
                [$least, $pair] = $square < $least ? [$square, [$dug[$j], $dug[$i]]] : [$least, $pair];
            }
        }

        return $pair === null ? null : [$pair[0]->at->distanceTo($pair[1]->at), ...$pair];
    }

    /** @return list<Question> about what is fixed on the site and lies far away: a figure misread there is a wall ignored */
    private static function lines(Plan $plan, ?Plan $before): array
    {
        $questions = [];
        foreach ($plan->fixedLines() as $line) {
            $off = min(array_map(fn (Post $post) => $line->off($post->at)->magnitude()->inMillimetres(), $plan->grid->posts));
            $then = $before?->fixedLine($line->id);
            if ($off > self::FIXED_AWAY
                && ($then === null || ! $then->from->distanceTo($line->from)->isZero() || ! $then->to->distanceTo($line->to)->isZero())) {
                $questions[] = Question::doubtful(
                    QuestionAbout::FixedFarAway, 'line', Length::millimetres($off), Length::millimetres(self::FIXED_AWAY),
                );
            }
        }

        return $questions;
    }

    /** @return list<Question> at most one: the bay that lies furthest from what is usual */
    private static function bays(Plan $plan, string $figure, Spacing $spacing, ?Spacing $before): array
    {
        $mm = fn (Length $gap): float => $gap->inMillimetres();
        $gaps = $spacing->gaps();
        $sorted = array_map($mm, $gaps);
        sort($sorted);
        $middle = $sorted[intdiv(count($sorted), 2)] ?? 0.0;
        $known = $before === null ? [] : array_map(fn (Length $gap) => $gap->nanometres, $before->gaps());
        foreach ($gaps as $gap) {
            $isOdd = $mm($gap) < self::BAY[0] || $mm($gap) > self::BAY[1];
            $isUnlike = count($gaps) > 2 && ($mm($gap) > self::UNLIKE * $middle || $mm($gap) * self::UNLIKE < $middle);
            if (($isOdd || $isUnlike) && ! in_array($gap->nanometres, $known, true)) {
                $expected = Length::millimetres($isUnlike ? $middle : ($mm($gap) < self::BAY[0] ? self::BAY[0] : self::BAY[1]));

                return [
                    Question::doubtful(
                        $isUnlike ? QuestionAbout::BayUnlikeTheOthers : QuestionAbout::BayUnusual, $figure, $gap, $expected,
                        $isUnlike ? Guesses::of($plan->notation->unit)->ofFigure($mm($gap), $middle, $middle / 8) : [],
                    ),
                ];
            }
        }

        return [];
    }
}
