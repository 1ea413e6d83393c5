<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Aequus\Measure\Length;
use Aequus\Measure\Stored;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Place\KeptDistance;
use Aequus\Plan\Place\MustFit;
use Aequus\Plan\Plan;
use Aequus\Plan\Stored\LayoutCodec;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Terms\Point;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Told;

/** Machines, panels and neighbours against the posts: 140 mm square at 2400 mm. */
final class FitTest extends TestCase
{
    public function test_a_machine_passes_where_the_opening_holds_it_and_its_margins(): void
    {
        $opening = $this->plan()->withFit($this->thing(2000, 100))->openings()[0];
        $this->assertEquals(Length::millimetres(2260), $opening->opening->opening);
        $this->assertEquals(Length::millimetres(60), $opening->spare);
        $this->assertTrue($opening->fits());
        $this->assertFalse($this->plan()->withFit($this->thing(2000, 140))->openings()[0]->fits());
    }

    /** A corner of 200 beside a post of 140: half of each is taken from the 2400 between their centres. */
    public function test_each_of_two_unlike_posts_takes_its_own_half(): void
    {
        $plan = $this->plan();
        $heavy = PlanCodec::decode(['heavy' => ['b' => 200_000_000, 'd' => 200_000_000, 'round' => false]] + PlanCodec::encode($plan->withFit($this->thing(2000, 100))));
        $this->assertEquals(Length::millimetres(2230), $heavy->openings()[0]->opening->opening);
        $this->assertEqualsWithDelta(100 + 2230 / 2, $heavy->openings()[0]->middle, 1e-6);
    }

    public function test_a_panel_to_be_fixed_must_not_leave_too_wide_a_gap_either(): void
    {
        $panel = fn (float $width) => $this->plan()->withFit($this->thing($width, 5, most: 30))->openings()[0];
        $this->assertTrue($panel(2240)->fits());
        $this->assertTrue($panel(2220)->isTooWide());
        $this->assertFalse($panel(2255)->fits());
    }

    public function test_the_nearest_post_to_a_neighbour_is_named_with_the_room_from_its_face(): void
    {
        $fence = new FixedLine('n', 'hedge', $this->at(-1000, 3500), $this->at(9000, 3500), FixedKind::Boundary, Length::millimetres(450));
        $kept = new KeptDistance($fence, $this->plan()->grid, $this->plan()->sectionOf(...));
        $this->assertSame('A2', $kept->nearest->label);
        $this->assertEquals(Length::millimetres(430), $kept->room);
        $this->assertFalse($kept->kept);
        // A heavier corner comes nearer by half of what it is thicker.
        $heavy = PlanCodec::decode(['heavy' => ['b' => 200_000_000, 'd' => 200_000_000, 'round' => false]] + PlanCodec::encode($this->plan()));
        $this->assertEquals(Length::millimetres(400), (new KeptDistance($fence, $heavy->grid, $heavy->sectionOf(...)))->room);
    }

    public function test_layout_rules_and_fit_are_stored_and_read_again(): void
    {
        $plan = $this->plan()->withFit(
            new Fit(
                [...$this->thing(2000, 100, most: 30)->things],
                [new FixedLine('n', 'hedge', $this->at(0, 1), $this->at(2, 3), FixedKind::Boundary, Length::zero())],
            ),
        )->withLayout($this->plan()->layout);
        $again = PlanCodec::decode(json_decode((string) json_encode(PlanCodec::encode($plan)), true));
        $this->assertEquals($plan, $again);
        $this->assertEquals($plan->layout, LayoutCodec::decode(new Stored(LayoutCodec::encode($plan->layout))));
    }

    public function test_a_plan_of_the_first_version_is_read_with_the_usual_layout(): void
    {
        $stored = array_diff_key(PlanCodec::encode($this->plan()), ['layout' => 0, 'fit' => 0]);
        $this->assertEquals($this->plan(), PlanCodec::decode(['version' => 1] + $stored));
    }

    public function test_what_has_no_width_or_stands_in_one_place_is_refused(): void
    {
        foreach ([
            fn () => $this->thing(0, 0), fn () => new FixedLine('n', 'wall', $this->at(1, 1), $this->at(1, 1), FixedKind::Boundary, Length::zero()),
            fn () => new FixedLine('n', 'wall', $this->at(0, 1), $this->at(1, 1), FixedKind::Boundary, Length::millimetres(-1)),
        ] as $attempt) {
            try {
                $attempt();
                $this->fail('not refused');
            } catch (PlanRefused $refusal) {
                $this->assertNotSame('', Told::refusal($refusal));
            }
        }
    }

    private function plan(): Plan
    {
        return Builds::plan([2400, 2400], [3000]);
    }

    private function thing(float $width, float $margin, ?float $most = null): Fit
    {
        $grid = $this->plan()->grid;

        return new Fit(
            [
                new MustFit(
                    'press', $grid->labelled('A1')->id, $grid->labelled('B1')->id, Length::millimetres($width), Length::millimetres($margin),
                    Length::zero(), $most === null ? null : Length::millimetres($most),
                ),
            ],
        );
    }

    private function at(float $x, float $y): Point
    {
        return new Point(Length::millimetres($x), Length::millimetres($y));
    }
}
