<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Entry;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Set\TopOver;
use Aequus\Measure\Length;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Posts\Post;
use Aequus\Thing\Ask\Heard;
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
        $plan = $site->plan;
        $edge = $plan->fixedLine(FixedLine::ANSWERED);
        if ($plan->kind !== JobKind::LetterBox || $plan->answers === null || $edge === null) {
            return null;
        }
        $heard = Heard::kept($plan->notation, $plan->sides, (new RoadsidePost)->asks(), $plan->answers);

        return new self($site, $edge, RoadsidePost::heights($heard), $heard->length(Ask::AboveTop), $plan->grid->posts[0]);
    }

    /** Of the post’s top over the road. */
    public function planned(): Length
    {
        return $this->band->chosen(null)->minus($this->above);
    }

    /** What the rule speaks of, over the road; null until the top was measured as it stands now: after it was set, and after it was cut. */
    public function height(): ?Length
    {
        $log = $this->site->log;
        $read = $log->newestEntry(TopOver::class, $this->post->id);
        if (! $read?->payload instanceof TopOver) {
            return null;
        }
        foreach ([PostSet::class, PostCut::class] as $since) {
            $changed = $log->newestEntry($since, $this->post->id);
            if ($changed !== null && self::when($changed) > self::when($read)) {
                return null;
            }
        }

        return $read->payload->over->plus($this->above);
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

    /** @return array{mixed, int} */
    private static function when(Entry $entry): array
    {
        return [$entry->measured, $entry->sequence];
    }
}
