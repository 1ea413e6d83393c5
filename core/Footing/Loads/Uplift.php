<?php

declare(strict_types=1);

namespace Aequus\Footing\Loads;

/** Whether wind would lift a post out: suction × area less 0.6 × all that weighs it down (allowable-stress level). In lb. */
final readonly class Uplift
{
    private const COUNTED = 0.6;

    /** lb/ft³ */
    private const CONCRETE = 150.0;

    public float $pounds;

    public bool $needsHoldingDown;

    /**
     * @param  float  $suction  lb/ft²
     * @param  float  $area  ft²
     * @param  float  $dead  of what the post carries, lb
     * @param  float  $post  its own weight, lb
     * @param  float  $concrete  round its foot, ft³
     */
    public function __construct(float $suction, float $area, float $dead, float $post, float $concrete)
    {
        $this->pounds = $suction * $area - self::COUNTED * ($dead + $post + self::CONCRETE * $concrete);
        $this->needsHoldingDown = $this->pounds > 0;
    }
}
