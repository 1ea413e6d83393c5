<?php

declare(strict_types=1);

namespace Aequus\Plan\Part;

use Aequus\Measure\Length;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Terms\PlanRefused;

/** All parts of a job as one: labels are given once, and no post stands in another. */
final class Parts
{
    /**
     * The first grid with the posts of further parts.
     *
     * @param  list<Part>  $parts
     * @param  Length  $apart  of the centres of two posts, at least
     *
     * @throws PlanRefused when two posts would share a label, or stand in each other
     */
    public static function onto(Grid $grid, array $parts, Length $apart): Grid
    {
        $standing = $grid->atCrossings();
        $labels = [];
        foreach ($standing as $post) {
            $labels[strtoupper($post->label)] = true;
        }
        $added = [];
        foreach ($parts as $part) {
            foreach ($part->posts as $post) {
                if (isset($labels[$post->label])) {
                    throw PlanRefused::labelTaken($post->label);
                }
                foreach ([...$standing, ...$added] as $other) {
                    if ($post->at->distanceTo($other->at)->isShorterThan($apart)) {
                        throw PlanRefused::postsStandInEachOther($post->label, $other->label);
                    }
                }
                $labels[$post->label] = true;
                $added[] = $post;
            }
        }

        return new Grid($grid->columns, $grid->rows, $grid->leftOut, $added);
    }
}
