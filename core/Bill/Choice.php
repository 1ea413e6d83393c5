<?php

declare(strict_types=1);

namespace Aequus\Bill;

use Aequus\Footing\Holes\HoleWork;
use Aequus\Footing\Materials\Bag;
use Aequus\Footing\Materials\Gravel;
use Aequus\Frame\Frames;
use Aequus\Frame\Piece;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\HoldReason;
use Aequus\Plan\Plan;
use Aequus\Site\SiteState;

/** One way to hold all posts, to choose their depths or to build what stands on them, and what that takes. */
final readonly class Choice
{
    private const KILOGRAMS_A_POUND = 0.45359237;

    /**
     * @param  ?bool  $isPossible  on this site; null where the site was not weighed
     * @param  list<HoldReason>  $against
     * @param  float  $carried  posts, bags and gravel, and the timber over them where that is what is chosen, kg
     * @param  float  $dug  mm³
     */
    public function __construct(
        public Hold|DepthMode|Variant $what, public bool $isDecided, public Bill $bill, public float $carried, public float $dug,
        public ?bool $isPossible = null, public array $against = [],
    ) {
    }

    /**
     * The whole job by another plan.
     *
     * @param  list<HoleWork>  $work  of the posts there are
     * @param  float  $share  of which it has so many
     */
    public static function ofPlan(Variant $what, bool $isDecided, SiteState $site, Plan $plan, array $work, float $share): self
    {
        [$carried, $dug] = self::weights($plan, $work);
        $timber = array_sum(array_map(
            fn (Piece $piece) => $piece->layer->kind->isTimber() ? $piece->volume() / 1e9 * $plan->work->timber->density() : 0.0,
            Frames::decided($plan, $site->log)->pieces,
        ));

        return new self($what, $isDecided, (new JobNeeds($site, null, $plan, $work, $share))->bill(), $carried * $share + $timber, $dug * $share);
    }

    /**
     * @param  list<HoleWork>  $work
     * @return array{float, float} posts, bags and gravel in kg, and what is dug in mm³
     */
    public static function weights(Plan $plan, array $work): array
    {
        $bag = Bag::ofPlan($plan);
        $mass = Bag::mass($plan) * $plan->notation->system()->pick(1.0, self::KILOGRAMS_A_POUND);
        $carried = $dug = 0.0;
        foreach ($work as $hole) {
            $post = $plan->sectionOf($hole->of)->area() * $hole->post->inMillimetres() / 1e9 * $plan->work->timber->density();
            $carried += $hole->concrete / $bag->yield * $mass + Gravel::tonnes($hole->gravel) * 1000 + $post;
            $dug += $hole->dug;
        }

        return [$carried, $dug];
    }

    /** By how many coins it costs more than another; null where goods of either have no price, so that nobody knows. */
    public function dearerThan(self $other): ?int
    {
        return $this->bill->unpriced === [] && $other->bill->unpriced === [] ? $this->bill->sum - $other->bill->sum : null;
    }
}
