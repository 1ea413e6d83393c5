<?php

declare(strict_types=1);

namespace Aequus\Plan;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;

/** Everything that was decided about a job, as one revision has it. */
final readonly class Plan
{
    /** @throws PlanRefused when the parts do not go together */
    public function __construct(
        public JobKind $kind,
        public Notation $notation,
        public SideNames $sides,
        public Tolerances $tolerances,
        public Section $post,
        public Length $holeDiameter,
        /** About how high the posts will stand above the ground. */
        public Length $standing,
        public Grid $grid,
        public ?FootingRules $footing = null,
        public ?TopRules $tops = null,
    ) {
        if ($holeDiameter->isShorterThan($post->across())) {
            throw PlanRefused::holeNarrowerThanPost();
        }
        if (! $standing->isPositive()) {
            throw PlanRefused::nothingStands();
        }
        if ($notation->smallestMark()->isLongerThan($tolerances->squareness)) {
            throw PlanRefused::markCoarserThanTolerance();
        }
        foreach ([[$grid->columns, Side::PlusX], [$grid->rows, Side::PlusY]] as [$lines, $axis]) {
            foreach ($lines->spacing()->gaps() as $gap) {
                if (! $gap->isLongerThan($post->along($axis))) {
                    throw PlanRefused::postsOverlap();
                }
            }
        }
    }

    public function withFooting(FootingRules $footing): self
    {
        return new self($this->kind, $this->notation, $this->sides, $this->tolerances, $this->post, $this->holeDiameter, $this->standing, $this->grid, $footing, $this->tops);
    }

    public function withTops(TopRules $tops): self
    {
        return new self($this->kind, $this->notation, $this->sides, $this->tolerances, $this->post, $this->holeDiameter, $this->standing, $this->grid, $this->footing, $tops);
    }

    public function write(Length $length): string
    {
        return $this->notation->write($length);
    }
}
