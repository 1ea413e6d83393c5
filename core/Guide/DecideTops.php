<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Cut marks need to know where the tops shall be. */
final readonly class DecideTops implements Rule
{
    public function moves(SiteState $site): iterable
    {
        if ($site->plan->tops === null) {
            yield new Move(
                Phase::Cut, 'Decide where the tops shall be',
                'One height at '.$site->plan->grid->posts[0]->label.', level or falling, and the height of the level line you strike on every post. All marks are measured from that line.',
            );
        }
    }
}
