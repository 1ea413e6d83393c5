<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\PlanRefused;

/** How the posts are held, as decided: a way for the job, another for single posts, what was known of the site then, and the customs followed. */
final readonly class Holding
{
    /** @var ByPost<Hold> other ways of single posts */
    public ByPost $ofPosts;

    /**
     * @param  HoldingSite  $site  as it was weighed when the way was chosen; holes may teach otherwise
     * @param  ?ByPost<Hold>  $ofPosts  other ways of single posts; null for none
     * @param  Length  $collar  height of a collar, where one is poured
     *
     * @throws PlanRefused when the collar has no height
     */
    public function __construct(
        public Hold $ofJob,
        public HoldingSite $site,
        public PierRules $pier,
        public Length $collar,
        ?ByPost $ofPosts = null,
        public Customs $customs = new Customs,
    ) {
        $this->ofPosts = $ofPosts ?? ByPost::none();
        if (! $collar->isPositive()) {
            throw PlanRefused::collarTooLow();
        }
    }

    /** How high a collar is where nobody said. */
    public static function usualCollar(Notation $notation): Length
    {
        return $notation->system()->collar;
    }

    /** All posts another way. */
    public function heldBy(Hold $hold): self
    {
        return new self($hold, $this->site, $this->pier, $this->collar, null, $this->customs);
    }

    public function holdOf(PostId $post): Hold
    {
        return $this->ofPosts[$post] ?? $this->ofJob;
    }

    public function withPier(PierRules $pier): self
    {
        return new self($this->ofJob, $this->site, $pier, $this->collar, $this->ofPosts, $this->customs);
    }

    /** @return list<Hold> every way that is used, that of the job first */
    public function ways(): array
    {
        return array_values(array_unique([$this->ofJob, ...$this->ofPosts->all()], SORT_REGULAR));
    }
}
