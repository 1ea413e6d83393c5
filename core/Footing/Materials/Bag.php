<?php

declare(strict_types=1);

namespace Aequus\Footing\Materials;

use Aequus\Measure\Unit;
use Aequus\Plan\Plan;

/** A bag of dry mix: what it yields, and how many a job needs. */
final readonly class Bag
{
    private const CUBIC_FEET_PER_POUND = 0.0075;

    private const CUBIC_MILLIMETRES_PER_KILOGRAM = 468_000.0;

    /** So that a bag that is just full is not counted as two. */
    private const HAIR = 1e-9;

    /** @param  float  $yield  mm³ of concrete */
    private function __construct(public float $yield)
    {
    }

    /** @param  float  $mass  in the unit’s own: pounds or kilograms */
    public static function of(Unit $unit, float $mass): self
    {
        return $unit->system()->isMetric ? self::kilograms($mass) : self::pounds($mass);
    }

    /** The bags of a job: as heavy as was said of them, else as usual. */
    public static function ofPlan(Plan $plan): self
    {
        return self::of($plan->notation->unit, self::mass($plan));
    }

    /** Of one bag, in the job’s own mass. */
    public static function mass(Plan $plan): float
    {
        return $plan->prices['bag']->mass ?? $plan->notation->system()->bag;
    }

    public static function pounds(float $mass): self
    {
        return new self(self::CUBIC_FEET_PER_POUND * $mass * Concrete::CUBIC_FOOT);
    }

    public static function kilograms(float $mass): self
    {
        return new self(self::CUBIC_MILLIMETRES_PER_KILOGRAM * $mass);
    }

    /**
     * @param  list<float>  $volumes  mm³ by hole
     * @param  float  $waste  as a share: 0.1 for a tenth more
     */
    public function forJob(array $volumes, float $waste): int
    {
        return $this->count(array_sum($volumes) * (1 + $waste));
    }

    /**
     * Each hole mixed alone, so that what is left of its last bag is lost.
     *
     * @param  list<float>  $volumes
     */
    public function forEachHole(array $volumes, float $waste): int
    {
        return array_sum(array_map(fn (float $volume) => $this->count($volume * (1 + $waste)), $volumes));
    }

    private function count(float $volume): int
    {
        return (int) ceil($volume / $this->yield - self::HAIR);
    }
}
