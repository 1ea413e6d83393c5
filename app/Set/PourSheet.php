<?php

declare(strict_types=1);

namespace App\Set;

use Aequus\Footing\Materials\Bag;
use Aequus\Measure\Length;
use Aequus\Plan\Holding\LayerTime;
use Aequus\Plan\Holding\Material;
use Aequus\Plan\Posts\Post;
use Aequus\Set\PourPlan;
use Aequus\Site\SiteState;

/** The fill of one post, step by step, with the bags that each step takes. */
final class PourSheet
{
    public static function of(SiteState $site, Post $post): PourPlan
    {
        $work = $site->footing->work([$post])[0] ?? null;
        $bag = Bag::ofPlan($site->plan);
        [$bags, $poured] = [[], 0.0];
        foreach ($work->layers ?? [] as $i => $layer) {
            if ($layer->material === Material::Concrete && $layer->time === LayerTime::Fill) {
                $poured += $work?->volume($layer) ?? 0.0;
                $bags[$i] = $bag->forEachHole([$poured], 0.1);
            }
        }

        return new PourPlan(
            $work->layers ?? [], $work->depth ?? Length::zero(), $bags, $site->plan->customs()->mixing,
            $site->filling($post)->celsius(),
        );
    }
}
