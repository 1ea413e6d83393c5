<?php

declare(strict_types=1);

namespace Aequus\Logbook\Square;

use Aequus\Logbook\AsksNothing;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Payload;
use Aequus\Logbook\SaysItUnderAnyPlan;
use Aequus\Logbook\Spoken\Called;
use Aequus\Logbook\Spoken\Phrase;
use Aequus\Logbook\Spoken\SpokenPieces;
use Aequus\Logbook\Spoken\Takes;
use Aequus\Plan\Posts\PostId;

/** A stake was moved: what was taped to it before counts as old. */
final readonly class StakeMoved implements Payload
{
    use AsksNothing;
    use SaysItUnderAnyPlan;

    public function __construct(public PostId $post)
    {
    }

    public function kind(): EntryKind
    {
        return EntryKind::StakeMoved;
    }

    public function posts(): array
    {
        return [$this->post];
    }

    public function stored(): array
    {
        return ['post' => $this->post->value];
    }

    public static function fromStored(array $stored): self
    {
        return new self(PostId::of($stored['post']));
    }

    public static function phrases(): array
    {
        return [
            new Phrase(Called::Post, 'moved', Takes::Nothing, fn (SpokenPieces $pieces, array $of) => new self($pieces->onePost($of)), 'b2 moved'),
        ];
    }
}
