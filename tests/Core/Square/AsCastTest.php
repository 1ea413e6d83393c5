<?php

declare(strict_types=1);

namespace Tests\Core\Square;

use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Square\AsCast;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Square\AsCastLayout;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** After a pour the layout is solved again from what was really cast. */
final class AsCastTest extends TestCase
{
    public function test_piers_cast_alike_shift_the_whole_design_and_nothing_is_left_at_any_of_them(): void
    {
        $again = $this->again($this->cast('A1', 9, -4), $this->cast('B1', 9, -4), $this->cast('C1', 9, -4));
        foreach ($again->cast as $taken) {
            $this->assertEqualsWithDelta(0, $taken->size()->inMillimetres(), 1e-6);
        }
        foreach ($again->others as $taken) {
            $this->assertEqualsWithDelta([9, -4], [$taken->x->inMillimetres(), $taken->y->inMillimetres()], 1e-6);
        }
        $this->assertSame([], $again->cannot());
    }

    public function test_one_pier_off_is_shared_between_those_cast_and_the_rest_turns_with_them(): void
    {
        $again = $this->again($this->cast('A1', 0, 0), $this->cast('C1', 0, 12));
        $this->assertEqualsWithDelta(12 / 4800, $again->turn, 1e-6);
        // The far row swings toward −x as the base line turns.
        $this->assertEqualsWithDelta(-3000 * 12 / 4800, $again->find($this->plan()->grid->labelled('A2')->id)?->x->inMillimetres(), 0.01);
    }

    public function test_a_single_pier_shifts_the_others_with_it_and_turns_nothing(): void
    {
        $again = $this->again($this->cast('B1', 5, 5));
        $this->assertSame(0.0, $again->turn);
        $this->assertEqualsWithDelta(5, $again->find($this->plan()->grid->labelled('C2')->id)?->x->inMillimetres(), 1e-9);
    }

    public function test_what_can_not_be_taken_up_is_named_at_an_anchor_and_in_a_dug_hole(): void
    {
        // Spread apart by 40: each of the two anchors must take 20, more than the 6 this job allows.
        $again = $this->again($this->cast('A1', -20, 0), $this->cast('C1', 20, 0));
        $this->assertSame(['A1', 'C1'], array_map(fn ($taken) => $taken->post->label, $again->cannot()));
        $this->assertEqualsWithDelta(20, $again->cannot()[0]->size()->inMillimetres(), 1e-6);
        // A hole of 400 leaves a post of 140 square (400 − 198) / 2 = 101 mm.
        $dug = $this->again(
            $this->cast('A1', 120, 0), $this->cast('B1', 120, 0), new HoleDug($this->plan()->grid->labelled('C2')->id, Length::millimetres(900)),
        );
        $this->assertSame(['C2'], array_map(fn ($taken) => $taken->post->label, $dug->cannot()));
    }

    public function test_without_anything_cast_nothing_moves(): void
    {
        foreach ($this->again()->others as $taken) {
            $this->assertTrue($taken->size()->isZero());
        }
    }

    private function again(Payload ...$payloads): AsCastLayout
    {
        return new AsCastLayout($this->plan(), Builds::log(...array_values($payloads)));
    }

    private function cast(string $label, float $x, float $y): AsCast
    {
        return new AsCast($this->plan()->grid->labelled($label)->id, Length::millimetres($x), Length::millimetres($y));
    }

    private function plan(): Plan
    {
        return Builds::plan([2400, 2400], [3000]);
    }
}
