<?php

declare(strict_types=1);

namespace Aequus\Level;

/** A hose with water in it: both ends stand level, whatever lies between. */
final class WaterLevel
{
    /** Standard deviation of one reading, mm. */
    public const READING = 2.0;

    /** How far a hose reaches. */
    public const HOSE_MILLIMETRES = 15_000;
}
