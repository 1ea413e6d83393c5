<?php

declare(strict_types=1);

namespace Aequus\Bill;

use Aequus\Footing\Materials\Bag;
use Aequus\Measure\Length;
use Aequus\Measure\Unit;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Section;

/** What goods weigh as they are bought, kg for one of their unit; what nobody can tell from sizes is left open. */
final class GoodsMass
{
    private const KILOGRAMS_A_POUND = 0.45359237;

    public static function of(string $id, Plan $plan): ?float
    {
        [$ware, $sizes] = JobNeeds::read($id);
        $density = $plan->work->timber->density() / 1e9;
        $long = ($sizes[count($sizes) - 1] ?? Length::zero())->inMillimetres();
        $of = fn (Section $post): float => $post->area() * $long * $density;
        $system = $plan->notation->system();

        return match ($ware) {
            Ware::Post => $of($plan->post),
            Ware::HeavyPost => $of($plan->stoutest()),
            Ware::Timber => $sizes[0]->inMillimetres() * $sizes[1]->inMillimetres() * $long * $density,
            Ware::TimberByLength => $sizes[0]->inMillimetres() * $sizes[1]->inMillimetres() * $system->far * $density,
            Ware::Bag => Bag::mass($plan) * $system->pick(1.0, self::KILOGRAMS_A_POUND),
            // Weighed in tonnes, or in pounds.
            Ware::Gravel => $system->pick(1000.0, self::KILOGRAMS_A_POUND),
            default => null,
        };
    }
}
