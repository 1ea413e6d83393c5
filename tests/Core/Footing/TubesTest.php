<?php

declare(strict_types=1);

namespace Tests\Core\Footing;

use Aequus\Footing\Comparison\DepthComparison;
use Aequus\Footing\Comparison\DepthPrices;
use Aequus\Footing\Depths\DepthRule;
use Aequus\Footing\Footings;
use Aequus\Footing\Holding\BoughtTube;
use Aequus\Footing\Holding\TubesToBuy;
use Aequus\Footing\Holes\HoleWork;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\Firmer;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Stock\Stock;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Told;

/** Form tubes out of the lengths they are sold in: three piers on ground that falls 100 from each to the next, 150 above the highest. Millimetres. */
final class TubesTest extends TestCase
{
    private const SOLD = [[1200, 14.5], [3000, 31.0]];

    public function test_tubes_are_cut_from_what_costs_least(): void
    {
        // 1350 and 1250 with a saw’s cut of 3 come out of one of 3000, 1150 out of one of 1200.
        $tubes = $this->tubes($this->plan(self::SOLD));
        $this->assertSame([[3000, 1350, 1250], [1200, 1150]], $this->lengths($tubes));
        $this->assertSame(['C1', 'B1', 'A1'], array_merge(...array_map(fn (BoughtTube $tube) => array_map(fn (array $piece) => $piece[0]->label, $tube->pieces), $tubes->bought)));
        $this->assertEqualsWithDelta([400, 50], array_map(fn (BoughtTube $tube) => $tube->rest->inMillimetres(), $tubes->bought), 1e-6);
        $this->assertEqualsWithDelta(45.5, $tubes->cost, 1e-9);
        $this->assertSame([[3000, 1], [1200, 1]], array_map(fn (array $one) => [(int) round($one[0]->length->inMillimetres()), $one[1]], $tubes->counted()));
        // Of 2402 no two of them come: the cut takes 3.
        $this->assertCount(3, $this->tubes($this->plan([[2402, 10.0], [1400, 8.0]]))->bought);
        $this->assertCount(2, $this->tubes($this->plan([[2403, 10.0], [1400, 8.0]]))->bought);
    }

    public function test_a_whole_tube_takes_its_hole_deeper_and_nothing_is_left_over(): void
    {
        $plan = $this->plan([[1200, 14.5], [1500, 17.0]], true);
        $footing = $this->footing($plan);
        // Holes would be 1100 deep: the tubes of 1150, 1250 and 1350 lack 50, 250 and 150 to what is sold.
        $this->assertEqualsWithDelta([1150, 1350, 1250], $this->depths($footing), 1e-6);
        $this->assertSame([DepthRule::WholeTube, DepthRule::WholeTube, DepthRule::WholeTube], array_map(fn ($one) => $one->governing, $footing->depths?->required->all()));
        $tubes = $this->tubes($plan);
        $this->assertSame([[1200, 1200], [1500, 1500], [1500, 1500]], $this->lengths($tubes));
        $this->assertEqualsWithDelta([0, 0, 0], array_map(fn (BoughtTube $tube) => $tube->rest->inMillimetres(), $tubes->bought), 1e-6);
        // One that is just as long as its tube goes no deeper, and the rule stays what it was.
        $just = $this->footing($this->plan([[1150, 1.0], [1250, 1.0], [1350, 1.0]], true));
        $this->assertEqualsWithDelta([1100, 1100, 1100], $this->depths($just), 1e-6);
        $this->assertSame(DepthRule::Frost, $just->depths?->required->all()[0]->governing);
        // Posts in concrete beside piers stay as deep as they were.
        $mixed = $plan->withHolding(new Holding(Hold::Concrete, new HoldingSite(Soil::Clay), $plan->holding->pier, $plan->holding->collar, ByPost::each([$plan->grid->posts[1]], fn () => Hold::Pier)));
        $this->assertEqualsWithDelta([1100, 1350, 1100], $this->depths($this->footing($mixed)), 1e-6);
    }

    public function test_a_plane_is_told_only_where_all_feet_still_lie_on_it(): void
    {
        $sold = [[1200, 14.5], [1500, 17.0]];
        $footing = $this->footing($this->plan($sold, true, DepthMode::CommonPlane));
        // The deepest foot lies 1200 below zero, its gravel with it: all tubes are 1350, and all go 150 deeper.
        $this->assertEqualsWithDelta(-1350 + 100, $footing->depths?->plane?->inMillimetres(), 1e-6);
        $this->assertSame('C1', $footing->depths?->deepest?->label);
        $plan = $this->plan($sold, true, DepthMode::CommonPlane);
        $mixed = $plan->withHolding(new Holding(Hold::Concrete, new HoldingSite(Soil::Clay), $plan->holding->pier, $plan->holding->collar, ByPost::each([$plan->grid->posts[1]], fn () => Hold::Pier)));
        $this->assertNull($this->footing($mixed)->depths?->plane);
    }

    public function test_a_whole_tube_follows_the_hole_as_it_was_dug(): void
    {
        $sold = [[1200, 14.5], [1500, 17.0]];
        $tube = function (int $deep) use ($sold): array {
            $plan = $this->plan($sold, true);
            $footing = $this->footing($plan, new HoleDug($plan->grid->posts[2]->id, Length::millimetres($deep)));

            return [$footing->asDug($plan->grid->posts[2])?->serves(), ...$this->lengths($this->tubes($plan, $footing))[2]];
        };
        $this->assertSame([true, 1500, 1500], $tube(1250));
        // Too deep: gravel brings it up, and it stands whole. Only as deep as the rule: it serves, but loses what is missing to the saw.
        $this->assertSame([true, 1500, 1500], $tube(1330));
        $this->assertSame([true, 1500, 1410], $tube(1100));
    }

    public function test_a_tube_longer_than_all_that_are_sold_is_told_and_changes_no_hole(): void
    {
        $plan = $this->plan([[1200, 14.5]], true);
        $this->assertEqualsWithDelta([1150, 1100, 1100], $this->depths($this->footing($plan)), 1e-6);
        $this->assertStringContainsString('longer than every length that is sold', Told::refused(fn () => $this->tubes($plan)));
        $this->assertStringContainsString('1350', Told::refused(fn () => $this->tubes($this->plan([[1200, 14.5]]))));
        $this->assertNull(TubesToBuy::forWork($this->footing($this->plan([]))->work($this->plan([])->grid->posts), $this->plan([])));
    }

    public function test_ways_to_choose_depths_are_compared_with_tubes_that_stand_whole(): void
    {
        $plan = $this->plan([[1200, 14.5], [1500, 17.0]], true);
        $way = (new DepthComparison($plan, $this->footing($plan)->needs, null, new DepthPrices(1.0, 1.0, 1.0, 1.0), Length::millimetres(600), null))->ways[0];
        $this->assertSame(DepthMode::Own, $way->mode);
        $this->assertEqualsWithDelta([1150, 1350, 1250], array_map(fn (HoleWork $hole) => $hole->depth->inMillimetres(), $way->holes), 1e-6);
    }

    public function test_what_was_decided_of_tubes_is_kept(): void
    {
        foreach ([$this->plan(self::SOLD, true), $this->plan([])] as $plan) {
            $this->assertEquals($plan, PlanCodec::decode(json_decode(json_encode(PlanCodec::encode($plan), JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR)));
        }
    }

    /** @param  list<array{int, float}>  $sold */
    private function plan(array $sold, bool $isWhole = false, DepthMode $mode = DepthMode::Own): Plan
    {
        $mm = Length::millimetres(...);

        return Builds::plan(baysX: [2400, 2400], baysY: [])->withFooting(new FootingRules(
            $mm(900), $mm(100), LeastEmbedment::length($mm(600)), $mm(100), $mm(100), $mm(40), $mode, firmer: Firmer::OnlyNamed,
        ))->withHolding(new Holding(Hold::Pier, new HoldingSite(Soil::Clay), new PierRules(
            $mm(300), $mm(25), $mm(120), $mm(60), $mm(150), array_map(fn (array $one) => new Stock($mm($one[0]), $one[1]), $sold), $isWhole,
        ), $mm(300)));
    }

    private function footing(Plan $plan, HoleDug ...$dug): Footings
    {
        return new Footings($plan, Builds::log(...$dug), ByPost::each($plan->grid->posts, fn (Post $post) => $post->at->x->times(-100 / 2400)));
    }

    private function tubes(Plan $plan, ?Footings $footing = null): TubesToBuy
    {
        return TubesToBuy::forWork(($footing ?? $this->footing($plan))->work($plan->grid->posts), $plan) ?? $this->fail();
    }

    /** @return list<float> of the holes */
    private function depths(Footings $footing): array
    {
        return array_map(fn ($one) => $one->holeDepth()->inMillimetres(), $footing->depths?->required->all() ?? []);
    }

    /** @return list<non-empty-list<int>> bought length, then its pieces */
    private function lengths(TubesToBuy $tubes): array
    {
        $mm = fn (Length $length): int => (int) round($length->inMillimetres());

        return array_map(fn (BoughtTube $tube) => [$mm($tube->stock->length), ...array_map(fn (array $piece) => $mm($piece[1]), $tube->pieces)], $tubes->bought);
    }
}
