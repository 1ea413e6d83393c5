<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Measure\Length;
use Aequus\Plan\FixedLine;
use Aequus\Plan\KeptDistance;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A post that the plan puts behind a wall, over a boundary or too near to it is moved by a new plan, or knowingly left there. */
final readonly class KeepToTheSite implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->plan->fixedLines() as $line) {
            $kept = new KeptDistance($line, $site->plan->grid, $site->plan->post);
            if (! $kept->kept && $line->kind->shutsOff() && $site->decided(DecisionAbout::AcceptDistance, $kept->nearest) === null) {
                yield new Move(
                    Phase::Plan, "Move {$kept->nearest->label} clear of {$line->name}", $this->why($site, $line, $kept),
                    ($line->least ?? Length::zero())->minus($kept->room), 'too near', [$kept->nearest], EntryKind::Decision,
                );
            }
        }
    }

    private function why(SiteState $site, FixedLine $line, KeptDistance $kept): string
    {
        return ($kept->room->isNegative()
            ? "By the plan {$line->name} runs through the post."
            : "By the plan its face stands {$site->plan->write($kept->room)} from it; ".$site->plan->write($line->least ?? Length::zero()).' is to be kept.').' Change the plan, or take it with a reason.';
    }
}
