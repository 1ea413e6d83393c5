<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Plan\PostId;

/** Where a pier or post that can’t move any more really stands: off its mark on the strings, both ways. */
final readonly class AsCast implements Payload
{
    /**
     * @param  Length  $alongX  toward +x positive
     * @param  Length  $alongY  toward +y positive
     */
    public function __construct(public PostId $post, public Length $alongX, public Length $alongY)
    {
    }

    public function kind(): EntryKind
    {
        return EntryKind::AsCast;
    }

    public function posts(): array
    {
        return [$this->post];
    }
}
