<?php

declare(strict_types=1);

namespace Aequus\Words\Adjust;

use Aequus\Adjust\Network\NetworkRefusal;

/** What was wrong, where, and what to do instead. */
final class NetworkRefusalWords
{
    public static function of(NetworkRefusal $is): string
    {
        return match ($is) {
            NetworkRefusal::StationsFree => 'These readings do not say where {stations,} stand. Read a further distance to each of them.',
            NetworkRefusal::HeightsFree => 'Nothing ties {stations,} to a benchmark. Read the rod on a point whose height is known, or hop to one.',
            NetworkRefusal::ComesToNoRest => 'No place for {stations,} comes out of these readings. One of them may be wrong by much.',
        };
    }
}
