<?php

declare(strict_types=1);

namespace Tests\Core\Square;

use Aequus\Adjust\Placement\StakeVerdict;
use Aequus\Measure\Length;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Plan\Terms\Closeness;
use Aequus\Plan\Terms\Point;
use Aequus\Square\Layout;
use Aequus\Square\Proof;
use Aequus\Square\Readings\WantedReadings;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** A part as close as it needs to be, and a row closer across its string than along it. */
final class ClosenessTest extends TestCase
{
    #[TestWith([0.0])]
    #[TestWith([37.0])]
    #[TestWith([-120.0])]
    public function test_a_part_is_judged_by_its_own_tolerance(float $turn): void
    {
        // 20 off: far out for the 6 mm of the job, within the 40 of a fence beside it.
        $this->assertSame(StakeVerdict::Out, $this->verdict($this->plan($turn, null), 'S2', 0.0, 20.0));
        $this->assertSame(StakeVerdict::Within, $this->verdict($this->plan($turn, self::close(40)), 'S2', 0.0, 20.0));
        $this->assertSame(StakeVerdict::Out, $this->verdict($this->plan($turn, self::close(40)), 'S2', 0.0, 60.0));
        // A post of the grid is judged as ever.
        $this->assertSame(StakeVerdict::Out, $this->verdict($this->plan($turn, self::close(40)), 'B1', 0.0, 20.0));
    }

    #[TestWith([0.0])]
    #[TestWith([37.0])]
    #[TestWith([-120.0])]
    public function test_along_its_row_a_post_may_be_off_by_more_but_a_corner_may_not(float $turn): void
    {
        $plan = $this->plan($turn, self::close(12, 60));
        $this->assertSame(StakeVerdict::Within, $this->verdict($plan, 'S2', 35.0, 0.0));
        $this->assertSame(StakeVerdict::Out, $this->verdict($plan, 'S2', 0.0, 35.0));
        $this->assertSame(StakeVerdict::Out, $this->verdict($plan, 'S2', 90.0, 0.0));
        // S3 is the corner: it stands in two strings, whichever way it is off.
        $this->assertSame('S3', $plan->grid->labelled('S3')->label);
        $this->assertNull($plan->runAt($plan->grid->labelled('S3')->id));
        $this->assertSame(StakeVerdict::Out, $this->verdict($plan, 'S3', 35.0, 0.0));
        $this->assertSame(StakeVerdict::Out, $this->verdict($plan, 'S3', 0.0, 35.0));
        // Round the corner “along” is the other way.
        $this->assertSame(StakeVerdict::Within, $this->verdict($plan, 'S4', 0.0, 35.0));
        $this->assertSame(StakeVerdict::Out, $this->verdict($plan, 'S4', 35.0, 0.0));
    }

    /** Against one figure along and across: the same readings, another verdict. */
    public function test_the_first_grid_of_a_single_row_may_have_two_figures(): void
    {
        $row = fn (?float $along): Plan => self::tolerant(Builds::plan(baysX: [3000, 3000, 3000], baysY: []), $along);
        $this->assertSame(StakeVerdict::Out, $this->verdict($row(null), 'C1', 25.0, 0.0));
        $this->assertSame(StakeVerdict::Within, $this->verdict($row(50.0), 'C1', 25.0, 0.0));
        $this->assertSame(StakeVerdict::Out, $this->verdict($row(50.0), 'C1', 0.0, 25.0));
        // A grid has no along: the figure says nothing of it.
        $grid = self::tolerant(Builds::plan(baysX: [3000, 3000], baysY: [3000]), 50.0);
        $this->assertSame(StakeVerdict::Out, $this->verdict($grid, 'C2', 25.0, 0.0));
    }

    public function test_a_closer_part_asks_for_more_than_the_job_and_the_proof_says_so(): void
    {
        $loose = $this->plan(20.0, null);
        $this->assertTrue((new Proof($loose, WantedReadings::of($loose)))->isEnough);
        $tight = $this->plan(20.0, self::close(2));
        $proof = new Proof($tight, WantedReadings::of($loose));
        $this->assertFalse($proof->isEnough);
        $this->assertStringStartsWith('S', $proof->worstPost->label);
        $this->assertEquals(Length::millimetres(2), $proof->allowed());
        $this->assertTrue($proof->ring($proof->worstPost)->isLongerThan($proof->allowed()));
        $this->assertTrue($proof->proves($tight->grid->labelled('A1')));
        // A looser one asks no more than the job does, and its rings are told in real millimetres.
        $wide = $this->plan(20.0, self::close(60));
        $this->assertEqualsWithDelta(
            (new Proof($loose, WantedReadings::of($loose)))->ring($loose->grid->labelled('S2'))->inMillimetres(),
            (new Proof($wide, WantedReadings::of($loose)))->ring($wide->grid->labelled('S2'))->inMillimetres(), 0.01,
        );
    }

    public function test_the_closest_of_all_rules_where_one_figure_serves_the_whole_job(): void
    {
        $this->assertEquals(Length::millimetres(2), $this->plan(0.0, self::close(2))->closest());
        $this->assertEquals($this->plan(0.0, null)->tolerances->squareness, $this->plan(0.0, self::close(60))->closest());
    }

    public function test_they_are_stored_and_read_again(): void
    {
        foreach ([self::tolerant($this->plan(20.0, self::close(12, 60)), 50.0), $this->plan(0.0, null)] as $plan) {
            $this->assertEquals($plan, PlanCodec::decode(json_decode((string) json_encode(PlanCodec::encode($plan)), true)));
        }
        $this->assertArrayNotHasKey('along', PlanCodec::encode($this->plan(0.0, null)));
    }

    private static function tolerant(Plan $plan, ?float $along): Plan
    {
        return PlanCodec::decode([...PlanCodec::encode($plan), ...($along === null ? [] : ['along' => Length::millimetres($along)->nanometres])]);
    }

    private static function close(float $across, ?float $along = null): Closeness
    {
        return new Closeness(Length::millimetres($across), $along === null ? null : Length::millimetres($along));
    }

    /** A grid, and beside it a row of two sections round a right angle: S1, S2, S3 along, S4, S5 away. */
    private function plan(float $turn, ?Closeness $closeness): Plan
    {
        $at = fn (float $x, float $y): Point => new Point(Length::millimetres($x), Length::millimetres($y));

        return Builds::plan(baysX: [3000, 3000], baysY: [3000])->withParts([new Part(
            'p1', 'S', PartKind::Row, [$at(0, 0), $at(4000, 0), $at(4000, 4000)], [], [], Length::millimetres(2000), $at(9500, 900), $turn, $closeness,
        )]);
    }

    /** Of a post that stands so far off along and across the first section of its part, all others being true. */
    private function verdict(Plan $plan, string $label, float $along, float $across): ?StakeVerdict
    {
        $post = $plan->grid->labelled($label);
        $off = (new \Aequus\Measure\Vector($along, $across))->turned(deg2rad($plan->partOf($post->id)->turn ?? 0.0));
        $layout = new Layout($plan, Builds::log(...Builds::readings($plan, [$label => [$off->x, $off->y]])), ByPost::none());

        return $layout->survey->stakeOf($post)?->verdict;
    }
}
