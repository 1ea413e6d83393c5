<?php

declare(strict_types=1);

namespace App\Paper;

use Aequus\Measure\Unit;
use Illuminate\Http\Request;

/** The sheet a page is printed on, in mm. */
enum Paper: string
{
    case A4 = 'a4';
    case Letter = 'letter';

    public static function usual(Unit $unit): self
    {
        return self::from($unit->system()->paper);
    }

    /** As asked for in the address, else as is usual where that unit is. */
    public static function asked(Request $request, Unit $unit): self
    {
        return self::tryFrom($request->string('paper')->value()) ?? self::usual($unit);
    }

    /** @return list<self> every one, the usual first */
    public static function usualFirst(Unit $unit): array
    {
        return self::usual($unit) === self::A4 ? [self::A4, self::Letter] : [self::Letter, self::A4];
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
