<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Adjust\Placement\PlacementRefused;
use Aequus\Adjust\Placement\WorldFit;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Place\WorldPlace;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Point;

/** A plan where it lies in the world. */
final readonly class PlanInWorld
{
    /** Null where too few of its points are posts of this plan still. */
    public ?WorldFit $fit;

    public function __construct(private Plan $plan, WorldPlace $place)
    {
        $points = [];
        foreach ($place->points as [$id, $east, $north]) {
            $post = $plan->grid->find($id);
            if ($post !== null) {
                $points[$post->label] = [$post->at->inMillimetres(), new Vector($east->inMillimetres(), $north->inMillimetres())];
            }
        }
        $fit = null;
        try {
            $fit = new WorldFit(
                $points, $plan->closest()->inMillimetres(), $place->factor,
                $place->zeroHeight === null ? null : [0.0, $place->zeroHeight->inMillimetres()],
            );
        } catch (PlacementRefused) {
            // Too few are left: it lies nowhere until more are named.
        }
        $this->fit = $fit;
    }

    /** Whether what it says can be staked. */
    public function holds(): bool
    {
        return $this->fit->fits ?? false;
    }

    /** East and north, mm. */
    public function at(Point $point): Vector
    {
        return $this->fit?->toWorld($point->inMillimetres()) ?? Vector::zero();
    }

    /** Of a height above the benchmark’s zero; null without one. */
    public function height(?Length $height): ?float
    {
        return $height === null ? null : $this->fit?->heightToWorld($height->inMillimetres());
    }
}
