<?php

declare(strict_types=1);

namespace Aequus\Words\Handover;

use Aequus\Handover\Handover;
use Aequus\Handover\PostRecord;
use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\Remark;
use Aequus\Site\SiteState;
use Aequus\Words\Names;

/** How the work stands with whoever takes it over. */
final class HandoverWords
{
    public static function title(Handover $handover): string
    {
        return match (true) {
            $handover->given !== null => 'Handed over to '.$handover->given->to,
            $handover->incomplete() === [] => 'Ready to hand over',
            default => self::incomplete($handover),
        };
    }

    /** What a headline that says “handed over” would hide; null where it hides nothing. */
    public static function besides(SiteState $site): ?string
    {
        $handover = $site->handover();

        return match (true) {
            $site->isChangedSinceHandover() => 'It was handed over, and the plan was changed since. What was taken over is another revision.',
            $handover->given !== null
                && $handover->incomplete() !== [] => self::incomplete($handover).': a depth, a plumb reading or a cut is missing at '
                .implode(', ', $handover->incomplete()).'.',
            default => null,
        };
    }

    /** What was remarked and decided at a post, in the builder’s own words. */
    public static function remarks(PostRecord $record): string
    {
        return implode('; ', array_map(fn (Decision|Remark $one) => $one instanceof Decision
            ? Names::of($one->about).': '.$one->reason : $one->text, $record->remarks));
    }

    private static function incomplete(Handover $handover): string
    {
        $count = count($handover->incomplete());

        return ($count === 1 ? 'One post is' : "{$count} posts are").' not complete in the book';
    }
}
