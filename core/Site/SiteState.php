<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Clear\Clearance;
use Aequus\Cut\CutList;
use Aequus\Cut\CutMark;
use Aequus\Footing\Footings;
use Aequus\Footing\Holes\SoilSurprise;
use Aequus\Handover\Handover;
use Aequus\Level\Heights;
use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Book\HandedOver;
use Aequus\Logbook\Entry;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Log;
use Aequus\Logbook\QuickLine;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Measure\Length;
use Aequus\Plan\Holding\BuildOrder;
use Aequus\Plan\Holding\Customs;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Set\Filling;
use Aequus\Set\SetClock;
use Aequus\Set\StandingPost;
use Aequus\Square\Layout;
use Aequus\Square\Readings\Wanted;
use Aequus\Square\SurveyedBefore;
use DateTimeImmutable;

/** Everything that is true of a site now: the one reader of plan and logbook, from which every phase takes its results. */
final readonly class SiteState
{
    /** A brace is fixed about two thirds up the standing post. */
    private const BRACE_SHARE = 2 / 3;

    /**
     * @param  ByPost<StandingPost>  $standing
     * @param  ByPost<Filling>  $fillings
     * @param  array<string, Decision>  $decisions  by what they are about and the post
     */
    private function __construct(
        public Plan $plan,
        public Log $log,
        public string $today,
        public DateTimeImmutable $now,
        public Clearance $clear,
        public Layout $square,
        public Heights $level,
        public Footings $footing,
        public ByPost $standing,
        private ByPost $fillings,
        public CutList $cut,
        private array $decisions,
        private ?int $revision,
    ) {
    }

    /**
     * @param  list<Entry>  $entries
     * @param  string  $today  as YYYY-MM-DD in the job's zone
     * @param  ?DateTimeImmutable  $now  in UTC; null for the end of that day
     * @param  ?int  $revision  number of the plan in force; null where it plays no part
     * @param  ?SurveyedBefore  $surveyed  worked out before from the same plan and entries; null to work it out now
     */
    public static function derive(
        Plan $plan, array $entries, string $today, ?SurveyedBefore $surveyed = null, ?DateTimeImmutable $now = null, ?int $revision = null,
    ): self {
        $log = new Log($entries);
        $decisions = [];
        foreach ($log->now(Decision::class) as $decision) {
            $decisions[self::key($decision->about, $decision->post, $decision->thing)] = $decision;
        }
        $level = new Heights($plan, $log);
        $footing = new Footings($plan, $log, $level->ground);
        $fillings = self::fillings($log);

        return new self(
            $plan, $log, $today, $now ?? new DateTimeImmutable("{$today} 23:59 UTC"), new Clearance($plan, $log, $today),
            new Layout($plan, $log, $level->ground, $surveyed), $level, $footing,
            self::standingPosts($plan, $log, $level, $footing, $fillings), $fillings, new CutList($plan, $log), $decisions, $revision,
        );
    }

    /** The record of every post, as it is handed over. */
    public function handover(): Handover
    {
        return new Handover((new PostRecords($this->plan, $this->log, $this->footing, $this->standing, $this->cut))->all(), $this->lacking(), $this->handedOver());
    }

    /** Null until someone took the work over as this plan has it: a hand-over belongs to its revision. */
    public function handedOver(): ?HandedOver
    {
        return $this->isChangedSinceHandover() ? null : $this->log->latest(HandedOver::class);
    }

    /** Whether somebody took the work over, and the plan was changed since. */
    public function isChangedSinceHandover(): bool
    {
        $given = array_key_last($this->log->now(HandedOver::class));

        return $given !== null && $this->revision !== null && $this->log->entries[$given]->planRevision < $this->revision;
    }

    /** @return list<Post> posts whose depth, plumb readings or cut are not in the book */
    public function lacking(): array
    {
        $dug = $this->log->newest(HoleDug::class);
        // A short post that was taken as it is has nothing to be cut.
        $hasTop = fn (Post $post) => $this->cut->isCut($post) || $this->decided(DecisionAbout::AcceptShortPost, $post) !== null;

        return array_values(array_filter(
            $this->plan->grid->posts, fn (Post $post) => ! isset($dug[$post]) || $this->standing($post)->lean->isHalfKnown() || ! $hasTop($post),
        ));
    }

    public function standing(Post $post): StandingPost
    {
        return $this->standing[$post];
    }

    public function filling(Post $post): Filling
    {
        return $this->fillings[$post] ?? new Filling;
    }

    /** The customs followed, as decided; the usual ones where nobody decided. */
    public function customs(): Customs
    {
        return $this->plan->customs();
    }

    /** Whether a fill was written down, or a post was read as filled. */
    public function isFilled(Post $post): bool
    {
        return $this->filling($post)->isDone() || ($this->standing($post)->stage?->isFilled() ?? false);
    }

    /** How many readings nobody took that would prove where the posts stand; none where the layout is taken as it is, with a reason. */
    public function readingsLacking(): int
    {
        return $this->decided(DecisionAbout::AcceptOutline) === null ? count($this->square->unread()) : 0;
    }

    /** @return list<Wanted> still to read: not between posts that are filled or driven, which stay where they are whatever is read */
    public function toRead(): array
    {
        $mayMove = fn (Post $post): bool => $this->plan->holdOf($post->id) === Hold::Driven ? ! $this->standing($post)->set : ! $this->isFilled($post);

        return array_values(array_filter($this->square->unread(), fn (Wanted $wanted) => array_filter($wanted->posts(), $mayMove) !== []));
    }

    /** @return list<Post> filled with what sets, whose braces or forms nobody wrote down as off */
    public function unstripped(): array
    {
        $sets = fn (Post $post): bool => SetClock::usualMinutes($this->plan->holdOf($post->id), $this->customs()) > 0;

        return array_values(array_filter(
            $this->plan->grid->posts, fn (Post $post) => $this->isFilled($post) && $sets($post) && ! $this->filling($post)->isStripped(),
        ));
    }

    /** How long what was poured round a post must be left alone. */
    public function clock(Post $post): SetClock
    {
        return SetClock::of($this->filling($post), $this->plan->holdOf($post->id), $this->customs());
    }

    /** What keeps a post from being cut; null when nothing does. Posts cut on the trestle wait only for short ones. */
    public function hindersCut(Post $post): ?CutHindrance
    {
        $onTrestle = $this->plan->holding?->customs->build->isCutFirst() === true && ! $this->standing($post)->set;

        return match (true) {
            $this->shortPosts() !== [] => CutHindrance::AnotherIsShort,
            $onTrestle => null,
            ! $this->standing($post)->set => CutHindrance::NotStanding,
            $this->filling($post)->isBegun() && ! $this->clock($post)->isHard($this->now) => CutHindrance::NotHard,
            default => null,
        };
    }

    /** @return list<Post> measured below their marks, not cut, and nobody took that: while there is one, nothing is cut */
    public function shortPosts(): array
    {
        $short = array_map(fn (CutMark $mark) => $mark->post, $this->cut->short());

        return array_values(array_filter(
            $short, fn (Post $post) => ! $this->cut->isCut($post) && $this->decided(DecisionAbout::AcceptShortPost, $post) === null,
        ));
    }

    public function decided(DecisionAbout $about, ?Post $post = null, ?string $thing = null): ?Decision
    {
        return $this->decisions[self::key($about, $post?->id, $thing)] ?? null;
    }

    /**
     * Whether somebody decided so after something was read: what was decided before did not know it.
     *
     * @param  list<DecisionAbout>  $about
     */
    public function decidedSince(Entry $read, Post $post, array $about, ?string $thing = null): bool
    {
        return array_filter($this->log->since(Decision::class, $post->id, $read), fn (Entry $entry) => $entry->payload instanceof Decision
            && in_array($entry->payload->about, $about, true) && $entry->payload->isOf($thing)) !== [];
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

    /** Reads one line into an entry, with what this site knows of stages and tapes. */
    public function quickLine(): QuickLine
    {
        return new QuickLine(
            $this->plan, fn (PostId $post) => ($this->standing[$post] ?? null)?->stageNow() ?? Stage::HoleOpen, $this->plan->layout->tape,
        );
    }

    /** @return list<Post> as the order of standing that was decided has it */
    public function buildOrder(): array
    {
        $walk = $this->walk();

        return match ($this->plan->holding?->customs->build) {
            BuildOrder::CornersStringsBetween => [
                ...array_values(array_filter($walk, $this->plan->isCorner(...))),
                ...array_values(array_filter($walk, fn (Post $post) => ! $this->plan->isCorner($post))),
            ],
            BuildOrder::FramesTilted => $this->plan->grid->frameByFrame(),
            default => $walk,
        };
    }

    /** @return list<Post> row by row, every second row backwards: the way with the fewest steps */
    public function walk(): array
    {
        return $this->plan->grid->walk();
    }

    private static function key(DecisionAbout $about, ?PostId $post, ?string $thing): string
    {
        return $about->value.'|'.($post->value ?? '').'|'.mb_strtolower($thing ?? '');
    }

    /** @return ByPost<Filling> */
    private static function fillings(Log $log): ByPost
    {
        return ByPost::grouped($log->entriesOfPosts(PostFilled::class))->map(Filling::of(...));
    }

    /**
     * @param  ByPost<Filling>  $fillings
     * @return ByPost<StandingPost>
     */
    private static function standingPosts(Plan $plan, Log $log, Heights $level, Footings $footing, ByPost $fillings): ByPost
    {
        [$readings, $set] = [$log->all(PlumbReading::class), $log->newest(PostSet::class)];

        return ByPost::each($plan->grid->posts, function (Post $post) use ($plan, $level, $footing, $fillings, $readings, $set): StandingPost {
            $ground = $level->groundAt($post) ?? Length::zero();
            $foot = $footing->foot($post) ?? $ground;
            // On a pier a post turns about its base, which nothing is filled round.
            [$grade, $filling] = $plan->holdOf($post->id) === Hold::Pier ? [$foot, new Filling] : [$ground, $fillings[$post] ?? new Filling];

            return new StandingPost(
                $post, isset($set[$post]), $readings[$post] ?? [], $foot, $grade, $plan->tops?->topOf($post) ?? $ground->plus($plan->standing),
                $ground->plus($plan->standing->times(self::BRACE_SHARE)), $plan->tolerances->plumbOneIn,
                $filling, $plan->turnOf($post->id),
            );
        });
    }
}
