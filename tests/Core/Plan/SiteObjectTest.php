<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Aequus\Guide\Plan\KeepToTheSite;
use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Payload;
use Aequus\Measure\Length;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Place\SiteKind;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Stored\PlanCodec;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Terms\Point;
use Aequus\Site\TooNear;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Core\Guide\SimulatedBuilder;

/** What stands on the site, and what is kept from it. Posts are 100 square here. */
final class SiteObjectTest extends TestCase
{
    /** A house from 2000 to 6000 along and from 1000 to 4000 away. */
    #[TestWith([1000, 2000, 950.0])]
    #[TestWith([4000, 0, 950.0])]
    #[TestWith([4000, 3000, -1050.0])]
    #[TestWith([2200, 2000, -250.0])]
    #[TestWith([7000, 5000, 1343.502])]
    public function test_room_is_counted_from_the_face_and_below_zero_inside(int $x, int $y, float $room): void
    {
        $house = $this->object(SiteKind::House, [[2000, 1000], [6000, 1000], [6000, 4000], [2000, 4000]]);
        $this->assertEqualsWithDelta($room, $house->room($this->post($x, $y), $this->section())->inMillimetres(), 0.01);
    }

    public function test_a_boundary_has_no_inside_and_a_tree_its_crown(): void
    {
        $boundary = $this->object(SiteKind::Boundary, [[0, -3000], [8000, -3000], [8000, 9000]]);
        $this->assertEqualsWithDelta(950, $boundary->room($this->post(7000, 4000), $this->section())->inMillimetres(), 0.01);
        $this->assertCount(2, $boundary->pieces());
        $tree = $this->object(SiteKind::Tree, [[0, 0]], reach: 2500);
        $this->assertEqualsWithDelta(450, $tree->room($this->post(3000, 0), $this->section())->inMillimetres(), 0.01);
        $this->assertEqualsWithDelta(-1550, $tree->room($this->post(1000, 0), $this->section())->inMillimetres(), 0.01);
    }

    #[TestWith([950, true])]
    #[TestWith([951, false])]
    public function test_a_setback_is_kept_up_to_its_very_figure(int $least, bool $kept): void
    {
        $boundary = $this->object(SiteKind::Boundary, [[0, -1000], [8000, -1000]], least: $least);
        $this->assertSame($kept, ! $boundary->room($this->post(100, 0), $this->section())->isShorterThan($boundary->least));
    }

    public function test_what_is_too_near_is_told_before_anything_is_dug_and_can_be_taken_with_a_reason(): void
    {
        $plan = Builds::plan()->withSite([$this->object(SiteKind::Wet, [[-900, -900], [300, -900], [300, 300], [-900, 300]])]);
        $move = $this->move($plan) ?? $this->fail();
        $this->assertSame([KeepToTheSite::KeepPostClear, 'A1', KeepToTheSite::FixedThroughPost], [$move->do->is, $move->posts[0]->label, $move->why[0]->is]);
        $this->assertNull($this->move($plan, Decision::ofDistance($plan, $plan->grid->posts[0]->id, 'it is drained', 'Thing')));
        // What was taken of one thing says nothing about another, nor about the next post.
        $two = $plan->withSite([...$plan->site, new SiteObject('o2', 'lot line', SiteKind::Boundary, [$this->at(-5000, -100), $this->at(9000, -100)], Length::millimetres(800), Length::zero())]);
        $taken = Decision::ofDistance($two, $plan->grid->posts[0]->id, 'it is drained', 'thing');
        $next = $this->move($two, $taken) ?? $this->fail();
        $this->assertSame(['A1', 'lot line'], [$next->posts[0]->label, $next->do->part('line')]);
        $more = $this->move($two, $taken, Decision::ofDistance($two, $plan->grid->posts[0]->id, 'agreed', 'lot line')) ?? $this->fail();
        $this->assertSame(['B1', 'lot line'], [$more->posts[0]->label, $more->do->part('line')]);
        // Taken as near as it was; nearer still was not taken, further off was.
        $nearer = $plan->withSite([$this->object(SiteKind::Wet, [[-900, -900], [600, -900], [600, 600], [-900, 600]])]);
        $further = $plan->withSite([$this->object(SiteKind::Wet, [[-900, -900], [20, -900], [20, 20], [-900, 20]])]);
        $wet = Decision::ofDistance($plan, $plan->grid->posts[0]->id, 'it is drained', 'thing');
        $this->assertNotNull($this->move($nearer, $wet));
        $this->assertNull($this->move($further, $wet));
        $near = Builds::plan()->withSite([$this->object(SiteKind::Boundary, [[-5000, -1000], [9000, -1000]], least: 1500)]);
        $this->assertSame(KeepToTheSite::FixedTooNear, $this->move($near)?->why[0]->is);
        $this->assertNull($this->move(Builds::plan()->withSite([$this->object(SiteKind::Door, [[0, 0], [900, 0]])])), 'a door is only shown');
        $this->assertNull($this->move(Builds::plan()));
    }

    /** A boundary 600 before the first row: 530 from the faces of posts 140 thick. */
    #[TestWith([530, 0])]
    #[TestWith([531, 3])]
    public function test_every_post_too_near_a_fixed_line_is_told_not_the_nearest_alone(int $least, int $told): void
    {
        $line = new FixedLine('b', 'lane', $this->at(-500, -600), $this->at(9000, -600), FixedKind::Boundary, Length::millimetres($least));
        $plan = Builds::plan()->withFit(new Fit([], [$line]));
        $this->assertCount($told, TooNear::all($plan));
        $this->assertSame($told === 0, $this->move($plan) === null);
    }

    public function test_a_post_on_a_fixed_line_stands_across_it_by_half_its_thickness(): void
    {
        $line = new FixedLine('b', 'lane', $this->at(-500, 0), $this->at(9000, 0), FixedKind::Boundary, Length::zero());
        $near = TooNear::all(Builds::plan()->withFit(new Fit([], [$line])));
        $this->assertSame(['A1', 'B1', 'C1'], array_map(fn (TooNear $one) => $one->post->label, $near));
        $this->assertEqualsWithDelta(-70, $near[0]->room->inMillimetres(), 0.01);
    }

    #[TestWith([null])]
    #[TestWith(['barn'])]
    public function test_a_distance_is_taken_to_something_that_is_there(?string $thing): void
    {
        $plan = Builds::plan()->withSite([$this->object(SiteKind::Boundary, [[-5000, -1000], [9000, -1000]], least: 1500)]);
        $this->expectExceptionObject(EntryRefused::distanceToWhat($thing ?? ''));
        (new Decision(DecisionAbout::AcceptDistance, $plan->grid->posts[0]->id, 'agreed', thing: $thing))->checkUnder($plan);
    }

    public function test_the_site_is_kept_with_the_plan_and_follows_its_zero(): void
    {
        $house = $this->object(SiteKind::House, [[2000, 1000], [6000, 1000], [6000, 4000]], least: 3000, reach: 100);
        $plan = Builds::plan()->withSite([$house]);
        $this->assertEquals($plan, PlanCodec::decode(json_decode(json_encode(PlanCodec::encode($plan), JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR)));
        $this->assertArrayNotHasKey('site', PlanCodec::encode(Builds::plan()));
        $this->assertEquals($this->at(1500, 1200), $house->countedFrom($this->at(500, -200))->points[0]);
        $this->assertEquals($plan, Builds::plan()->returnedTo($plan));
    }

    #[TestWith([SiteKind::House, 2])]
    #[TestWith([SiteKind::Boundary, 1])]
    #[TestWith([SiteKind::Wet, 2])]
    public function test_too_few_points_are_refused(SiteKind $kind, int $points): void
    {
        $this->expectExceptionObject(PlanRefused::tooFewPoints('thing'));
        $this->object($kind, array_slice([[0, 0], [100, 0]], 0, $points));
    }

    private function move(Plan $plan, Payload ...$book): ?\Aequus\Guide\Move\Move
    {
        foreach (KeepToTheSite::moves((new SimulatedBuilder($plan, '2026-05-04', ...$book))->site()) as $move) {
            return $move;
        }

        return null;
    }

    /** @param  list<array{int, int}>  $points */
    private function object(SiteKind $kind, array $points, int $least = 0, int $reach = 0): SiteObject
    {
        return new SiteObject('o1', 'thing', $kind, array_map(fn (array $at) => $this->at(...$at), $points), Length::millimetres($least), Length::millimetres($reach));
    }

    private function post(int $x, int $y): Post
    {
        return new Post(PostId::of('1.1'), 'A1', $this->at($x, $y));
    }

    private function section(): Section
    {
        return Section::rectangle(Length::millimetres(100), Length::millimetres(100));
    }

    private function at(int $x, int $y): Point
    {
        return new Point(Length::millimetres($x), Length::millimetres($y));
    }
}
