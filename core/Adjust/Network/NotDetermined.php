<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

use Aequus\Measure\Refusal;

/** The readings leave stations free to move, or contradict each other so much that none comes to rest. */
final class NotDetermined extends Refusal
{
    /** @param  list<string>  $stations by name, in the order of the stations */
    private function __construct(string $sentence, public readonly array $stations, public readonly bool $free)
    {
        parent::__construct($sentence);
    }

    /** @param  list<string>  $free */
    public static function stations(array $free): self
    {
        return new self('These readings do not say where '.implode(', ', $free).' stand. Read a further distance to each of them.', $free, true);
    }

    /** @param  list<string>  $free  points and set-ups */
    public static function heights(array $free): self
    {
        return new self('Nothing ties '.implode(', ', $free).' to a benchmark. Read the rod on a point whose height is known, or hop to one.', $free, true);
    }

    /** @param  list<string>  $restless */
    public static function doesNotSettle(array $restless): self
    {
        return new self('No place for '.implode(', ', $restless).' comes out of these readings. One of them may be wrong by much.', $restless, false);
    }
}
