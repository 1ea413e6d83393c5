<?php

declare(strict_types=1);

namespace Aequus\Footing\Materials;

/** Drainage gravel by weight. */
final class Gravel
{
    private const TONNES_PER_CUBIC_METRE = 1.5;

    /** @param  float  $volume  mm³ */
    public static function tonnes(float $volume): float
    {
        return self::TONNES_PER_CUBIC_METRE * $volume / 1e9;
    }
}
