<?php

declare(strict_types=1);

namespace Aequus\Guide\Cut;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\EntryKind;
use Aequus\Plan\Holding\Hold;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Where beams are up first, or frames are joined on the ground, a post is cut before it stands: its length comes from its hole as dug. */
final readonly class CutBeforeStanding implements Rule
{
    public function moves(SiteState $site): iterable
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
            yield from (new DecideTops)->moves($site);
            yield from (new MeasureOnceMore)->moves($site);
            [$top, $foot] = [$site->plan->tops?->topOf($post), $site->footing->foot($post)];
            if ($top !== null && $foot !== null) {
                yield new Move(
                    Phase::Cut, Fact::of(MoveKind::CutOnTheTrestle, post: $post), [Fact::of(MoveWhy::FootAsDug)],
                    $top->minus($foot), Fact::of(Beside::FootToTop), [$post], EntryKind::PostCut,
                );
            }
        }
    }
}
