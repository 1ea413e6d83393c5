<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;
use Aequus\Plan\Frame\Layer;

/**
 * How timber changes as it dries outdoors or takes up damp: a rule of thumb, a quarter of a hundredth of its width for each hundredth of moisture.
 */
final class TimberMoves
{
    /** In a hundred: above it timber is green, and bows as it dries. */
    public const GREEN = 20.0;

    /** What timber comes to outdoors, in a hundred. */
    public const OUTDOORS = 16.0;

    /** Above it a wetter board is no wider. */
    private const SATURATED = 28.0;

    private const WIDTH_A_HUNDREDTH = 0.0025;

    public static function isGreen(Layer $layer): bool
    {
        return $layer->moisture !== null && $layer->moisture > self::GREEN;
    }

    /**
     * By how much narrower a member is once it has come to what it comes to outdoors; negative where it swells; nothing where nobody read its
     * moisture.
     */
    public static function shrinks(Layer $layer): Length
    {
        return Length::millimetres(
            $layer->thick->inMillimetres() * self::WIDTH_A_HUNDREDTH * (min(self::SATURATED, $layer->moisture ?? self::OUTDOORS) - self::OUTDOORS),
        );
    }

    /** The gap that boards are laid with, so that it becomes the one that is wanted; none where they shrink by more. */
    public static function gapToLay(Layer $boards): Length
    {
        $gap = ($boards->gap ?? Length::zero())->minus(self::shrinks($boards));

        return $gap->isNegative() ? Length::zero() : $gap;
    }

    /** What the gap comes to. */
    public static function gapInTheEnd(Layer $boards): Length
    {
        return self::gapToLay($boards)->plus(self::shrinks($boards));
    }
}
