<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Plan\PostId;

/** How far the top of a post now stands above the datum line struck on it. */
final readonly class TopMeasured implements Payload
{
    public function __construct(public PostId $post, public Length $aboveDatumLine)
    {
    }

    public function kind(): EntryKind
    {
        return EntryKind::Top;
    }

    public function posts(): array
    {
        return [$this->post];
    }
}
