<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

use Aequus\Fact\Fact;
use Aequus\Measure\Refusal;

/** The readings leave stations free to move, or contradict each other so much that none comes to rest. */
final class NotDetermined extends Refusal
{
    /** @param  list<string>  $stations by name, in the order of the stations */
    private function __construct(NetworkRefusal $is, public readonly array $stations, public readonly bool $free)
    {
        parent::__construct(Fact::of($is, stations: $stations));
    }

    /** @param  list<string>  $free */
    public static function stations(array $free): self
    {
        return new self(NetworkRefusal::StationsFree, $free, true);
    }

    /** @param  list<string>  $free  points and set-ups */
    public static function heights(array $free): self
    {
        return new self(NetworkRefusal::HeightsFree, $free, true);
    }

    /** @param  list<string>  $unsettled */
    public static function doesNotSettle(array $unsettled): self
    {
        return new self(NetworkRefusal::ComesToNoRest, $unsettled, false);
    }
}
