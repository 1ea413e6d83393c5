<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Clear\Clearance;
use Aequus\Cut\CutList;
use Aequus\Footing\Footings;
use Aequus\Footing\SoilSurprise;
use Aequus\Handover\Handover;
use Aequus\Handover\PostRecord;
use Aequus\Level\Heights;
use Aequus\Logbook\Decision;
use Aequus\Logbook\DecisionAbout;
use Aequus\Logbook\Entry;
use Aequus\Logbook\HandedOver;
use Aequus\Logbook\HoleDug;
use Aequus\Logbook\Log;
use Aequus\Logbook\PlumbReading;
use Aequus\Logbook\PostSet;
use Aequus\Logbook\Remark;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Post;
use Aequus\Plan\PostId;
use Aequus\Set\StandingPost;
use Aequus\Square\Layout;
use Aequus\Square\SurveyedBefore;

/** Everything that is true of a site now: the one reader of plan and logbook, from which every phase takes its results. */
final readonly class SiteState
{
    /** A brace is fixed about two thirds up the standing post. */
    private const BRACE_SHARE = 2 / 3;

    /**
     * @param  array<string, StandingPost>  $standing  by the value of the post's id
     * @param  array<string, Decision>  $decisions  by what they are about and the post
     */
    private function __construct(
        public Plan $plan,
        public Log $log,
        public string $today,
        public Clearance $clear,
        public Layout $square,
        public Heights $level,
        public Footings $footing,
        public array $standing,
        public CutList $cut,
        public Handover $handover,
        private array $decisions,
    ) {
    }

    /**
     * @param  list<Entry>  $entries
     * @param  string  $today  as YYYY-MM-DD in the job's zone
     * @param  ?SurveyedBefore  $surveyed  worked out before from the same plan and entries; null to work it out now
     */
    public static function derive(Plan $plan, array $entries, string $today, ?SurveyedBefore $surveyed = null): self
    {
        $log = new Log($entries);
        $decisions = [];
        foreach ($log->now(Decision::class) as $decision) {
            $decisions[self::key($decision->about, $decision->post)] = $decision;
        }
        $level = new Heights($plan, $log);
        $footing = new Footings($plan, $log, $level->ground);
        $standing = self::standingPosts($plan, $log, $level, $footing);
        $cut = new CutList($plan, $log);

        return new self(
            $plan, $log, $today, new Clearance($plan, $log, $today), new Layout($plan, $log, $level->ground, $surveyed), $level, $footing, $standing, $cut,
            new Handover(self::records($plan, $log, $footing, $standing, $cut, $decisions), $log->latest(HandedOver::class)),
            $decisions,
        );
    }

    public function standing(Post $post): StandingPost
    {
        return $this->standing[$post->id->value];
    }

    public function decided(DecisionAbout $about, ?Post $post = null): ?Decision
    {
        return $this->decisions[self::key($about, $post?->id)] ?? null;
    }

    /** Whether a hole that stops short was taken as it is, or as an engineer says. */
    public function isShortHoleSettled(Post $post): bool
    {
        return $this->decided(DecisionAbout::AcceptShortHole, $post) !== null || $this->decided(DecisionAbout::AsEngineerSays, $post) !== null;
    }

    /** Whether soil other than assumed still waits for an answer: nothing stands in the hole, and nobody keeps width and way with a reason. */
    public function isOpen(SoilSurprise $surprise): bool
    {
        $post = $surprise->hole->required->post;

        return ! $this->standing($post)->set && $this->decided(DecisionAbout::KeepHolding, $post) === null;
    }

    /** @return list<Post> row by row, every second row backwards: the way with the fewest steps */
    public function walk(): array
    {
        $rows = [];
        foreach ($this->plan->grid->posts as $post) {
            $rows[$post->at->y->nanometres][] = $post;
        }
        $walk = [];
        foreach (array_values($rows) as $i => $row) {
            $walk = [...$walk, ...($i % 2 === 0 ? $row : array_reverse($row))];
        }

        return $walk;
    }

    private static function key(DecisionAbout $about, ?PostId $post): string
    {
        return $about->value.'|'.($post->value ?? '');
    }

    /** @return array<string, StandingPost> */
    private static function standingPosts(Plan $plan, Log $log, Heights $level, Footings $footing): array
    {
        $readings = $set = $standing = [];
        foreach ($log->now(PlumbReading::class) as $reading) {
            $readings[$reading->post->value][] = $reading;
        }
        foreach ($log->now(PostSet::class) as $done) {
            $set[$done->post->value] = true;
        }
        foreach ($plan->grid->posts as $post) {
            $id = $post->id->value;
            $grade = $level->groundAt($post) ?? Length::zero();
            $standing[$id] = new StandingPost(
                $post, isset($set[$id]), $readings[$id] ?? [],
                $footing->foot($post) ?? $grade, $grade, $plan->tops?->topAt($post->at) ?? $grade->plus($plan->standing),
                $grade->plus($plan->standing->times(self::BRACE_SHARE)), $plan->tolerances->plumbOneIn, $plan->sides,
            );
        }

        return $standing;
    }

    /**
     * @param  array<string, StandingPost>  $standing
     * @param  array<string, Decision>  $decisions
     * @return list<PostRecord>
     */
    private static function records(Plan $plan, Log $log, Footings $footing, array $standing, CutList $cut, array $decisions): array
    {
        $depths = $remarks = [];
        foreach ($log->now(HoleDug::class) as $hole) {
            $depths[$hole->post->value] = $hole->depth;
        }
        foreach ($decisions as $decision) {
            $remarks[$decision->post->value ?? ''][] = $decision->about->inWords().': '.$decision->reason;
        }
        foreach ($log->now(Remark::class) as $remark) {
            $remarks[$remark->post->value ?? ''][] = $remark->text;
        }

        $by = $last = [];
        foreach ($log->entries as $entry) {
            foreach ($log->counts($entry) ? $entry->payload->posts() : [] as $post) {
                $by[$post->value][$entry->readBy === '' ? $entry->recordedBy : $entry->readBy] = true;
                $last[$post->value] = max($last[$post->value] ?? $entry->measuredAt, $entry->measuredAt);
            }
        }

        return array_map(function (Post $post) use ($footing, $standing, $cut, $depths, $remarks, $by, $last): PostRecord {
            $stands = $standing[$post->id->value];

            return new PostRecord(
                $post, $footing->required($post)?->holeDepth(), $depths[$post->id->value] ?? null, $footing->asDug($post)?->serves(),
                $stands->set, $stands->lean->isHalfKnown() ? null : $stands->lean->outOfPlumb($stands->topAbovePivot()),
                $stands->lean->isHalfKnown() ? null : $stands->isWithin(), $cut->mark($post)?->aboveDatumLine(), $cut->isCut($post),
                $remarks[$post->id->value] ?? [], array_map(strval(...), array_keys($by[$post->id->value] ?? [])), $last[$post->id->value] ?? null,
            );
        }, $plan->grid->posts);
    }
}
