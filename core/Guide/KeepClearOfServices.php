<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A hole that reaches into a no-dig band is moved by a new plan, or knowingly dug by hand. */
final readonly class KeepClearOfServices implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->clear->conflicts as $conflict) {
            if ($site->decided(DecisionAbout::DigByHand, $conflict->post) !== null) {
                continue;
            }
            $line = $conflict->service->name;
            yield new Move(
                Phase::Clear, "Keep hole {$conflict->post->label} clear of the {$line}",
                $conflict->room->isNegative()
                    ? 'The line as entered runs through the hole. Move the post in a new plan, or have the owner of the line say how.'
                    : "Its edge stands {$site->plan->write($conflict->room)} from the line; {$site->plan->write($conflict->service->noDig)} is asked for. Move the post in a new plan, or decide to dig it by hand.",
                $conflict->inside, 'inside the no-dig band', [$conflict->post], EntryKind::Decision,
            );
        }
    }
}
