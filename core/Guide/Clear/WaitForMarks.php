<?php

declare(strict_types=1);

namespace Aequus\Guide\Clear;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** No hole before the notice has run out and the marks are there. */
final readonly class WaitForMarks implements Rule
{
    public function moves(SiteState $site): iterable
    {
        $notice = $site->clear->notice;
        if ($notice !== null && ! $notice->isOver($site->today) && count($site->footing->dug) < count($site->plan->grid->posts)) {
            yield new Move(
                Phase::Clear, Fact::of(MoveKind::WaitForMarks), [
                    Fact::of(MoveWhy::AskedOn, asked: $notice->asked->askedOn, days: $notice->asked->workingDays, from: $notice->runsOut),
                ],
            );
        }
    }
}
