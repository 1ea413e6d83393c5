<?php

declare(strict_types=1);

namespace Aequus\Footing\Comparison;

use Aequus\Footing\Depths\DepthNeed;
use Aequus\Footing\Depths\Depths;
use Aequus\Footing\Depths\FootingRefused;
use Aequus\Footing\Depths\PostTops;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Plan;

/** Each post to its own depth, all on one plane, or one plane for every line down the slope: side by side. */
final readonly class DepthComparison
{
    /** @var list<DepthWay> */
    public array $ways;

    /** The cheapest that the auger can dig; the cheapest of all where it can dig none. */
    public DepthWay $cheapest;

    /** @var list<PriceFlip> */
    public array $flips;

    /**
     * @param  non-empty-list<DepthNeed>  $needs
     * @param  ?Hold  $instead  a way to hold all posts; null for the ways decided
     * @param  ?Length  $plane  to try for the common plane; null for as high as the rules allow
     *
     * @throws FootingRefused when the plane is higher than a post allows, or posts are sold by no length
     */
    public function __construct(
        Plan $plan, array $needs, ?Hold $instead, private DepthPrices $prices, Length $soldBy, ?Length $auger, ?Length $plane = null,
    ) {
        $tops = new PostTops($plan, $needs);
        $way = fn (DepthMode $mode) => new DepthWay(
            $mode, Depths::by($mode, $needs, $plane)->withWholeTubes($plan, $tops, $instead), $plan, $instead, $tops, $prices, $soldBy, $auger,
        );
        $ways = [$way(DepthMode::Own), $way(DepthMode::CommonPlane)];
        foreach ([
            DepthMode::StepsByColumn->value => count(array_flip(array_map(fn (DepthNeed $need) => $need->post->at->x->nanometres, $needs))),
            DepthMode::StepsByRow->value => count(array_flip(array_map(fn (DepthNeed $need) => $need->post->at->y->nanometres, $needs))),
        ] as $mode => $steps) {
            // Steps of a single line, or with a line for every post, are one of the others under another name.
            if ($steps > 1 && $steps < count($needs)) {
                $ways[] = $way(DepthMode::from($mode));
            }
        }
        $this->ways = $ways;
        $able = array_values(array_filter($ways, fn (DepthWay $one) => $one->beyondAuger === [])) ?: $ways;
        $cheapest = $able[0];
        foreach ($able as $one) {
            $cheapest = $one->cost < $cheapest->cost - 1e-9 ? $one : $cheapest;
        }
        $this->cheapest = $cheapest;
        $this->flips = $this->flips($able);
    }

    /**
     * A cost is linear in every price, so the price at which another way comes level is exact. Of each price the nearest change each way is told.
     *
     * @param  list<DepthWay>  $able
     * @return list<PriceFlip>
     */
    private function flips(array $able): array
    {
        $flips = [];
        foreach (DepthPrices::NAMES as $name) {
            $price = $this->prices->{$name};
            $nearest = [];
            foreach ($able as $rival) {
                $difference = $price > 0 ? ($this->cheapest->parts[$name] - $rival->parts[$name]) / $price : 0.0;
                $at = $difference == 0.0 ? -1.0 : $price + ($rival->cost - $this->cheapest->cost) / $difference;
                if ($rival === $this->cheapest || $at < 0 || abs($at - $price) < 1e-15) {
                    continue;
                }
                $way = $at > $price ? 'above' : 'below';
                if (! isset($nearest[$way]) || abs($at - $price) < abs($nearest[$way]->at - $price)) {
                    $nearest[$way] = new PriceFlip($name, $price, $at, $rival);
                }
            }
            $flips = [...$flips, ...array_values($nearest)];
        }

        return $flips;
    }
}
