<?php

declare(strict_types=1);

namespace Tests\Core\Site;

use Aequus\Cut\CutList;
use Aequus\Guide\Guide;
use Aequus\Guide\Move\Scope;
use Aequus\Guide\Set\PullTops;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\QuickLine;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Square\AsCast;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Terms\SideNames;
use Aequus\Plan\Tops\TopRules;
use Aequus\Site\Phase;
use Aequus\Words\EntryWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Core\Guide\SimulatedBuilder;
use Tests\Told;

/** A part that stands askew has four side names of its own: its moves, leans and cuts are told by them, whatever the job calls its sides. */
final class OwnSidesTest extends TestCase
{
    /** 30 toward its own shed side, which is the job’s −y turned with it. */
    #[TestWith([0.0])]
    #[TestWith([30.0])]
    #[TestWith([-40.0])]
    public function test_a_move_is_told_along_its_own_axes_by_its_own_names(float $turn): void
    {
        $plan = $this->plan($turn);
        $off = (new \Aequus\Measure\Vector(0.0, 30.0))->turned(deg2rad($turn));
        $site = (new SimulatedBuilder($plan, '2026-05-04', ...Builds::readings($plan, ['S2' => [$off->x, $off->y]])))->site();
        $move = Guide::next($site, Scope::phase(Phase::Square)) ?? $this->fail();
        $this->assertSame('S2', $move->posts[0]->label);
        $this->assertEqualsWithDelta(30.0, $move->number?->inMillimetres(), 1.01);
        $this->assertSame('toward the shed', Told::beside($move, $plan));
    }

    #[TestWith([0.0])]
    #[TestWith([30.0])]
    public function test_a_lean_is_read_told_and_pulled_by_its_own_names(float $turn): void
    {
        $plan = $this->plan($turn);
        $post = $plan->grid->labelled('S1');
        $line = new QuickLine($plan, fn () => Stage::HoleOpen, TapeClass::Steel);
        $read = $line->read('s1 plumb 12 mill over 1000');
        $this->assertInstanceOf(PlumbReading::class, $read);
        $this->assertSame(Side::PlusX, $read->leansToward);
        $builder = new SimulatedBuilder($plan, '2026-05-04', new PostSet($post->id), $read, $line->read('s1 plumb 3 shed over 1000'));
        $site = $builder->site();
        $this->assertSame('mill', $plan->sidesOf($post->id)->nameOf($site->standing($post)->topGone()[0]->toward));
        [$move] = [...PullTops::moves($site)];
        // Pulled back the way it came: the larger part toward the yard, then toward the pasture.
        $this->assertStringContainsString('toward the yard and', Told::beside($move, $plan));
        $this->assertStringContainsString('toward the pasture', Told::beside($move, $plan));
        $this->assertStringContainsString('mill face', (string) (new EntryWords($site, \Aequus\Plan\Posts\ByPost::none()))->say($read));
        // The lean itself lies turned on the ground.
        $this->assertEqualsWithDelta(0.012 * cos(deg2rad($turn)) + 0.003 * sin(deg2rad($turn)), $site->standing($post)->lean->slopeX, 1e-9);
    }

    /** “lane” is the job’s near side and the part’s far one: which is meant follows from whom the line is about. */
    public function test_a_name_that_both_use_means_the_side_of_the_post_it_is_said_of(): void
    {
        $plan = $this->plan(30.0, new SideNames('shed', 'lane', 'yard', 'mill'));
        $line = new QuickLine($plan, fn () => Stage::HoleOpen, TapeClass::Steel);
        $toward = fn (string $said): Side => ($read = $line->read($said)) instanceof PlumbReading ? $read->leansToward : $this->fail();
        $this->assertSame(Side::MinusY, $toward('a1 plumb 5 lane'));
        $this->assertSame(Side::PlusY, $toward('s1 plumb 5 lane'));
        $this->assertSame(['shed', 'lane', 'yard', 'mill'], array_keys($line->couldFollow('s1 plumb 5')));
        // What was cast is told off the strings of the job.
        $cast = $line->read('s1 cast 4 barn');
        $this->assertEquals(Length::millimetres(-4), $cast instanceof AsCast ? $cast->alongX : null);
    }

    /** Tops that fall 1 in 20 toward the job’s −x: on a post turned by 30° that is cos 30° of it along its own x and the rest along its y. */
    public function test_a_cut_is_marked_on_each_of_its_own_faces(): void
    {
        $plan = $this->plan(30.0)->withTops(new TopRules(Length::millimetres(2400), Slope::ratio(0.05), Slope::level(), Length::millimetres(1000)));
        $mark = (new CutList($plan, Builds::log()))->mark($plan->grid->labelled('S1')) ?? $this->fail();
        $over = fn (Side $side): float => $mark->onFace($side)->minus($mark->aboveDatumLine())->inMillimetres();
        $this->assertEqualsWithDelta(70 * 0.05 * cos(M_PI / 6), $over(Side::PlusX), 0.001);
        $this->assertEqualsWithDelta(-70 * 0.05 * sin(M_PI / 6), $over(Side::PlusY), 0.001);
        $this->assertEqualsWithDelta(70 * 0.05, (new CutList($plan, Builds::log()))->mark($plan->grid->labelled('A1'))?->onFace(Side::PlusX)->minus(
            (new CutList($plan, Builds::log()))->mark($plan->grid->labelled('A1'))?->aboveDatumLine() ?? Length::zero(),
        )->inMillimetres(), 0.001);
    }

    private function plan(float $turn, ?SideNames $sides = null): Plan
    {
        return Builds::plan(baysX: [3000, 3000], baysY: [3000])->withParts([new Part(
            'p1', 'S', PartKind::Grid, [], [Length::millimetres(1500)], [Length::millimetres(1200)], null,
            new Point(Length::millimetres(8200), Length::millimetres(900)), $turn, sides: $sides ?? new SideNames('shed', 'pasture', 'yard', 'mill'),
        )]);
    }
}
