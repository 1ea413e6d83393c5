<?php

declare(strict_types=1);

namespace Aequus\Plan;

use Aequus\Days\Hands;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Holding\Customs;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Layout\LayoutRules;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\Parts;
use Aequus\Plan\Place\Brace;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Place\Surroundings;
use Aequus\Plan\Place\WorldPlace;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Terms\SideNames;
use Aequus\Plan\Tops\TopRules;
use Aequus\Plan\Work\Pricing;
use Aequus\Plan\Work\Work;

/** Everything that was decided about a job, as one revision has it. */
final readonly class Plan
{
    use OfOnePost;
    use OfTheSite;
    use ThroughRevisions;

    /** How the layout is proved: as decided, or the usual way. */
    public LayoutRules $layout;

    /** The first grid, and with it the posts of every further part. */
    public Grid $grid;

    /** @var list<Part> further parts beside the first grid */
    public array $parts;

    /** Where A1’s zero lies, counted from that of the first plan: what was drawn under an earlier plan stays where it is on the ground. */
    public Point $origin;

    /**
     * @param  list<Part>  $parts  further ones beside the first grid
     *
     * @throws PlanRefused when the parts do not go together
     */
    public function __construct(
        public JobKind $kind,
        public Notation $notation,
        public SideNames $sides,
        public Tolerances $tolerances,
        public Section $post,
        public HoleShape $hole,
        /** About how high the posts will stand above the ground. */
        public Length $standing,
        Grid $grid,
        public ?FootingRules $footing = null,
        public ?TopRules $tops = null,
        /** How the layout is proved, where that was decided. */
        public ?LayoutRules $decidedLayout = null,
        public Fit $fit = new Fit,
        /** How the posts are held, where that was decided. */
        public ?Holding $holding = null,
        ?Point $origin = null,
        /** What was answered where it was begun with a thing. */
        public ?Answers $answers = null,
        /** How deep the kind of job itself asks its posts to stand, whatever else is decided. */
        public ?Length $ownDepth = null,
        array $parts = [],
        /** @var list<SiteObject> what stands and runs on the site beside the posts */
        public array $site = [],
        /** Of posts at corners, gates and anchors, where they are heavier than the rest. */
        public ?Section $heavy = null,
        public Work $work = new Work,
        /** @var list<Brace> ties, knees and props that stay */
        public array $braces = [],
        public Surroundings $around = new Surroundings,
        /** @var array<string, Pricing> what was said of goods, by what they are */
        public array $prices = [],
        /** What stands on the posts, where that was decided. */
        public ?FrameRules $frame = null,
        /** @var array<string, FrameRules> what stands on further parts, where that was decided, by their ids */
        public array $partFrames = [],
        /** @var array<string, string> days by which the goods for a work must be there, as YYYY-MM-DD, by that work */
        public array $neededOn = [],
        /** Who works and when, where that was said. */
        public ?Hands $hands = null,
        /** Where it lies in the world, where that was said. */
        public ?WorldPlace $world = null,
    ) {
        $this->parts = $parts = array_map(fn (Part $part) => $part->outOf(($heavy ?? $post)->thicker()), $parts);
        $this->grid = $parts === [] && $grid->added === [] ? $grid : Parts::onto($grid, $parts, $post->across());
        $this->origin = $origin ?? new Point(Length::zero(), Length::zero());
        $this->layout = $decidedLayout ?? LayoutRules::usual($hole->reach());
        if (! $hole->takes($post) || ($heavy !== null && ! $hole->takes($heavy))) {
            throw PlanRefused::holeNarrowerThanPost();
        }
        if (! $standing->isPositive()) {
            throw PlanRefused::nothingStands();
        }
        foreach ([$tolerances->closeness(), ...array_filter(array_map(fn (Part $part) => $part->closeness, $parts))] as $closeness) {
            if ($notation->smallestMark()->isLongerThan($closeness->across)) {
                throw PlanRefused::markCoarserThanTolerance();
            }
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

    /** @throws PlanRefused when the post would not go in */
    public function withHole(HoleShape $hole): self
    {
        return $this->with(hole: $hole);
    }

    public function withHolding(Holding $holding): self
    {
        return $this->with(holding: $holding);
    }

    /** The customs followed, as decided; the usual ones of who is there where nobody decided. */
    public function customs(): Customs
    {
        return $this->holding->customs ?? Customs::usual($this->work->crew);
    }

    /**
     * How far the string on the boards runs off the line through two stakes of one row or column, left of the way from the first to the second
     * positive; nothing between others, where a string runs from nail to nail.
     */
    public function stringRun(Post $from, Post $to): Length
    {
        foreach ([
            [Side::PlusY, $this->grid->rows, $from->at->y, $to->at->y], [Side::PlusX, $this->grid->columns, $from->at->x, $to->at->x],
        ] as [$axis, $across, $one, $other]) {
            foreach ($across->lines as $i => $line) {
                if ($line->at->equals($one) && $line->at->equals($other)) {
                    return $this->layout->strings->offLine($this->post, $axis, $i, count($across->lines))->times($axis->leftOf($from->at, $to->at));
                }
            }
        }

        return Length::zero();
    }

    /**
     * @param  list<Part>  $parts  beside the first grid
     *
     * @throws PlanRefused when two posts would share a label, or stand in each other
     */
    public function withParts(array $parts): self
    {
        return $this->with(parts: $parts);
    }

    /** @param  array<string, Pricing>  $prices */
    public function priced(array $prices): self
    {
        return $this->with(prices: $prices);
    }

    public function withFrame(FrameRules $frame): self
    {
        return $this->with(frame: $frame);
    }

    /** @param  array<string, string>  $days  as YYYY-MM-DD, by the work the goods are for */
    public function needing(array $days): self
    {
        return $this->with(neededOn: $days);
    }

    public function workedBy(Hands $hands): self
    {
        return $this->with(hands: $hands);
    }

    public function lyingAt(WorldPlace $world): self
    {
        return $this->with(world: $world);
    }

    /**
     * On another first grid, all else as it is.
     *
     * @throws PlanRefused when its posts do not go together
     */
    public function onGrid(Grid $grid): self
    {
        return $this->with(grid: $grid);
    }

    /** What stands on a further part. */
    public function withPartFrame(Part $part, FrameRules $frame): self
    {
        return $this->with(partFrames: [...$this->partFrames, $part->id => $frame]);
    }

    public function around(Surroundings $around): self
    {
        return $this->with(around: $around);
    }

    /** @param  list<Brace>  $braces */
    public function withBraces(array $braces): self
    {
        return $this->with(braces: $braces);
    }

    /** @param  list<SiteObject>  $site */
    public function withSite(array $site): self
    {
        return $this->with(site: $site);
    }

    /**
     * @param  ?list<Part>  $parts
     * @param  ?list<SiteObject>  $site
     * @param  ?list<Brace>  $braces
     * @param  ?array<string, Pricing>  $prices
     * @param  ?array<string, FrameRules>  $partFrames
     * @param  ?array<string, string>  $neededOn
     */
    private function with(
        ?Grid $grid = null, ?FootingRules $footing = null, ?TopRules $tops = null, ?LayoutRules $layout = null, ?Fit $fit = null,
        ?HoleShape $hole = null, ?Holding $holding = null, ?array $parts = null,
        ?array $site = null, ?array $braces = null, ?Surroundings $around = null,
        ?array $prices = null, ?FrameRules $frame = null, ?array $partFrames = null, ?array $neededOn = null, ?Hands $hands = null,
        ?WorldPlace $world = null,
    ): self {
        return new self(
            $this->kind, $this->notation, $this->sides, $this->tolerances, $this->post, $hole ?? $this->hole, $this->standing, $grid ?? $this->grid,
            $footing ?? $this->footing, $tops ?? $this->tops, $layout ?? $this->decidedLayout, $fit ?? $this->fit, $holding
                ?? $this->holding, $this->origin, $this->answers, $this->ownDepth, $parts ?? $this->parts,
            $site ?? $this->site, $this->heavy, $this->work, $braces ?? $this->braces,
            $around ?? $this->around, $prices ?? $this->prices, $frame ?? $this->frame, $partFrames ?? $this->partFrames,
            $neededOn ?? $this->neededOn, $hands ?? $this->hands, $world ?? $this->world,
        );
    }

    public function write(Length $length): string
    {
        return $this->notation->write($length);
    }
}
