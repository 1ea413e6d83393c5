<?php

declare(strict_types=1);

namespace Tests\Core\Square;

use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Square\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;
use Aequus\Square\Layout;
use Aequus\Square\Proof;
use Aequus\Square\Readings\Wanted;
use Aequus\Square\Readings\WantedReadings;
use Aequus\Square\SquareVerdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Core\Guide\SimulatedBuilder;

/** All parts of a job are one design in one network: each has its own readings and its ties. */
final class PartsInOneSurveyTest extends TestCase
{
    #[TestWith([0.0])]
    #[TestWith([37.0])]
    #[TestWith([-120.0])]
    public function test_the_ready_list_ties_every_part_and_proves_it_by_the_planning_rule(float $turn): void
    {
        $plan = $this->plan($turn);
        $proof = new Proof($plan, WantedReadings::of($plan));
        $this->assertTrue($proof->isEnough, "largest ring {$proof->worst->inMillimetres()}");
        $this->assertSame([], $proof->unchecked);
        $this->assertNotSame([], array_filter(WantedReadings::of($plan), fn (Wanted $wanted) => $wanted->isTape() && $this->joins($plan, $wanted)));
    }

    public function test_without_parts_the_list_is_what_it_was(): void
    {
        $plan = $this->plan(0.0)->withParts([]);
        $this->assertEquals(WantedReadings::of(Builds::plan(baysX: [3000, 3000], baysY: [3000])), WantedReadings::of($plan));
    }

    #[TestWith([0.0])]
    #[TestWith([37.0])]
    public function test_a_part_that_stands_off_as_a_whole_is_out_however_true_it_is_in_itself(float $turn): void
    {
        $plan = $this->plan($turn);
        $this->assertSame(SquareVerdict::Within, $this->layout($plan, [])->verdict());
        $off = array_fill_keys(array_map(fn ($post) => $post->label, $plan->grid->added), [25.0, -18.0]);
        $layout = $this->layout($plan, $off);
        $this->assertSame(SquareVerdict::Out, $layout->verdict());
        $this->assertEqualsCanonicalizing(array_keys($off), array_map(fn ($stake) => $plan->grid->find(\Aequus\Plan\Posts\PostId::of($stake->name))?->label, $layout->toMove()));
        foreach ($layout->toMove() as $stake) {
            $this->assertEqualsWithDelta(new Vector(-25.0, 18.0), $stake->along, 1.5);
        }
    }

    /** Its own sides and diagonals are perfect; nothing says where it stands to the first grid. */
    public function test_a_part_that_nothing_ties_can_not_be_told(): void
    {
        $plan = $this->plan(20.0);
        $own = array_values(array_filter(
            Builds::readings($plan), fn ($reading) => ! $reading instanceof TapeReading || ($plan->partOf($reading->from) === null) === ($plan->partOf($reading->to) === null),
        ));
        $layout = new Layout($plan, Builds::log(...$own), ByPost::none());
        $this->assertNotSame(SquareVerdict::Within, $layout->verdict());
        $this->assertSame(array_map(fn ($post) => $post->label, $plan->grid->added), array_map(fn ($post) => $post->label, $layout->unproved()));
    }

    /** The faces of a turned post look aside: what is read on them is a lean in other directions than the job’s. */
    public function test_a_lean_on_the_faces_of_a_turned_part_is_turned_with_them(): void
    {
        $plan = $this->plan(30.0);
        $post = $plan->grid->labelled('S1');
        $read = fn (Side $face, float $gap): PlumbReading => PlumbReading::gap($post->id, $face, $face, Length::millimetres($gap), Length::millimetres(1000), Stage::HoleOpen);
        $stands = (new SimulatedBuilder($plan, '2026-05-04', new PostSet($post->id), $read(Side::PlusX, 10), $read(Side::PlusY, 0)))->site()->standing($post);
        $this->assertFalse($stands->lean->isHalfKnown());
        $this->assertEqualsWithDelta([0.010 * cos(M_PI / 6), 0.010 * sin(M_PI / 6)], [$stands->lean->slopeX, $stands->lean->slopeY], 1e-9);
        $this->assertEqualsWithDelta(0.010, $stands->lean->size(), 1e-9);
    }

    public function test_a_job_of_several_parts_comes_to_its_end(): void
    {
        $site = (new SimulatedBuilder($this->plan(15.0)))->finish()->site();
        $this->assertSame([], $site->lacking());
        $this->assertNotNull($site->handedOver());
    }

    /** A grid of two bays, and a smaller one turned beside it. */
    private function plan(float $turn): Plan
    {
        return Builds::plan(baysX: [3000, 3000], baysY: [3000])->withParts([new Part(
            'p1', 'S', PartKind::Grid, [], [Length::millimetres(1500)], [Length::millimetres(1200)], null,
            new Point(Length::millimetres(8200), Length::millimetres(900)), $turn,
        )]);
    }

    /** @param  array<string, array{float, float}>  $off  by label */
    private function layout(Plan $plan, array $off): Layout
    {
        return new Layout($plan, Builds::log(...Builds::readings($plan, $off)), ByPost::none());
    }

    private function joins(Plan $plan, Wanted $wanted): bool
    {
        return ($plan->partOf($wanted->ends()->from->id) === null) !== ($plan->partOf($wanted->ends()->to->id) === null);
    }
}
