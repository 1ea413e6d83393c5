<?php

declare(strict_types=1);

namespace Aequus\Footing\Materials;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Section;

/** The concrete of one hole: the hole between two levels, less the post in it, more the form above the ground. In mm³, never below zero. */
final class Concrete
{
    public const CUBIC_FOOT = 28_316_846.592;

    /**
     * @param  Length  $from  heights above the bottom of the hole
     * @param  ?Section  $post  null where none stands in it
     * @param  Length  $foot  of the post above the bottom
     * @param  ?Length  $formDiameter  of a round tube on top of the hole
     */
    public static function volume(
        Hole $hole, Length $from, Length $to, ?Section $post, Length $foot, ?Length $formDiameter = null, ?Length $formHeight = null,
    ): float {
        $form = $formDiameter === null || $formHeight === null ? 0.0 : M_PI / 4 * $formDiameter->inMillimetres() ** 2 * $formHeight->inMillimetres();
        $top = $formHeight === null ? $to : $to->plus($formHeight);
        $buried = $post === null ? 0.0 : max(0.0, $top->inMillimetres() - max($from->inMillimetres(), $foot->inMillimetres())) * $post->area();

        return max(0.0, $hole->between($from, $to) + $form - $buried);
    }
}
