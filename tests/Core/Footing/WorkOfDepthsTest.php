<?php

declare(strict_types=1);

namespace Tests\Core\Footing;

use Aequus\Footing\Comparison\DepthComparison;
use Aequus\Footing\Comparison\DepthPrices;
use Aequus\Footing\Comparison\DepthWay;
use Aequus\Footing\Comparison\PriceFlip;
use Aequus\Footing\Depths\DepthNeed;
use Aequus\Footing\Depths\Depths;
use Aequus\Footing\Depths\FootingRefused;
use Aequus\Footing\Depths\PostTops;
use Aequus\Footing\Holes\HoleAsDug;
use Aequus\Footing\Holes\HoleWork;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\Customs;
use Aequus\Plan\Holding\FillEnd;
use Aequus\Plan\Holding\FootBed;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\Material;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Plan;
use Aequus\Words\Names;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** What holes take, on ground that falls 100 mm a bay: 3 × 2 posts, holes of 400, posts of 140 square standing 2400. */
final class WorkOfDepthsTest extends TestCase
{
    private Plan $plan;

    protected function setUp(): void
    {
        $this->plan = Builds::plan(baysX: [2400, 2400], baysY: [3000]);
    }

    public function test_one_hole_takes_what_a_hand_calculation_says(): void
    {
        $work = $this->work(Hold::Concrete);
        // A1: frost 900 and margin 100 below 0, pad 100, gravel 100: the hole is 1100 deep, the foot at −900.
        $round = M_PI / 4 * 400 ** 2;
        $this->assertEqualsWithDelta(1100, $work->depth->inMillimetres(), 1e-6);
        $this->assertEqualsWithDelta($round * 1100, $work->dug, 1);
        $this->assertEqualsWithDelta(1.25 * $work->dug, $work->spoil, 1);
        $this->assertEqualsWithDelta($round * 100, $work->gravel, 1);
        $this->assertEqualsWithDelta($round * 1000 - 140 ** 2 * 900, $work->concrete, 1);
        $this->assertEqualsWithDelta(2400 + 900, $work->post->inMillimetres(), 1e-6);
    }

    public function test_what_goes_back_round_the_post_decides_concrete_and_gravel(): void
    {
        [$concrete, $earth, $gravel] = [$this->work(Hold::Concrete), $this->work(Hold::Earth), $this->work(Hold::Gravel)];
        $this->assertSame(
            [0.0, 0.0, 0.0], [$earth->concrete, $gravel->concrete, $this->work(Hold::Foam)->concrete],
            'their pad is a block that is bought: no cement',
        );
        $this->assertTrue($earth->standsOn(Material::Block) && ! $concrete->standsOn(Material::Block));
        $this->assertEqualsWithDelta($earth->earth, $gravel->gravel - $earth->gravel, 1, 'the room is the same, whatever fills it');
        $this->bed(new Customs(foot: FootBed::Pad));
        $this->assertEqualsWithDelta(M_PI / 4 * 400 ** 2 * 100, $this->work(Hold::Earth)->concrete, 1, 'a pad that is poured');
        $this->assertSame(0.0, $this->work(Hold::Earth)->concreteOnPost, 'lies loose under it');
        $this->bed(new Customs(foot: FootBed::Sump));
        $this->assertEqualsWithDelta(M_PI / 4 * 400 ** 2 * 200, $this->work(Hold::Earth)->gravel, 1, 'gravel up to the foot');
    }

    /** The hole is 1100 deep and 400 wide; gravel and pad take 100 each, the post stands on the pad. */
    public function test_every_way_of_holding_fills_the_hole_once_and_no_more(): void
    {
        foreach (Hold::cases() as $hold) {
            $work = $this->work($hold);
            $post = $hold === Hold::Pier ? 0.0 : 140 ** 2 * 900.0;
            $aboveGround = $hold === Hold::Pier ? M_PI / 4 * 300 ** 2 * 150 : 0.0;
            $block = $work->standsOn(Material::Block) ? M_PI / 4 * 400 ** 2 * 100 : 0.0;
            $this->assertEqualsWithDelta(
                $hold->isDug() ? $work->dug : $post, $work->gravel + $work->concrete + $work->foam + $work->earth + $block + $post - $aboveGround, 2,
                Names::of($hold),
            );
        }
    }

    public function test_a_pier_carries_its_post_above_the_ground_and_a_driven_post_digs_nothing(): void
    {
        $pier = $this->work(Hold::Pier);
        // Gravel ends 1000 below A1, the pier 150 above it: the base holds the post 25 higher, 2400 below which it ends.
        $this->assertEqualsWithDelta(1150, $pier->tube?->inMillimetres(), 1e-6);
        $this->assertEqualsWithDelta(M_PI / 4 * 300 ** 2 * 1150, $pier->concrete, 1);
        $this->assertEqualsWithDelta(2400 - 150 - 25, $pier->post->inMillimetres(), 1e-6);
        $driven = $this->work(Hold::Driven);
        $this->assertSame([0.0, 0.0, 0.0], [$driven->dug, $driven->concrete, $driven->gravel]);
        $this->assertEqualsWithDelta(2400 + 900, $driven->post->inMillimetres(), 1e-6);
    }

    public function test_a_collar_takes_its_own_height_of_concrete(): void
    {
        $collar = $this->work(Hold::Collar);
        $round = M_PI / 4 * 400 ** 2;
        $this->assertEqualsWithDelta($round * 100 + ($round - 140 ** 2) * 300, $collar->concrete, 1, 'the pad, and 300 below the ground');
        $this->assertEqualsWithDelta(($round - 140 ** 2) * 600, $collar->earth, 1);
    }

    public function test_a_collar_as_high_as_the_hole_stands_on_the_pad_and_not_in_it(): void
    {
        $this->plan = $this->plan->withHolding(
            new Holding(Hold::Collar, new HoldingSite(Soil::Sand), PierRules::usual($this->plan->notation), Length::millimetres(950)),
        );
        $ring = M_PI / 4 * 400 ** 2 - 140 ** 2;
        $collar = $this->work(Hold::Collar);
        $this->assertEqualsWithDelta(M_PI / 4 * 400 ** 2 * 100 + 900 * $ring, $collar->concrete, 1);
        $this->assertSame(0.0, $collar->earth);
    }

    public function test_a_fill_ends_flush_below_turf_or_mounded(): void
    {
        $flush = $this->work(Hold::Concrete);
        $this->bed(new Customs(fillEnd: FillEnd::BelowTurf));
        $ring = M_PI / 4 * 400 ** 2 - 140 ** 2;
        $this->assertEqualsWithDelta($flush->concrete - 50 * $ring, $this->work(Hold::Concrete)->concrete, 1);
        $this->assertEqualsWithDelta(50 * $ring, $this->work(Hold::Concrete)->earth, 1, 'earth goes over it');
        $this->assertEqualsWithDelta(
            600 * $ring - 50 * $ring, $this->work(Hold::Collar)->earth - 50 * $ring, 1, 'a collar keeps its height and goes down with it',
        );
        $this->assertEqualsWithDelta(
            $this->work(Hold::Pier)->concrete, M_PI / 4 * 300 ** 2 * 1150, 1, 'a tube is filled to its top whatever the turf does',
        );
        $this->bed(new Customs(fillEnd: FillEnd::Mounded));
        // 25 high: a frustum from the hole to the post, less the post.
        [$outer, $inner] = [M_PI / 4 * 400 ** 2, 140 ** 2];
        $this->assertEqualsWithDelta(
            $flush->concrete + 25 / 3 * ($outer + $inner + sqrt($outer * $inner)) - 25 * $inner, $this->work(Hold::Concrete)->concrete, 1,
        );
        $this->assertEqualsWithDelta($flush->dug, $this->work(Hold::Concrete)->dug, 1, 'nothing more is dug for it');
    }

    public function test_a_square_hole_and_a_bell_take_more_than_a_round_one(): void
    {
        $round = $this->work(Hold::Concrete);
        $this->plan = $this->plan->withHole(HoleShape::square(Length::millimetres(400)));
        $this->assertEqualsWithDelta(400 ** 2 * 1100, $this->work(Hold::Concrete)->dug, 1);
        $this->plan = $this->plan->withHole(HoleShape::bell(Length::millimetres(400), Length::millimetres(600), Length::millimetres(300)));
        $this->assertEqualsWithDelta(
            $round->dug + M_PI / 12 * 300 * (600 ** 2 + 600 * 400 + 400 ** 2) - M_PI / 4 * 400 ** 2 * 300, $this->work(Hold::Concrete)->dug, 1,
        );
    }

    #[TestWith([300.0])]
    #[TestWith([1100.0])]
    #[TestWith([1600.0])]
    public function test_concrete_is_never_below_zero_and_grows_with_depth_where_it_fills_the_hole(float $depth): void
    {
        $required = Depths::own([$this->need('A1')])->required->all();
        $dug = fn (float $deep) => HoleWork::asDug(
            $this->plan, Hold::Concrete, $this->tops(), new HoleAsDug($required[0], Length::millimetres(-$deep), Length::millimetres(50)),
        );
        $this->assertGreaterThanOrEqual(0, $dug($depth)->concrete);
        $this->assertGreaterThanOrEqual($dug($depth)->dug, $dug($depth + 100)->dug);
        $this->assertEqualsWithDelta(
            max(0.0, $depth - 1100), max(0.0, ($dug($depth)->gravel / (M_PI / 4 * 400 ** 2)) - 100), 1e-6,
            'what is dug too deep is filled with gravel',
        );
    }

    public function test_one_plane_digs_more_and_steps_lie_between(): void
    {
        [$own, $plane, $columns] = $this->compare()->ways;
        $this->assertSame(
            [DepthMode::Own, DepthMode::CommonPlane, DepthMode::StepsByColumn], array_map(fn (DepthWay $way) => $way->mode, [$own, $plane, $columns]),
        );
        $this->assertLessThan($columns->dug, $own->dug);
        $this->assertLessThan($plane->dug, $columns->dug);
        $this->assertEqualsWithDelta(1100, $own->longest->depth->inMillimetres(), 1e-6);
        $this->assertEqualsWithDelta(1100 + 200 + 30, $plane->longest->depth->inMillimetres(), 1e-6, 'A1 down to the foot of C2');
        $this->assertSame('A1', $plane->longest->of->label);
    }

    public function test_a_way_beyond_the_auger_is_not_the_cheapest_while_another_is_within(): void
    {
        $comparison = $this->compare(auger: 1150, prices: new DepthPrices(0, 0, 0, 0));
        $this->assertSame([], $comparison->cheapest->beyondAuger);
        $this->assertNotSame([], $comparison->ways[1]->beyondAuger);
        $this->assertNotSame([], $this->compare(auger: 200)->cheapest->beyondAuger, 'where none reaches, the cheapest is named all the same');
    }

    public function test_level_feet_win_where_every_different_length_costs_and_the_flip_is_exact(): void
    {
        $own = $this->compare(prices: $this->prices(0.5));
        $this->assertSame(DepthMode::Own, $own->cheapest->mode);
        $this->assertSame([6, 1, 3], array_map(fn (DepthWay $way) => $way->lengths, array_slice($own->ways, 0, 3)));
        $flip = array_values(array_filter($own->flips, fn (PriceFlip $flip) => $flip->price === 'lengths'))[0];
        $this->assertGreaterThan(0.5, $flip->at);
        $this->assertSame($flip->way->mode, $this->compare(prices: $this->prices($flip->at * 1.01))->cheapest->mode);
        $this->assertSame(DepthMode::Own, $this->compare(prices: $this->prices($flip->at * 0.99))->cheapest->mode);
    }

    public function test_at_every_price_that_flips_the_answer_both_ways_cost_the_same(): void
    {
        $comparison = $this->compare(prices: $this->prices(30));
        $this->assertGreaterThan(1, count($comparison->flips));
        foreach ($comparison->flips as $flip) {
            $at = fn (string $name) => $flip->price === $name ? $flip->at : $this->prices(30)->{$name};
            $then = $this->compare(prices: new DepthPrices($at('post'), $at('concrete'), $at('digging'), $at('lengths')));
            $cost = fn (DepthMode $mode) => array_values(array_filter($then->ways, fn (DepthWay $way) => $way->mode === $mode))[0]->cost;
            $this->assertEqualsWithDelta($cost($comparison->cheapest->mode), $cost($flip->way->mode), 1e-6);
        }
    }

    public function test_posts_sold_by_nothing_are_refused(): void
    {
        $this->expectException(FootingRefused::class);
        $this->compare(soldBy: 0);
    }

    private function compare(float $soldBy = 600, ?float $auger = null, ?DepthPrices $prices = null): DepthComparison
    {
        return new DepthComparison(
            $this->plan, $this->needs(), Hold::Concrete, $prices ?? $this->prices(0), Length::millimetres($soldBy),
            $auger === null ? null : Length::millimetres($auger),
        );
    }

    private function prices(float $lengths): DepthPrices
    {
        return new DepthPrices(0.012, 2.4e-7, 6e-8, $lengths);
    }

    private function bed(Customs $customs): void
    {
        $this->plan = $this->plan->withHolding(
            new Holding(
                Hold::Earth, new HoldingSite(Soil::Sand), PierRules::usual($this->plan->notation), Length::millimetres(300), customs: $customs,
            ),
        );
    }

    private function work(Hold $hold): HoleWork
    {
        $required = Depths::own([$this->need('A1')])->required->all();

        return HoleWork::planned($this->plan, $hold, $this->tops(), $required[0]);
    }

    private function tops(): PostTops
    {
        return new PostTops($this->plan, $this->needs());
    }

    /** @return non-empty-list<DepthNeed> */
    private function needs(): array
    {
        return array_map($this->need(...), ['A1', 'B1', 'C1', 'A2', 'B2', 'C2']);
    }

    private function need(string $label): DepthNeed
    {
        $post = $this->plan->grid->labelled($label);
        $ground = Length::millimetres(-100 * $post->at->x->inMillimetres() / 2400 - 30 * $post->at->y->inMillimetres() / 3000);

        return new DepthNeed(
            $post, $ground, $ground, Length::millimetres(900), Length::millimetres(100), Length::millimetres(600), Length::millimetres(100),
            Length::millimetres(100),
        );
    }
}
