<?php

declare(strict_types=1);

namespace Aequus\Footing\Holding;

use Aequus\Measure\Length;

/** A form tube in wet ground. */
final class FormTube
{
    /** Weight of water, kN per m³. */
    private const WATER = 9.81;

    /** By how much a tube closed at its foot is lifted by water up to a depth outside it: 9.81·π/4·D²·y, in kN. An open one is not. */
    public static function lift(Length $outsideDiameter, Length $waterDepth): float
    {
        return self::WATER * M_PI / 4 * ($outsideDiameter->inMillimetres() / 1000) ** 2 * $waterDepth->inMillimetres() / 1000;
    }
}
