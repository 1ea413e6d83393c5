<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Measure\TapeConditions;
use Aequus\Plan\PostId;

/** What a tape read between two stakes, and how it was held. */
final readonly class TapeReading implements StakeReading
{
    /**
     * @param  Length  $distance  as the tape showed it
     * @param  string  $name  which of several tapes; empty for the job’s own
     * @param  ?Length  $rise  from one stake to the other where the tape lay along the ground; null to take it from the levels
     * @param  ?TapeConditions  $conditions  what else makes the tape lie; null where nothing was noted
     *
     * @throws EntryRefused when it is one stake twice, or the distance is not above zero
     */
    public function __construct(
        public PostId $from,
        public PostId $to,
        public Length $distance,
        public TapeClass $tape,
        public string $name = '',
        public TapeLay $lay = TapeLay::Level,
        public ?Length $rise = null,
        public ?TapeConditions $conditions = null,
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
