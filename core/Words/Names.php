<?php

declare(strict_types=1);

namespace Aequus\Words;

use Aequus\Words\Adjust\AdjustNames;
use Aequus\Words\Footing\FootingNames;
use Aequus\Words\Logbook\LogbookNames;
use Aequus\Words\Measure\MeasureNames;
use Aequus\Words\Plan\PlanNames;
use Aequus\Words\Site\SiteNames;
use LogicException;
use UnitEnum;

/** What people call a case: a kind of soil, a way to hold, a phase. */
final class Names
{
    /** Nothing where there is no case. */
    public static function of(?UnitEnum $case): string
    {
        if ($case === null) {
            return '';
        }

        return LogbookNames::of($case) ?? PlanNames::of($case) ?? SiteNames::of($case) ?? FootingNames::of($case) ?? MeasureNames::of($case)
            ?? AdjustNames::of($case)
            ?? throw new LogicException('Nobody has a name for '.$case::class.'.');
    }
}
