<?php

declare(strict_types=1);

namespace Aequus\Words\Level;

use Aequus\Level\InstrumentKind;
use Aequus\Level\InstrumentUse;

/** What instruments are called, and how they get to the far corner. */
final class InstrumentWords
{
    public static function name(InstrumentKind $instrument): string
    {
        return match ($instrument) {
            InstrumentKind::LineLevel => 'line level on a string',
            InstrumentKind::BoardLevel => 'spirit level on a board',
            InstrumentKind::BoardLevelTurned => 'spirit level on a board, turned at each hop',
            InstrumentKind::WaterLevel => 'water level',
            InstrumentKind::Laser => 'rotating laser with a rod',
        };
    }

    public static function use(InstrumentUse $use): string
    {
        return match ($use) {
            InstrumentUse::OneSpan => 'one span to the far corner, the level hung in the middle',
            InstrumentUse::Hops => '{hops: # hop|# hops} to the far corner, never turned',
            InstrumentUse::HopsTurned => '{hops: # hop|# hops} to the far corner, turned end for end each time',
            InstrumentUse::Hoses => '{hoses: one hose reaches every post|# hoses one after the other}',
            InstrumentUse::SetUps => '{set_ups: one set-up in the middle sees every post|# set-ups, one point read from both}',
        };
    }
}
