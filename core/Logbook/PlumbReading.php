<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Plan\PostId;
use Aequus\Plan\Side;

/** A lean read on one face of a post. Nothing off is plumb. */
final readonly class PlumbReading implements Payload
{
    /**
     * @param  Side  $leansToward  the side the top goes to; along the face, never toward or away from it
     * @param  bool  $turned  the level end for end: together with a reading the other way round its own error falls out
     *
     * @throws EntryRefused when the lean can't be read on that face
     */
    public function __construct(
        public PostId $post,
        public Side $face,
        public Side $leansToward,
        public LeanMeasure $lean,
        public Stage $stage,
        public bool $turned = false,
    ) {
        if ($face->isAlongX() === $leansToward->isAlongX()) {
            throw EntryRefused::leanAcrossTheFace();
        }
    }

    /**
     * By the gap under a level held upright.
     *
     * @throws EntryRefused when the lean can't be read on that face, the level has no length, or the gap does not fit under it
     */
    public static function gap(PostId $post, Side $face, Side $leansToward, Length $gap, Length $level, Stage $stage): self
    {
        return new self($post, $face, $leansToward, LeanMeasure::gap($gap, $level), $stage);
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
