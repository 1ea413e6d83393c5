<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Entry;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Set\TopOver;
use Aequus\Measure\Length;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Posts\Post;
use Aequus\Thing\Kind\RoadsidePost;
use Aequus\Thing\Terms\Ask;
use Aequus\Thing\Terms\Band;
use Aequus\Thing\Terms\InBand;

/** What a rule keeps within a band over a road: where the post’s top must come to, and where it stands. */
final readonly class TopByRule
{
    private function __construct(
        private SiteState $site,
        public FixedLine $edge,
        public Band $band,
        /** From the post’s top up to what the rule speaks of; below zero where it hangs below. */
        public Length $above,
        public Post $post,
    ) {
    }

    /** Null for a job that no such rule is known of. */
    public static function of(SiteState $site): ?self
    {
        $rule = RoadsideRule::of($site->plan);

        return $rule === null ? null
            : new self($site, $rule->edge, RoadsidePost::heights($rule->heard), $rule->heard->length(Ask::AboveTop), $rule->post);
    }

    /** Of the post’s top over the road. */
    public function planned(): Length
    {
        return $this->band->chosen(null)->minus($this->above);
    }

    /** What the rule speaks of, over the road; null until the top was measured as it stands now: after it was set, and after it was cut. */
    public function height(): ?Length
    {
        $read = $this->newest()?->payload;

        return $read instanceof TopOver ? $read->over->plus($this->above) : null;
    }

    /** Whether somebody took it as it is after it was read so. */
    public function isTaken(): bool
    {
        $read = $this->newest();

        return $read !== null && $this->site->decidedSince($read, $this->post, [DecisionAbout::AcceptHeights]);
    }

    public function verdict(): ?InBand
    {
        $height = $this->height();

        return $height === null ? null : $this->band->where($height);
    }

    /** The least change that brings it into its band: above zero up; null until it was measured. */
    public function change(): ?Length
    {
        $height = $this->height();

        return $height === null ? null : $this->band->change($height);
    }

    /** What was read last of the post as it stands: after it was set, and after it was cut. */
    private function newest(): ?Entry
    {
        $log = $this->site->log;
        $set = $log->newestEntry(PostSet::class, $this->post->id);
        $cut = $log->newestEntry(PostCut::class, $this->post->id);
        $read = $set === null ? [] : $log->since(TopOver::class, $this->post->id, $set);
        $sinceCut = $cut === null ? $read : $log->since(TopOver::class, $this->post->id, $cut);
        $both = array_values(array_filter($read, fn (Entry $entry) => in_array($entry, $sinceCut, true)));

        return $both[count($both) - 1] ?? null;
    }
}
