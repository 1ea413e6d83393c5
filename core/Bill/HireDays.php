<?php

declare(strict_types=1);

namespace Aequus\Bill;

use Aequus\Footing\Holes\HoleWork;
use Aequus\Footing\Materials\Bag;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;

/** For how many whole days a tool is hired, by what is still to do and how much of it is usual in a day. */
final class HireDays
{
    /** Holes that two people drill in a day. */
    public const HOLES = 20;

    /** Bags that go through a mixer in a day. */
    public const BAGS = 40;

    /** Posts that are levelled and marked in a day. */
    public const LEVELLED = 60;

    public const CUT = 40;

    /** @param  list<HoleWork>  $work */
    public static function of(Ware $tool, SiteState $site, array $work): float
    {
        $posts = $site->plan->grid->posts;
        $bags = array_sum(array_map(
            fn (HoleWork $hole) => $site->isFilled($hole->of) ? 0.0 : $hole->concrete, $work,
        )) / Bag::ofPlan($site->plan)->yield;

        return match ($tool) {
            Ware::HireAuger => ceil(count(array_filter($posts, fn (Post $post) => ! isset($site->log->newest(HoleDug::class)[$post]))) / self::HOLES),
            Ware::HireMixer => ceil($bags / self::BAGS),
            Ware::HireLaser => ceil(count($posts) / self::LEVELLED),
            Ware::HireSaw => ceil(count(array_filter($posts, fn (Post $post) => ! isset($site->log->newest(PostCut::class)[$post]))) / self::CUT),
            default => 0.0,
        };
    }
}
