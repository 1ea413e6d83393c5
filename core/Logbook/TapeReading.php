<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Plan\PostId;

/** A level distance taped between two stakes. */
final readonly class TapeReading implements Payload
{
    /** @throws EntryRefused when it is one stake twice, or the distance is not above zero */
    public function __construct(
        public PostId $from,
        public PostId $to,
        public Length $distance,
        public TapeClass $tape,
    ) {
        if ($from->equals($to)) {
            throw EntryRefused::sameStakeTwice();
        }
        if (! $distance->isPositive()) {
            throw EntryRefused::distanceNotPositive();
        }
    }

    public function joins(PostId $one, PostId $other): bool
    {
        return ($this->from->equals($one) && $this->to->equals($other)) || ($this->from->equals($other) && $this->to->equals($one));
    }

    public function kind(): EntryKind
    {
        return EntryKind::Tape;
    }

    public function posts(): array
    {
        return [$this->from, $this->to];
    }
}
