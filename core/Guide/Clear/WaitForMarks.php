<?php

declare(strict_types=1);

namespace Aequus\Guide\Clear;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** No hole before the notice has run out and the marks are there. */
enum WaitForMarks implements Says
{
    case WaitForMarks;

    case AskedOn;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        $notice = $site->clear->notice;
        if ($notice !== null && ! $notice->isOver($site->today) && count($site->footing->dug) < count($site->plan->grid->posts)) {
            yield new Move(
                Phase::Clear, Fact::of(self::WaitForMarks), [
                    Fact::of(self::AskedOn, asked: $notice->asked->askedOn, days: $notice->asked->workingDays, from: $notice->runsOut),
                ],
            );
        }
    }
}
