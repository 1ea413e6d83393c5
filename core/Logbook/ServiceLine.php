<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Plan\Point;

/** A buried line as it was marked or is known, with the distance each side in which no machine digs. */
final readonly class ServiceLine implements Payload
{
    use AsksNothing;

    /**
     * @param  list<Point>  $points  at least two
     *
     * @throws EntryRefused when it is not a line, or the distance is negative
     */
    public function __construct(
        public ServiceType $type,
        public string $name,
        public Length $noDig,
        public array $points,
    ) {
        if (count($points) < 2) {
            throw EntryRefused::lineNeedsTwoPoints();
        }
        if ($noDig->isNegative()) {
            throw EntryRefused::noDigNegative();
        }
    }

    public function kind(): EntryKind
    {
        return EntryKind::Service;
    }

    public function posts(): array
    {
        return [];
    }
}
