<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\TwistRead;
use Aequus\Logbook\Square\AsCast;
use Aequus\Plan\Posts\PostId;

/** Two say differently of one thing, of which only the newest counts. Of tapes, rods and the like all count: they are readings, and adjusted. */
final class Clash
{
    private const NEWEST_COUNTS = [HoleDug::class, PlumbReading::class, TwistRead::class, TopMeasured::class, AsCast::class];

    public static function between(Payload $mine, Payload $theirs): bool
    {
        return in_array($mine::class, self::NEWEST_COUNTS, true) && $mine::class === $theirs::class && self::of($mine) === self::of($theirs)
            && $mine->stored() !== $theirs->stored();
    }

    /** @return list<string> what it is about */
    private static function of(Payload $said): array
    {
        return [
            ...array_map(fn (PostId $post) => $post->value, $said->posts()),
            ...($said instanceof PlumbReading ? [$said->line(), $said->stage->value, (string) $said->turned] : []),
        ];
    }
}
