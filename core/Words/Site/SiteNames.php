<?php

declare(strict_types=1);

namespace Aequus\Words\Site;

use Aequus\Logbook\Set\ReadyItem;
use Aequus\Site\Phase;
use Aequus\Site\PourPoint;
use Aequus\Words\Logbook\LogbookNames;
use UnitEnum;

/** What cases of this floor are called. */
final class SiteNames
{
    public static function of(UnitEnum $case): ?string
    {
        return match ($case) {
            Phase::Plan => 'Plan',
            Phase::Clear => 'Clear',
            Phase::Square => 'Square',
            Phase::Level => 'Level',
            Phase::Footing => 'Footing',
            Phase::Set => 'Set',
            Phase::Cut => 'Cut',
            Phase::Handover => 'Hand over',
            PourPoint::HoleDeep => 'hole deep enough',
            PourPoint::OnItsMark => 'on its mark',
            PourPoint::Braced => 'set and braced two ways',
            PourPoint::Plumb => 'plumb on two faces',
            PourPoint::AllPlumb => 'all posts stand plumb',
            PourPoint::MeasuredAgain => 'one measure taken again by another way',
            PourPoint::Inspected, PourPoint::Foot, PourPoint::Anchor, PourPoint::Mix, PourPoint::Weather, PourPoint::Covered => LogbookNames::of(
                ReadyItem::from($case->value),
            ),
            default => null,
        };
    }
}
