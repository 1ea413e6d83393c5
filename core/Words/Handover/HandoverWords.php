<?php

declare(strict_types=1);

namespace Aequus\Words\Handover;

use Aequus\Handover\Handover;
use Aequus\Handover\PostRecord;
use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\Remark;
use Aequus\Plan\Posts\Post;
use Aequus\Site\AskedByRule;
use Aequus\Site\SiteState;
use Aequus\Words\Names;

/** How the work stands with whoever takes it over. */
final class HandoverWords
{
    public static function title(Handover $handover, SiteState $site): string
    {
        return match (true) {
            $handover->given !== null => 'Handed over to '.$handover->given->to,
            $handover->incomplete() !== [] => self::incomplete(count($handover->incomplete())),
            $site->readingsLacking() > 0 => 'Nobody proved where the posts stand',
            default => AskedByRule::open($site) === 0 ? 'Ready to hand over' : 'What a rule asks is not met yet',
        };
    }

    /** What a headline that says “handed over” would hide; null where it hides nothing. */
    public static function besides(SiteState $site): ?string
    {
        if ($site->isChangedSinceHandover()) {
            return 'It was handed over, and the plan was changed since. What was taken over is another revision.';
        }
        $lacking = $site->handedOver() === null ? [] : array_map(fn (Post $post) => $post->label, $site->lacking());

        return match (true) {
            $lacking !== [] => self::incomplete(count($lacking)).': a depth, a plumb reading or a cut is missing at '.implode(', ', $lacking).'.',
            $site->handedOver() !== null && $site->readingsLacking() > 0 => 'It was handed over, and nobody proved where the posts stand.',
            $site->handedOver() !== null
                && AskedByRule::open($site) > 0 => 'It was handed over, and what a rule asks is not met: it stands among the tolerances.',
            default => null,
        };
    }

    /** What was remarked and decided at a post, in the builder’s own words. */
    public static function remarks(PostRecord $record): string
    {
        return implode('; ', array_map(fn (Decision|Remark $one) => $one instanceof Decision
            ? Names::of($one->about).($one->thing === null ? '' : ", to {$one->thing}").': '.$one->reason : $one->text, $record->remarks));
    }

    private static function incomplete(int $count): string
    {
        return ($count === 1 ? 'One post is' : "{$count} posts are").' not complete in the book';
    }
}
