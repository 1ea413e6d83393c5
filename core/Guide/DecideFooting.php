<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Depth needs rules: frost, margin, embedment. The local office has the last word. */
final readonly class DecideFooting implements Rule
{
    public function moves(SiteState $site): iterable
    {
        if ($site->plan->footing === null) {
            yield new Move(
                Phase::Footing, 'Decide how deep the posts must stand',
                'Frost depth comes from your local office; margin, embedment, pad and gravel are yours. No hole has a depth before that.',
            );
        } elseif ($site->footing->refused !== null) {
            yield new Move(Phase::Footing, 'Change the plane the feet stand on', $site->footing->refused->getMessage(), posts: []);
        }
    }
}
