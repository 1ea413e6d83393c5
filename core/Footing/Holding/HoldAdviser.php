<?php

declare(strict_types=1);

namespace Aequus\Footing\Holding;

use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\HoldReason;

/** Ranks the ways of holding posts for a site. Each reason is worth points and is said; the user decides. */
final readonly class HoldAdviser
{
    /** @var list<HoldAdvice> the best first; those that are impossible last */
    public array $ranked;

    public function __construct(HoldingSite $site)
    {
        $advice = array_map(fn (Hold $hold) => $this->advise($hold, $site), Hold::cases());
        usort(
            $advice,
            fn (HoldAdvice $one, HoldAdvice $other) => [
                $other->possible, $other->leads, $other->points,
            ] <=> [$one->possible, $one->leads, $one->points],
        );
        $this->ranked = $advice;
    }

    /** The way that ranks first on a site; null where none may lead. */
    public static function best(HoldingSite $site): ?Hold
    {
        $first = (new self($site))->ranked[0];

        return $first->leads ? $first->hold : null;
    }

    private function advise(Hold $hold, HoldingSite $site): HoldAdvice
    {
        $points = 0;
        $for = $against = [];
        foreach (array_filter($hold->weighed($site), fn (array $weighed) => $weighed[0]) as [, $worth, $reason]) {
            $points += $worth;
            $worth > 0 ? $for[] = $reason : $against[] = $reason;
        }
        $behind = $hold->cannotLead($site);
        if ($behind !== null) {
            array_unshift($against, $behind);
        }
        $banned = in_array($hold, $site->banned, true);
        if ($banned) {
            array_unshift($against, HoldReason::NotAllowedHere);
        }
        $possible = ! $banned && ! $hold->isImpossible($site);

        return new HoldAdvice($hold, $points, $for, $against, $possible, $possible && $behind === null);
    }
}
