<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Plan\PostId;

/** A tape between two standing posts, centre to centre, at the ground or at their tops. */
final readonly class SpacingRead implements Payload
{
    /** @throws EntryRefused when it is no distance between two posts */
    public function __construct(public PostId $from, public PostId $to, public SpacingAt $at, public Length $distance)
    {
        if ($from->equals($to)) {
            throw EntryRefused::sameStakeTwice();
        }
        if (! $distance->isPositive()) {
            throw EntryRefused::distanceNotPositive();
        }
    }

    public function kind(): EntryKind
    {
        return EntryKind::Spacing;
    }

    public function posts(): array
    {
        return [$this->from, $this->to];
    }
}
