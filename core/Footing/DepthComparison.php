<?php

declare(strict_types=1);

namespace Aequus\Footing;

use Aequus\Measure\Length;
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

    /** @param  non-empty-list<DepthNeed>  $needs */
    public function __construct(Plan $plan, array $needs, Fill $fill, private DepthPrices $prices, Length $soldBy, ?Length $auger)
    {
        $tops = new PostTops($plan, $needs);
        $way = fn (string $name, Depths $depths) => new DepthWay($name, $depths, $plan, $fill, $tops, $prices, $soldBy, $auger);
        $ways = [$way('each to its own depth', Depths::own($needs)), $way('all feet on one plane', Depths::commonPlane($needs, null))];
        $steps = ['steps, one plane for each column' => [], 'steps, one plane for each row' => []];
        foreach ($needs as $need) {
            $steps['steps, one plane for each column'][$need->post->at->x->nanometres][] = $need;
            $steps['steps, one plane for each row'][$need->post->at->y->nanometres][] = $need;
        }
        foreach ($steps as $name => $groups) {
            if (count($groups) > 1 && count($groups) < count($needs)) {
                $ways[] = $way($name, Depths::steps(array_values($groups)));
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
