<?php

declare(strict_types=1);

namespace Tests\Core\Footing;

use Aequus\Footing\Holes\HoleWidth;
use Aequus\Footing\Materials\ReadyMix;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\PlanRefused;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Holes for a post of 140 square, 198 across, with 50 of cover and 25 of slack. */
final class HoleWidthTest extends TestCase
{
    /**
     * Needed for the post: 198 + 2 · 75 = 348.
     *
     * @param  list<int>  $augers
     */
    #[TestWith([0.0, [300, 350, 450], 350, true])]
    #[TestWith([400.0, [300, 350, 450], 450, true])]
    #[TestWith([500.0, [300, 350, 450], 450, false])]
    #[TestWith([0.0, [300], null, false])]
    public function test_the_narrowest_auger_that_does_is_chosen(float $bearing, array $augers, ?int $auger, bool $carries): void
    {
        $width = $this->width($bearing, $augers);
        $this->assertEqualsWithDelta(140 * M_SQRT2 + 150, $width->forThePost->inMillimetres(), 1e-3);
        $this->assertSame([$auger === null ? null : (float) $auger, $carries], [$width->auger?->inMillimetres(), $width->augerCarries]);
    }

    public function test_how_far_a_post_may_stand_off_its_hole_and_its_pad(): void
    {
        $width = $this->width(0, [450]);
        $this->assertEqualsWithDelta((450 - 140 * M_SQRT2) / 2 - 50, $width->offTheHole->inMillimetres(), 1e-3);
        $this->assertEqualsWithDelta(450 / 8, $width->offTheFoot->inMillimetres(), 1e-3);
        $this->assertEquals(
            Length::millimetres(140 + 150),
            HoleWidth::square(
                Section::rectangle(Length::millimetres(140), Length::millimetres(140)), Length::millimetres(50), Length::millimetres(25),
            ),
        );
    }

    public function test_a_wider_load_never_asks_for_a_narrower_foot(): void
    {
        $before = Length::zero();
        for ($bearing = 0; $bearing <= 900; $bearing += 50) {
            $foot = $this->width($bearing, [])->foot;
            $this->assertFalse($foot->isShorterThan($before));
            $before = $foot;
        }
    }

    public function test_a_shape_takes_a_post_or_not_and_a_dug_one_keeps_its_bell_while_that_is_wider(): void
    {
        $post = Section::rectangle(Length::millimetres(140), Length::millimetres(140));
        $this->assertTrue(HoleShape::square(Length::millimetres(150))->takes($post));
        $this->assertFalse(HoleShape::round(Length::millimetres(150))->takes($post));
        $bell = HoleShape::bell(Length::millimetres(300), Length::millimetres(500), Length::millimetres(250));
        $this->assertEquals(Length::millimetres(500), $bell->dugTo(Length::millimetres(350))->foot());
        $this->assertEquals(Length::millimetres(520), $bell->dugTo(Length::millimetres(520))->foot());
        $this->expectException(PlanRefused::class);
        HoleShape::bell(Length::millimetres(300), Length::millimetres(300), Length::millimetres(250));
    }

    public function test_buried_lines_must_lie_beyond_a_corner_or_a_bell(): void
    {
        $this->assertEquals(Length::millimetres(200), HoleShape::round(Length::millimetres(400))->reach());
        $this->assertEqualsWithDelta(200 * M_SQRT2, HoleShape::square(Length::millimetres(400))->reach()->inMillimetres(), 1e-5);
        $this->assertEquals(
            Length::millimetres(350), HoleShape::bell(Length::millimetres(400), Length::millimetres(700), Length::millimetres(250))->reach(),
        );
        // As large as the square: π/4 · d² = 400².
        $this->assertEqualsWithDelta(400 ** 2, M_PI / 4 * HoleShape::square(Length::millimetres(400))->footAsRound()->inMillimetres() ** 2, 1e-2);
    }

    #[TestWith([1.0e9, 0.1, 0.25e9, 5])]
    #[TestWith([1.0e9, 0.25, 0.25e9, 5])]
    #[TestWith([0.0, 0.1, 0.25e9, 0])]
    public function test_a_truck_brings_whole_lots(float $volume, float $waste, float $lot, int $lots): void
    {
        $this->assertSame($lots, (new ReadyMix($volume, $waste, $lot))->lots);
    }

    /** @param  list<int>  $augers */
    private function width(float $bearing, array $augers): HoleWidth
    {
        return new HoleWidth(
            Section::rectangle(Length::millimetres(140), Length::millimetres(140)), Length::millimetres(50), Length::millimetres(25),
            Length::millimetres($bearing), array_map(Length::millimetres(...), $augers),
        );
    }
}
