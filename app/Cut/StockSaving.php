<?php

declare(strict_types=1);

namespace App\Cut;

use Aequus\Footing\Holes\HoleWork;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;

/** Tops a little lower, so that the longest post is sawn from the next shorter length it is sold in. */
final readonly class StockSaving
{
    /** More than a hand of clearance is not given up for a shorter post. */
    private const MOST_MM = 150.0;

    private function __construct(public Post $post, public Length $lowerBy, public Length $now, public Length $then)
    {
    }

    /** Null where tops or feet are not known, or nothing is saved within a hand. */
    public static function in(SiteState $site): ?self
    {
        $work = $site->plan->tops === null ? [] : $site->footing->work($site->walk());
        usort($work, fn (HoleWork $one, HoleWork $other) => $other->post->nanometres <=> $one->post->nanometres);
        $step = $site->plan->notation->system()->timberStep;
        if ($work === []) {
            return null;
        }
        $steps = intdiv($work[0]->post->nanometres, $step->nanometres);
        $over = $work[0]->post->minus($step->times($steps));

        return $steps === 0 || $over->isZero() || $over->inMillimetres() > self::MOST_MM ? null : new self(
            $work[0]->of, $over, $step->times($steps + 1), $step->times($steps),
        );
    }
}
