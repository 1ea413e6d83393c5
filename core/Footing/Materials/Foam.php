<?php

declare(strict_types=1);

namespace Aequus\Footing\Materials;

use Aequus\Measure\UnitSystem;

/** Expanding foam in packs. */
final class Foam
{
    /** What a pack fills until its label says otherwise, ft³. */
    public const PACK_CUBIC_FEET = 0.375;

    /** No pack fills more, ft³. */
    public const LARGEST_PACK_CUBIC_FEET = 10.0;

    /** What a pack fills until its label says otherwise, in the volume by which a job tells one hole’s worth, to three figures. */
    public static function usualPack(UnitSystem $in): float
    {
        $pack = self::PACK_CUBIC_FEET * Concrete::CUBIC_FOOT / $in->perLittle;

        return round($pack, 3 - (int) ceil(log10($pack)));
    }

    /** @param  float  $volume  mm³ */
    public static function packs(float $volume, float $packCubicFeet = self::PACK_CUBIC_FEET): int
    {
        return (int) ceil($volume / ($packCubicFeet * Concrete::CUBIC_FOOT) - 1e-9);
    }
}
