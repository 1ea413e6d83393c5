<?php

declare(strict_types=1);

namespace App\Paper;

use Aequus\Measure\Unit;
use Aequus\Measure\UnitSystem;

/** The sheet a page is printed on, in mm. */
enum Paper: string
{
    case A4 = 'a4';
    case Letter = 'letter';

    public static function usual(Unit $unit): self
    {
        return self::from(UnitSystem::of($unit)->paper);
    }

    public function width(): float
    {
        return $this === self::A4 ? 210.0 : 215.9;
    }

    public function height(): float
    {
        return $this === self::A4 ? 297.0 : 279.4;
    }
}
