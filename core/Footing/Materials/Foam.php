<?php

declare(strict_types=1);

namespace Aequus\Footing\Materials;

/** Expanding foam in packs. */
final class Foam
{
    /** What a pack fills until its label says otherwise, ft³. */
    public const PACK_CUBIC_FEET = 0.375;

    /** @param  float  $volume  mm³ */
    public static function packs(float $volume, float $packCubicFeet = self::PACK_CUBIC_FEET): int
    {
        return (int) ceil($volume / ($packCubicFeet * Concrete::CUBIC_FOOT) - 1e-9);
    }
}
