<?php

declare(strict_types=1);

namespace App\Set;

use Aequus\Plan\Posts\Post;
use Aequus\Set\StandingPost;
use Aequus\Site\SiteState;
use Aequus\Words\Sentence;
use Aequus\Words\Speech;
use App\Type\Say;

/** One post in the list of all posts. */
final readonly class StandingRow
{
    public StandingPost $stands;

    /** Whether it was read and leans too much. */
    public bool $leans;

    /** The shape beside the word. */
    public string $state;

    public string $word;

    public string $hole;

    public string $fill;

    public function __construct(private SiteState $site, public Post $post)
    {
        $this->stands = $stands = $site->standing($post);
        $this->leans = $stands->set && ! $stands->lean->isUnread() && $stands->isOut();
        $hole = $site->footing->asDug($post);
        $this->hole = match (true) {
            $hole !== null => $hole->serves() ? Say::text('page.deep_enough') : Say::text('page.short'),
            default => $site->footing->measured($post) === null ? Say::text('drawing.plan_drawing.not_dug')
                : Say::text('drawing.plan_drawing.dug_not_judged_yet'),
        };
        $this->fill = $site->isFilled($post) ? Say::text('page.filled') : ($site->filling($post)->isBegun() ? Say::text('page.begun') : '');
        $this->state = match (true) {
            ! $stands->set => 'to-pull',
            $stands->isProvedPlumb() => 'fits',
            $stands->isOut() => 'off',
            default => 'doubt',
        };
        $this->word = match (true) {
            ! $stands->set => Say::text('page.not_set'),
            $stands->lean->isUnread() => Say::text('page.not_read'),
            $stands->lean->isHalfKnown() => Say::text('set.standing_row.half_known'),
            $stands->isOut() => Say::text('drawing.set_legend.leaning'),
            $stands->isTooRoughlyRead() => Say::text('set.standing_row.by_phone_only'),
            default => Say::text('page.is_plumb'),
        };
    }

    /** How to pull its top. */
    public function pull(): Sentence
    {
        return (new Speech($this->site->plan))->of($this->stands->post->id)->list(...$this->stands->pull());
    }
}
