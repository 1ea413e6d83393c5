<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Plan\PostId;

/** What the laser reads on the rod, at a post’s ground or, without a post, on the benchmark. */
final readonly class RodReading implements Payload
{
    /** @throws EntryRefused when the rod reads less than nothing */
    public function __construct(public ?PostId $post, public Length $rod)
    {
        if ($rod->isNegative()) {
            throw EntryRefused::rodNegative();
        }
    }

    public function kind(): EntryKind
    {
        return EntryKind::Rod;
    }

    public function posts(): array
    {
        return $this->post === null ? [] : [$this->post];
    }
}
