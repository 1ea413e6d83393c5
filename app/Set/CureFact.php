<?php

declare(strict_types=1);

namespace App\Set;

use Aequus\Measure\Temperature;
use Aequus\Plan\Posts\Post;
use Aequus\Set\SetClock;
use Aequus\Site\SiteState;
use App\Type\Say;
use DateTimeImmutable;

/** What is known of the braces of a post while its fill sets: how long they stay on, and why. */
final readonly class CureFact
{
    public function __construct(private SiteState $site, private Post $post, private SetClock $clock)
    {
    }

    /** Null where nothing sets, or nothing is filled yet. */
    public function at(DateTimeImmutable $now): ?PostFact
    {
        if ($this->clock->standsStill()) {
            return new PostFact(Say::text('set.post_sheet.braces'), Say::text('set.post_sheet.on_filled_at_freezing_it'), 'off');
        }
        $left = $this->clock->left($now);
        if ($left === null) {
            return $this->site->filling($this->post)->isStripped()
                ? new PostFact(Say::text('set.post_sheet.braces'), Say::text('page.off'), 'fits') : null;
        }
        $wait = $left >= 120
            ? Say::text('set.post_sheet.about_hours', part: (int) round($left / 60)) : Say::text('set.post_sheet.minutes_2', left: $left);

        return match (true) {
            $this->clock->filling->isFoundWet() => new PostFact(
                Say::text('set.post_sheet.braces'), Say::text('set.post_sheet.on_the_surface_is_still'), 'off',
            ),
            $left === 0 => new PostFact(Say::text('set.post_sheet.braces'), Say::text('set.post_sheet.may_come_off_if_the'), 'fits'),
            default => new PostFact(
                Say::text('set.post_sheet.braces'),
                Say::text('set.post_sheet.on_for_more', wait: $wait, write: $this->clock->isTooCold()
                    ? Say::text(
                        'set.post_sheet.colder_than_keep_it_warm',
                        unit: Temperature::celsius(SetClock::TOO_COLD_CELSIUS)->write($this->site->plan->notation->unit),
                    ) : '', from: $this->countedFrom()),
                'doubt',
            ),
        };
    }

    /** From where its cure is counted, where that was typed. */
    private function countedFrom(): string
    {
        $datum = $this->site->customs()->cureDatum;

        return $datum->isTyped() ? Say::text('set.post_sheet.counted_from', datum: $datum->temperature()->write($this->site->plan->notation->unit))
            : '';
    }
}
