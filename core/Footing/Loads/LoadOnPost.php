<?php

declare(strict_types=1);

namespace Aequus\Footing\Loads;

use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Posts\Post;

/** What stands on one post and what holds it, worked through: pad, sideways depth, uplift. */
final readonly class LoadOnPost
{
    /** lb, what bears on the pad */
    public float $pounds;

    public Bearing $pad;

    public ?SidewaysLoad $sideways;

    public ?Uplift $uplift;

    /**
     * @param  ?RoofOrFloor  $above  a roof over the floor: both bear on the post
     * @param  ?SidewaysLoad  $sideways  null where nothing pushes
     * @param  float  $suction  of wind on the roof, lb/ft²
     * @param  float  $concrete  round the foot, ft³
     */
    public function __construct(
        public Post $post, public TributaryArea $tributary, RoofOrFloor $carries, ?RoofOrFloor $above, Soil $soil, ?SidewaysLoad $sideways,
        float $suction, float $concrete,
    ) {
        $this->pounds = $carries->load($tributary->area) + ($above?->load($tributary->area) ?? 0.0);
        $this->pad = Bearing::on($this->pounds, $soil);
        $this->sideways = $sideways;
        $this->uplift = $suction > 0
            ? new Uplift($suction, $tributary->area, ($carries->dead + ($above->dead ?? 0.0)) * $tributary->area, 0.0, $concrete) : null;
    }

    /** Whether the rules this sheet knows say nothing any more. */
    public function needsEngineer(): bool
    {
        return $this->sideways !== null && ! $this->sideways->valid;
    }
}
