<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Aequus\Measure\Length;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Plan\Terms\PlanRefusal;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Terms\Point;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;

/** Further parts of a job: rows with corners, other grids and single posts, placed and turned. */
final class PartTest extends TestCase
{
    public function test_a_row_has_posts_at_its_corners_and_equal_bays_between(): void
    {
        $row = $this->row([[0, 0], [5000, 0], [5000, 2500]], 1800);
        // 5000 in three bays, 2500 in two.
        $this->assertPlaces(['F1' => [0, 0], 'F2' => [5000 / 3, 0], 'F3' => [10_000 / 3, 0], 'F4' => [5000, 0], 'F5' => [5000, 1250], 'F6' => [5000, 2500]], $row->posts);
        $this->assertSame(['p1.k0', 'p1.k0-1', 'p1.k0-2', 'p1.k1', 'p1.k1-1', 'p1.k2'], array_map(fn (Post $post) => $post->id->value, $row->posts));
        $this->assertCount(3, $this->row([[0, 0], [5000, 0], [5000, 2500]], null)->posts);
    }

    public function test_a_row_that_comes_back_ends_at_its_first_post(): void
    {
        $this->assertCount(4, $this->row([[0, 0], [3000, 0], [3000, 3000], [0, 3000], [0, 0]], null)->posts);
        $this->assertCount(8, $this->row([[0, 0], [3000, 0], [3000, 3000], [0, 3000], [0, 0]], 1500)->posts);
    }

    #[TestWith([90.0, [0, 2000], [-1500, 0]])]
    #[TestWith([-90.0, [0, -2000], [1500, 0]])]
    #[TestWith([30.0, [1732.0508, 1000], [-750, 1299.0381]])]
    public function test_a_grid_is_placed_and_turned_counter_clockwise(float $turn, array $alongX, array $alongY): void
    {
        $part = new Part('p1', 'S', PartKind::Grid, [], [self::mm(2000)], [self::mm(1500)], null, self::at(7000, 400), $turn);
        $this->assertPlaces([
            'S1' => [7000, 400], 'S2' => [7000 + $alongX[0], 400 + $alongX[1]], 'S3' => [7000 + $alongY[0], 400 + $alongY[1]],
            'S4' => [7000 + $alongX[0] + $alongY[0], 400 + $alongX[1] + $alongY[1]],
        ], $part->posts);
    }

    #[TestWith([0.0, 0.0])]
    #[TestWith([30.0, 30.0])]
    #[TestWith([60.0, -30.0])]
    #[TestWith([90.0, 0.0])]
    #[TestWith([-100.0, -10.0])]
    #[TestWith([170.0, -10.0])]
    public function test_faces_are_turned_by_no_more_than_an_eighth(float $turn, float $faces): void
    {
        $this->assertEqualsWithDelta($faces, rad2deg((new Part('p1', 'S', PartKind::Spots, [self::at(0, 0)], [], [], null, self::at(0, 0), $turn))->faceTurn()), 1e-9);
    }

    public function test_the_first_grid_keeps_its_posts_and_further_ones_follow(): void
    {
        $plain = Builds::plan();
        $plan = $plain->withParts([$this->row([[0, -2000], [3000, -2000]], 1500), new Part('p2', 'S', PartKind::Spots, [self::at(-1800, 600)], [], [], null, self::at(0, 0))]);
        $this->assertEquals($plain->grid->posts, $plan->grid->atCrossings());
        $this->assertSame(['F1', 'F2', 'F3', 'S1'], array_map(fn (Post $post) => $post->label, $plan->grid->added));
        $this->assertSame('F2', $plan->grid->labelled('f2')->label);
        $this->assertSame(['F', 'S', null], array_map(fn (string $label) => $plan->partOf($plan->grid->labelled($label)->id)?->name, ['F3', 'S1', 'A1']));
        $this->assertEquals($plan, $this->stored($plan));
        $this->assertEquals($plain, $plan->withParts([]), 'taken away again nothing is left of them');
        $this->assertSame(PlanCodec::encode($plain), array_diff_key(PlanCodec::encode($plan), ['parts' => 0]));
    }

    public function test_a_plan_without_parts_is_stored_as_it_always_was(): void
    {
        $this->assertArrayNotHasKey('parts', PlanCodec::encode(Builds::plan()));
        $this->assertArrayNotHasKey('answers', PlanCodec::encode(Builds::plan()));
    }

    #[TestWith(['A', 0, -2000, PlanRefusal::LabelTaken])]
    #[TestWith(['S1', 0, -2000, PlanRefusal::PartName])]
    #[TestWith(['', 0, -2000, PlanRefusal::PartName])]
    #[TestWith(['S', 100, 40, PlanRefusal::PostsStandInEachOther])]
    public function test_labels_are_given_once_and_posts_stand_beside_each_other(string $name, int $x, int $y, PlanRefusal $why): void
    {
        try {
            Builds::plan()->withParts([new Part('p1', $name, PartKind::Spots, [self::at($x, $y)], [], [], null, self::at(0, 0))]);
        } catch (PlanRefused $refused) {
            $this->assertSame($why, $refused->fact->is);

            return;
        }
        $this->fail('it should be refused');
    }

    public function test_two_parts_can_not_share_a_name_and_one_needs_a_post(): void
    {
        $spot = fn (string $id, int $y) => new Part($id, 'S', PartKind::Spots, [self::at(0, $y)], [], [], null, self::at(0, 0));
        $this->expectExceptionObject(PlanRefused::labelTaken('S1'));
        Builds::plan()->withParts([$spot('p1', -2000), $spot('p2', -4000)]);
    }

    public function test_a_part_follows_where_the_zero_moves(): void
    {
        $part = $this->row([[0, 0], [3000, 0]], null)->countedFrom(self::at(-2400, 500));
        $this->assertPlaces(['F1' => [2400, -500], 'F2' => [5400, -500]], $part->posts);
    }

    /** @param  list<array{float, float}>  $corners */
    private function row(array $corners, ?float $largest): Part
    {
        return new Part('p1', 'F', PartKind::Row, array_map(fn (array $at) => self::at(...$at), $corners), [], [], $largest === null ? null : self::mm($largest), self::at(0, 0));
    }

    private function stored(Plan $plan): Plan
    {
        return PlanCodec::decode(json_decode(json_encode(PlanCodec::encode($plan), JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR));
    }

    /** @param  array<string, array{float, float}>  $places */
    private function assertPlaces(array $places, array $posts): void
    {
        $this->assertSame(array_keys($places), array_map(fn (Post $post) => $post->label, $posts));
        foreach ($posts as $post) {
            $this->assertEqualsWithDelta($places[$post->label], [$post->at->x->inMillimetres(), $post->at->y->inMillimetres()], 1e-3, $post->label);
        }
    }

    private static function at(float $x, float $y): Point
    {
        return new Point(self::mm($x), self::mm($y));
    }

    private static function mm(float $millimetres): Length
    {
        return Length::millimetres($millimetres);
    }
}
