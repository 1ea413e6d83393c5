<?php

declare(strict_types=1);

namespace Aequus\Thing\Make;

use Aequus\Measure\Length;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Grid\GridLines;
use Aequus\Plan\Grid\Spacing;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\ToleranceClass;
use Aequus\Plan\Tolerances;
use Aequus\Plan\Work\Make;
use Aequus\Thing\Ask\AskedOfAll;
use Aequus\Thing\Ask\Heard;

/** An ordinary plan out of bays both ways, with the tolerances that its kind is built to. */
final class Draft
{
    /** A hole this much wider than its post leaves room to tamp or pour. */
    private const HOLE = 2.25;

    /**
     * @param  Length  $standing  how high the posts stand above the ground
     * @param  list<Length>  $columns  bays along the base line
     * @param  list<Length>  $rows  bays away from it
     * @param  ?HoleShape  $hole  null for the usual width
     * @param  ?Length  $ownDepth  that the thing itself asks
     * @param  ?Section  $heavy  of posts at corners and gates; null for the same
     * @param  ?Length  $along  how far posts of a single row may be off along it; null for as much as across
     *
     * @throws PlanRefused when no such plan can be
     */
    public static function plan(
        JobKind $kind, Heard $heard, ToleranceClass $class, Section $post, Length $standing, array $columns, array $rows, ?HoleShape $hole = null,
        ?Length $ownDepth = null, ?Section $heavy = null, ?Length $along = null,
    ): Plan {
        $unit = $heard->notation->unit;
        $work = AskedOfAll::heard($heard);
        $post = $work->make === Make::Pole ? Section::round($post->thicker()) : $post;
        $widest = $heavy !== null && $heavy->across()->isLongerThan($post->across()) ? $heavy : $post;

        return new Plan(
            $kind, $heard->notation, $heard->sides, new Tolerances($class, $class->squareness($unit), $class->plumbOneIn(), $along), $post,
            $hole ?? HoleShape::round($heard->notation->round($widest->across()->times(self::HOLE))), $standing,
            new Grid(GridLines::fresh(Spacing::bays($columns)), GridLines::fresh(Spacing::bays($rows))), fit: new Fit, answers: $heard->answers(),
            ownDepth: $ownDepth,
            heavy: $heavy === null || $work->make !== Make::Pole ? $heavy : Section::round($heavy->thicker()), work: $work,
        );
    }
}
