<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Plan\Shift;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A post that leans too far is pulled true, then read again. */
final readonly class PullTops implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->walk() as $post) {
            $stands = $site->standing($post);
            if (! $stands->set || $stands->lean->isUnread() || $stands->isWithin() || $site->decided(DecisionAbout::AcceptLean, $post) !== null) {
                continue;
            }
            $pulls = $stands->lean->pullAt($stands->topAbovePivot());
            $toward = fn (Shift $pull): string => "toward the {$site->plan->sides->of($pull->toward)}";
            $also = isset($pulls[1]) ? " and {$site->plan->write($pulls[1]->amount)} {$toward($pulls[1])}" : '';
            $brace = implode(' and ', array_map(
                fn (Shift $pull) => "{$site->plan->write($pull->amount)} {$toward($pull)}",
                $stands->lean->pullAt($stands->braceAbovePivot()),
            ));
            $filled = $stands->stage?->isFilled() ? ' It is filled: pull only while the fill still gives, or take the lean with a reason.' : '';
            yield new Move(
                Phase::Set, "Pull the top of {$post->label}",
                "At the brace that is {$brace}. The limit is 1 in {$site->plan->tolerances->plumbOneIn}.{$filled} Then read both faces again.",
                $pulls[0]->amount, $toward($pulls[0]).$also, [$post], EntryKind::Plumb,
            );
        }
    }
}
