<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Plan\PostId;
use Aequus\Plan\Side;

/** A gap under a level held upright on one face of a post. A gap of zero is plumb. */
final readonly class PlumbReading implements Payload
{
    /**
     * @param  Side  $leansToward  the side the top goes to; along the face, never toward or away from it
     *
     * @throws EntryRefused when the lean can't be read on that face, or the level has no length
     */
    public function __construct(
        public PostId $post,
        public Side $face,
        public Side $leansToward,
        public Length $gap,
        public Length $level,
        public Stage $stage,
    ) {
        if ($face->isAlongX() === $leansToward->isAlongX()) {
            throw EntryRefused::leanAcrossTheFace();
        }
        if (! $level->isPositive()) {
            throw EntryRefused::levelWithoutLength();
        }
        if ($gap->isNegative() || $gap->isLongerThan($level)) {
            throw EntryRefused::gapOutOfRange();
        }
    }

    public function kind(): EntryKind
    {
        return EntryKind::Plumb;
    }

    public function posts(): array
    {
        return [$this->post];
    }
}
