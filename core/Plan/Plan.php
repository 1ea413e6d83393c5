<?php

declare(strict_types=1);

namespace Aequus\Plan;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;

/** Everything that was decided about a job, as one revision has it. */
final readonly class Plan
{
    /** How the layout is proved: as decided, or the usual way. */
    public LayoutRules $layout;

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
        /** How the layout is proved, where that was decided. */
        public ?LayoutRules $decidedLayout = null,
        public Fit $fit = new Fit,
    ) {
        $this->layout = $decidedLayout ?? LayoutRules::usual($grid, $holeDiameter);
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
        return $this->with(footing: $footing);
    }

    public function withTops(TopRules $tops): self
    {
        return $this->with(tops: $tops);
    }

    public function withLayout(LayoutRules $layout): self
    {
        return $this->with(layout: $layout);
    }

    public function withFit(Fit $fit): self
    {
        return $this->with(fit: $fit);
    }

    public function withGrid(Grid $grid): self
    {
        return $this->with(grid: $grid);
    }

    private function with(?Grid $grid = null, ?FootingRules $footing = null, ?TopRules $tops = null, ?LayoutRules $layout = null, ?Fit $fit = null): self
    {
        return new self(
            $this->kind, $this->notation, $this->sides, $this->tolerances, $this->post, $this->holeDiameter, $this->standing, $grid ?? $this->grid,
            $footing ?? $this->footing, $tops ?? $this->tops, $layout ?? $this->decidedLayout, $fit ?? $this->fit,
        );
    }

    public function write(Length $length): string
    {
        return $this->notation->write($length);
    }
}
