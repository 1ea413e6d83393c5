<?php

declare(strict_types=1);

namespace Tests\Core\Cut;

use Aequus\Cut\CutMark;
use Aequus\Cut\CutRefused;
use Aequus\Cut\Seat;
use Aequus\Cut\ShortTop;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Tops\TopRules;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** Tops decided at 2300 with the line at 1200, on posts of 140. */
final class ShortTopTest extends TestCase
{
    public function test_lowering_all_costs_the_clearance_of_the_shortest(): void
    {
        $short = new ShortTop([$this->mark('A1', 2270), $this->mark('B1', 2250)], Length::millimetres(2400));
        $this->assertEquals(Length::millimetres(50), $short->lowerAllBy);
        $this->assertEquals(Length::millimetres(2350), $short->clearanceThen);
        $this->assertSame(['A1' => true, 'B1' => false], $short->packers, '38 is the thickest');
    }

    #[TestWith([45.0, true])]
    #[TestWith([70.0, true])]
    #[TestWith([71.0, false])]
    public function test_a_notch_leaves_half_of_the_post(float $depth, bool $enough): void
    {
        $this->assertSame($enough, (new Seat(Length::millimetres(140), Length::millimetres(240), Length::millimetres($depth)))->leavesEnough);
    }

    public function test_a_notch_through_the_post_is_refused(): void
    {
        $this->expectException(CutRefused::class);
        new Seat(Length::millimetres(140), Length::millimetres(240), Length::millimetres(140));
    }

    /** The height of a cut does not depend on where the line is struck, only its mark above the line does. */
    public function test_the_cut_is_where_it_is_whatever_the_datum(): void
    {
        foreach ([800, 1200, 1900] as $datum) {
            $mark = $this->mark('B1', 2350, $datum);
            $this->assertEquals(Length::millimetres(2300), $mark->aboveDatumLine()->plus(Length::millimetres($datum)));
            $this->assertEquals(Length::millimetres(50), $mark->cutOff());
        }
    }

    public function test_rows_have_heights_of_their_own_and_all_rise_together(): void
    {
        $plan = Builds::plan();
        $row = $plan->grid->labelled('A2')->id->row();
        $tops = new TopRules(
            Length::millimetres(2300), Slope::level(), Slope::ratio(0.1), Length::millimetres(1200), [$row => Length::millimetres(2450)],
        );
        $this->assertEquals(
            [Length::millimetres(2300), Length::millimetres(2450)], [$tops->topOf($plan->grid->labelled('B1')), $tops->topOf($plan->grid->labelled('B2'))],
        );
        $raised = $tops->raised(Length::millimetres(-20));
        $this->assertEquals(
            [Length::millimetres(2280), Length::millimetres(2430)],
            [$raised->topOf($plan->grid->labelled('B1')), $raised->topOf($plan->grid->labelled('B2'))],
        );
    }

    private function mark(string $label, float $topNow, float $datum = 1200): CutMark
    {
        $plan = Builds::plan();
        $mark = new CutMark(
            $plan->grid->labelled($label), Length::millimetres(2300), Length::millimetres($datum), Length::millimetres($topNow), $plan->post,
            Slope::level(), Slope::level(),
        );
        $this->assertEquals($mark->aboveDatumLine(), $mark->onFace(Side::MinusX));

        return $mark;
    }
}
