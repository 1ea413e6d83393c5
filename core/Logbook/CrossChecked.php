<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;

/** One measure taken again by an independent route before a point of no return, and by how much it differs from what is in the book. */
final readonly class CrossChecked implements Payload
{
    public function __construct(public PointOfNoReturn $before, public CheckRoute $route, public Length $off)
    {
    }

    public function kind(): EntryKind
    {
        return EntryKind::CrossChecked;
    }

    public function posts(): array
    {
        return [];
    }
}
