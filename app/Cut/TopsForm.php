<?php

declare(strict_types=1);

namespace App\Cut;

use Aequus\Cut\ShortTop;
use Aequus\Level\InstrumentChoice;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;

/** What the Cut screen says beside its marks: the clearance under the tops, what short posts cost, and how far a line struck on all posts errs. */
final readonly class TopsForm
{
    /** Between the lowest top and the finished ground under it; null until both are known. */
    public ?Length $clearance;

    public ?Post $lowest;

    /** Null where no post is short. */
    public ?ShortTop $short;

    /** What coming down a little would save in stock; null where nothing would. */
    public ?StockSaving $stock;

    /** How far each instrument carries the datum line wrong at the far corner. */
    public InstrumentChoice $transfer;

    public function __construct(SiteState $site)
    {
        $clearance = $lowest = null;
        foreach ($site->plan->tops === null ? [] : $site->plan->grid->posts as $post) {
            $ground = $site->plan->footing->finishedGrade ?? $site->level->groundAt($post);
            $over = $ground === null ? null : $site->plan->tops?->of($post)->minus($ground);
            if ($over !== null && ($clearance === null || $over->isShorterThan($clearance))) {
                [$clearance, $lowest] = [$over, $post];
            }
        }
        [$this->clearance, $this->lowest] = [$clearance, $lowest];
        $short = $site->cut->short();
        $this->short = $short === [] || $clearance === null ? null : new ShortTop($short, $clearance);
        $this->stock = StockSaving::in($site);
        $this->transfer = new InstrumentChoice($site->plan, $site->plan->notation->system()->board);
    }

    /** The highest finished ground at a post, from which a clearance counts upward; zero while none is read. */
    public static function highestGrade(SiteState $site): Length
    {
        $highest = $site->level->high === null ? Length::zero() : $site->level->groundAt($site->level->high) ?? Length::zero();

        return $site->plan->footing->finishedGrade ?? $highest;
    }
}
