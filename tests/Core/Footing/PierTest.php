<?php

declare(strict_types=1);

namespace Tests\Core\Footing;

use Aequus\Footing\Depths\DepthNeed;
use Aequus\Footing\Depths\Depths;
use Aequus\Footing\Depths\PostTops;
use Aequus\Footing\Depths\RequiredDepth;
use Aequus\Footing\Holding\Pier;
use Aequus\Footing\Holes\HoleAsDug;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Tops\TopRules;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Told;

/** Piers in tubes of 300 on ground that lies 100 lower at every further column, with bases of 120 and 60 to the edge. */
final class PierTest extends TestCase
{
    public function test_tubes_make_up_for_the_ground_and_posts_come_out_alike(): void
    {
        $piers = $this->piers();
        // Holes 1100 deep with 100 of gravel: the tube begins 1000 below the ground and ends 150 above zero.
        $this->assertEqualsWithDelta([1150, 1250, 1350], array_map(fn (Pier $pier) => $pier->tube->inMillimetres(), $piers), 1e-6);
        $this->assertEqualsWithDelta([150, 250, 350], array_map(fn (Pier $pier) => $pier->aboveGround->inMillimetres(), $piers), 1e-6);
        // Tops level, 2400 above the highest ground: less 150 of pier and 25 of standoff.
        $this->assertEqualsWithDelta([2225, 2225, 2225], array_map(fn (Pier $pier) => $pier->post->inMillimetres(), $piers), 1e-6);
        $this->assertEqualsWithDelta(M_PI / 4 * 300 ** 2 * 1150, $piers[0]->concrete, 1);
    }

    public function test_a_tube_stands_in_the_hole_as_it_was_dug(): void
    {
        $required = Depths::own($this->needs($this->plan()))->required;
        $tubes = function (string $label, float $deeper) use ($required): array {
            $of = array_values(array_filter($required->all(), fn (RequiredDepth $one) => $one->post->label === $label))[0];
            $hole = new HoleAsDug($of, $of->bottom()->minus(Length::millimetres($deeper)), Length::millimetres(40));

            return array_map(fn (Pier $pier) => $pier->tube->inMillimetres(), Pier::all(
                $required->all(), new PostTops(
                    $this->plan(), $this->needs($this->plan()),
                ), Length::millimetres(150), $this->rules(300), ByPost::each([$of->post], fn () => $hole),
            ));
        };
        // 50 too deep is filled with gravel; 80 too high takes the gravel down to its least, 40, and the rest off the tube.
        $this->assertEqualsWithDelta([1150, 1250, 1350], $tubes('A1', 50), 1e-6);
        $this->assertEqualsWithDelta([1150, 1230, 1350], $tubes('B1', -80), 1e-6);
    }

    public function test_decided_tops_that_fall_shorten_the_posts(): void
    {
        $falling = new TopRules(Length::millimetres(2300), Slope::ratio(-1 / 24), Slope::level(), Length::millimetres(1200));
        $this->assertEqualsWithDelta(
            [2125, 2025, 1925], array_map(fn (Pier $pier) => $pier->post->inMillimetres(), $this->piers(plan: $this->plan()->withTops($falling))),
            1e-3,
        );
    }

    #[TestWith([150.0, 280.0, 'too narrow for its base'])]
    #[TestWith([-50.0, 300.0, 'At A1 the ground is higher'])]
    #[TestWith([2390.0, 300.0, 'above the top of the post'])]
    public function test_what_cannot_be_built_is_refused_in_a_sentence(float $top, float $diameter, string $sentence): void
    {
        $this->assertStringContainsString($sentence, Told::refused(fn () => $this->piers($top, $diameter)));
    }

    public function test_an_anchor_shifts_until_a_corner_of_its_base_reaches_the_edge_distance(): void
    {
        $shift = Pier::anchorShift($this->rules(300))->inMillimetres();
        $this->assertEqualsWithDelta((300 - 120 * M_SQRT2) / 2 - 60, $shift, 1e-3);
        // A corner, turned toward the edge, and shifted so far, stands just the edge distance from it.
        $this->assertEqualsWithDelta(150 - 60, $shift + 120 * M_SQRT2 / 2, 1e-3);
    }

    /** @return list<Pier> */
    private function piers(float $top = 150, float $diameter = 300, ?Plan $plan = null): array
    {
        $plan ??= $this->plan();
        $needs = $this->needs($plan);

        return Pier::all(Depths::own($needs)->required->all(), new PostTops($plan, $needs), Length::millimetres($top), $this->rules($diameter));
    }

    /** @return non-empty-list<DepthNeed> */
    private function needs(Plan $plan): array
    {
        return array_map(function (Post $post): DepthNeed {
            $ground = $post->at->x->times(-100 / 2400);

            return new DepthNeed(
                $post, $ground, $ground, Length::millimetres(900), Length::millimetres(100), Length::millimetres(600), Length::millimetres(100),
                Length::millimetres(100),
            );
        }, $plan->grid->posts);
    }

    private function rules(float $diameter): PierRules
    {
        return new PierRules(Length::millimetres($diameter), Length::millimetres(25), Length::millimetres(120), Length::millimetres(60));
    }

    private function plan(): Plan
    {
        return Builds::plan(baysX: [2400, 2400], baysY: []);
    }
}
