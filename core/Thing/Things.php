<?php

declare(strict_types=1);

namespace Aequus\Thing;

use Aequus\Plan\JobKind;
use Aequus\Thing\Kind\CarryingPair;
use Aequus\Thing\Kind\CourtHoop;
use Aequus\Thing\Kind\DrivenBySheet;
use Aequus\Thing\Kind\FloorOnPosts;
use Aequus\Thing\Kind\Gateway;
use Aequus\Thing\Kind\OpenFrame;
use Aequus\Thing\Kind\PlayFrame;
use Aequus\Thing\Kind\PostRow;
use Aequus\Thing\Kind\RoadsidePost;
use Aequus\Thing\Kind\RoofedFrame;
use Aequus\Thing\Kind\SocketRepair;
use Aequus\Thing\Make\Thing;

/** Every kind of thing one can begin with. */
final class Things
{
    /** @return non-empty-list<Thing> in the order they are offered */
    public static function all(): array
    {
        return [
            new RoadsidePost, new OpenFrame, new RoofedFrame, new FloorOnPosts, new PostRow, new CarryingPair, new CourtHoop, new PlayFrame,
            new Gateway,
            new DrivenBySheet, new SocketRepair,
        ];
    }

    /** Null for a kind that is planned field by field only. */
    public static function of(JobKind $kind): ?Thing
    {
        foreach (self::all() as $thing) {
            if ($thing->kind() === $kind) {
                return $thing;
            }
        }

        return null;
    }
}
