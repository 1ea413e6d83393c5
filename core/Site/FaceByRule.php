<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Entry;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Square\LineReading;
use Aequus\Measure\Length;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Posts\Post;
use Aequus\Thing\Kind\RoadsidePost;
use Aequus\Thing\Place\ChainAsSet;
use Aequus\Thing\Terms\Ask;
use Aequus\Thing\Terms\Band;

/** A face that a rule keeps within a band off an edge: what the post’s centre must read, what was read, and how far its hole still mends it. */
final readonly class FaceByRule
{
    private function __construct(
        private SiteState $site,
        public FixedLine $edge,
        public Band $band,
        /** From the face to the post’s centre. */
        public Length $reach,
        public Post $post,
    ) {
    }

    /** Null for a job that no such rule is known of. */
    public static function of(SiteState $site): ?self
    {
        $rule = RoadsideRule::of($site->plan);

        return $rule === null ? null
            : new self($site, $rule->edge, RoadsidePost::setbacks($rule->heard), $rule->heard->length(Ask::BoxReach), $rule->post);
    }

    /** What the tape should read from the edge to the post’s centre. */
    public function planned(): Length
    {
        return $this->edge->off($this->post->at)->magnitude();
    }

    /** How the post stands to its band; null until it was measured where it stands now. */
    public function asRead(): ?ChainAsSet
    {
        [$ofStake, $now] = [$this->stakeRead(), $this->newest()];
        $plan = $this->site->plan;

        // The hole was dug where the stake stood, as far as that was measured.
        return $now === null ? null : new ChainAsSet(
            Length::zero(), $this->band, $this->reach, $this->offRoad($now), $ofStake === null ? $this->planned() : $this->offRoad($ofStake),
            $plan->hole->slack($plan->sectionOf($this->post), $plan->layout->cover)->slack,
        );
    }

    /** Whether somebody took it as it is after it was read so. */
    public function isTaken(): bool
    {
        $read = $this->newest();

        return $read !== null && $this->site->decidedSince($read, $this->post, [DecisionAbout::AcceptDistance], $this->edge->name);
    }

    /** What was read last from the edge to the centre: of the post where it is set, else of its stake; null where nothing was. */
    private function newest(): ?Entry
    {
        $set = $this->set();
        if ($set === null) {
            return $this->stakeRead();
        }
        $read = array_values(array_filter($this->site->log->since(LineReading::class, $this->post->id, $set), $this->isOffEdge(...)));

        return $read[count($read) - 1] ?? null;
    }

    /** What was read last of the stake: no longer counted once its post is set, and still where its hole was dug. */
    private function stakeRead(): ?Entry
    {
        $log = $this->site->log;
        $set = $this->set();
        $ofPost = $set === null ? [] : $log->since(LineReading::class, $this->post->id, $set);
        $read = array_values(array_filter($log->entries, fn (Entry $entry) => $this->isOffEdge($entry) && $log->strikeOf($entry) === null
            && $log->correctionOf($entry) === null && ! in_array($entry, $ofPost, true)));

        return $read[count($read) - 1] ?? null;
    }

    private function set(): ?Entry
    {
        return $this->site->standing($this->post)->set ? $this->site->log->newestEntry(PostSet::class, $this->post->id) : null;
    }

    private function isOffEdge(Entry $entry): bool
    {
        return $entry->payload instanceof LineReading && $entry->payload->line === $this->edge->id && $entry->payload->post->equals($this->post->id);
    }

    /** Past the edge, on the side of the post, positive. */
    private function offRoad(Entry $read): Length
    {
        $off = $read->payload instanceof LineReading ? $read->payload->off : Length::zero();

        return $this->edge->off($this->post->at)->isNegative() ? $off->negated() : $off;
    }
}
