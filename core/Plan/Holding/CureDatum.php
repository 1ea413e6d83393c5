<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

use Aequus\Measure\Temperature;
use Aequus\Plan\Terms\PlanRefused;

/**
 * The temperature from which the maturity of a mix is counted, the datum temperature of ASTM C1074: 0 °C as recommended for plain cement,
 * another only where the mix’s supplier names it.
 */
final readonly class CureDatum
{
    public const COLDEST_CELSIUS = -15.0;

    public const WARMEST_CELSIUS = 10.0;

    /** @throws PlanRefused outside what any mix is counted from */
    public function __construct(public float $celsius = 0.0)
    {
        if (! ($celsius >= self::COLDEST_CELSIUS && $celsius <= self::WARMEST_CELSIUS)) {
            throw PlanRefused::cureDatumOutOfRange();
        }
    }

    public function isTyped(): bool
    {
        return $this->celsius !== 0.0;
    }

    public function temperature(): Temperature
    {
        return Temperature::celsius($this->celsius);
    }
}
