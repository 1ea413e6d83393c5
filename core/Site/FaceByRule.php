<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Square\LineReading;
use Aequus\Measure\Length;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Posts\Post;
use Aequus\Thing\Ask\Heard;
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
        $plan = $site->plan;
        $edge = $plan->fixedLine(FixedLine::ANSWERED);
        if ($plan->kind !== JobKind::LetterBox || $plan->answers === null || $edge === null) {
            return null;
        }
        $heard = Heard::kept($plan->notation, $plan->sides, (new RoadsidePost)->asks(), $plan->answers);

        return new self($site, $edge, RoadsidePost::setbacks($heard), $heard->length(Ask::BoxReach), $plan->grid->posts[0]);
    }

    /** What the tape should read from the edge to the post’s centre. */
    public function planned(): Length
    {
        return $this->edge->off($this->post->at)->magnitude();
    }

    /** What was read last from the edge to the centre, of the post where it is set, else of its stake; null where nothing was. */
    public function read(): ?Length
    {
        [$ofStake, $ofPost, $isSet] = $this->readings();

        return $isSet ? $ofPost : $ofStake;
    }

    /** How the post stands to its band; null until it was measured where it stands now. */
    public function asRead(): ?ChainAsSet
    {
        [$ofStake] = $this->readings();
        $read = $this->read();
        $plan = $this->site->plan;

        // The hole was dug where the stake stood, as far as that was measured.
        return $read === null ? null : new ChainAsSet(
            Length::zero(), $this->band, $this->reach, $read, $ofStake ?? $this->planned(), $plan->hole->slack($plan->post, $plan->layout->cover)->slack,
        );
    }

    /** @return array{?Length, ?Length, bool} last read of the stake, and of the post; whether the post is set */
    private function readings(): array
    {
        $log = $this->site->log;
        $read = [null, null];
        $set = $this->site->standing($this->post)->set ? $log->newestEntry(PostSet::class, $this->post->id) : null;
        foreach ($log->entries as $entry) {
            if ($entry->payload instanceof LineReading && $entry->payload->line === $this->edge->id && $entry->payload->post->equals($this->post->id)
                && $log->strikeOf($entry) === null && $log->correctionOf($entry) === null) {
                $isOfPost = $set !== null && [$entry->measured, $entry->sequence] > [$set->measured, $set->sequence];
                $read[(int) $isOfPost] = $this->towardLand($entry->payload->off);
            }
        }

        return [$read[0], $read[1], $set !== null];
    }

    /** Past the edge, on the side of the post, positive. */
    private function towardLand(Length $off): Length
    {
        return $this->edge->off($this->post->at)->isNegative() ? $off->negated() : $off;
    }
}
