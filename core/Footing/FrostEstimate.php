<?php

declare(strict_types=1);

namespace Aequus\Footing;

use Aequus\Measure\Length;

/** How deep frost may go in a cold winter, where nobody has said it yet: the modified Stefan equation. Never instead of the local office. */
final class FrostEstimate
{
    /** Frozen soil, W/mK. */
    private const CONDUCTIVITY = 1.9;

    /** Ground surface against air. */
    private const SURFACE = 0.9;

    /** J/kg of water. */
    private const LATENT_HEAT = 334_000.0;

    private const SECONDS_A_DAY = 86_400;

    /**
     * @param  float  $freezingIndex  of a design (cold) winter, °C·days
     * @param  float  $dryDensity  kg/m³
     * @param  float  $waterContent  as a share of the dry mass
     */
    public static function depth(float $freezingIndex, float $dryDensity, float $waterContent): Length
    {
        $metres = sqrt(
            2 * self::CONDUCTIVITY * self::SURFACE * $freezingIndex * self::SECONDS_A_DAY / (self::LATENT_HEAT * $dryDensity * $waterContent),
        );

        return Length::millimetres($metres * 1000);
    }
}
