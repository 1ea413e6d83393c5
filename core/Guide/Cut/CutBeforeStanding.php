<?php

declare(strict_types=1);

namespace Aequus\Guide\Cut;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\EntryKind;
use Aequus\Plan\Holding\Hold;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Where beams are up first, or frames are joined on the ground, a post is cut before it stands: its length comes from its hole as dug. */
enum CutBeforeStanding implements Says
{
    case CutOnTheTrestle;

    case FootAsDug;

    case FootToTop;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        if ($site->plan->holding?->customs->build->isCutFirst() !== true) {
            return;
        }
        foreach ($site->buildOrder() as $post) {
            $hold = $site->plan->holdOf($post->id);
            $isReady = $site->footing->asDug($post) !== null && $hold !== Hold::Driven && ($hold !== Hold::Pier || $site->filling($post)->isDone());
            if (! $isReady || $site->standing($post)->set || $site->cut->isCut($post) || $site->hindersCut($post) !== null) {
                continue;
            }
            yield from DecideTops::moves($site);
            yield from MeasureOnceMore::moves($site);
            [$top, $foot] = [$site->plan->tops?->topOf($post), $site->footing->foot($post)];
            if ($top !== null && $foot !== null) {
                yield new Move(
                    Phase::Cut, Fact::of(self::CutOnTheTrestle, post: $post), [Fact::of(self::FootAsDug)],
                    $top->minus($foot), Fact::of(self::FootToTop), [$post], EntryKind::PostCut,
                );
            }
        }
    }
}
