<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Plan\PostId;

/** A post was cut at its mark. */
final readonly class PostCut implements Payload
{
    public function __construct(public PostId $post)
    {
    }

    public function kind(): EntryKind
    {
        return EntryKind::PostCut;
    }

    public function posts(): array
    {
        return [$this->post];
    }
}
