<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Aequus\Measure\Length;
use Aequus\Plan\Holding\Customs;
use Aequus\Plan\Holding\FillEnd;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\HoleLayers;
use Aequus\Plan\Holding\Material;
use Aequus\Set\PourPlan;
use Aequus\Set\PourStep;
use Aequus\Set\PourWork;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Told;

/** The steps of filling a hole of 1100 with 100 of gravel and no pad: 1000 to fill. */
final class PourPlanTest extends TestCase
{
    public function test_a_pour_goes_up_in_lifts_that_end_at_the_ground_with_all_its_bags(): void
    {
        $fills = array_values(array_filter($this->pour(Hold::Concrete), fn (PourStep $step) => $step->below !== null));
        $this->assertEqualsWithDelta([2000 / 3, 1000 / 3, 0.0], $this->below($fills), 1e-3);
        $this->assertSame([4, 8, 12], array_map(fn (PourStep $step) => $step->bags, $fills));
        $this->assertSame([PourWork::FillFromBothSides, PourWork::FillFromBothSides, PourWork::FillToTheGround], $this->work($fills));
        $this->assertSame(
            [PourWork::PlumbWhileWorkable, PourWork::SlopeTheTop, PourWork::BracesOff], array_slice($this->work($this->pour(Hold::Concrete)), -3),
        );
    }

    public function test_a_tube_is_filled_to_its_top_above_the_ground(): void
    {
        $pier = $this->pour(Hold::Pier);
        $fills = array_values(array_filter($pier, fn (PourStep $step) => $step->below !== null));
        $this->assertEqualsWithDelta(-150.0, $this->below($fills)[count($fills) - 1], 1e-3);
        $this->assertSame(PourWork::FillTheTube, $fills[count($fills) - 1]->do->is);
        $this->assertSame([PourWork::SetTheAnchor, PourWork::StrikeOff, PourWork::CoverForTheCure], array_slice($this->work($pier), -3));
    }

    public function test_a_collar_is_poured_over_earth_that_was_tamped(): void
    {
        $steps = $this->pour(Hold::Collar);
        // 700 of earth in lifts of 150 at most, then 300 of concrete.
        $this->assertSame(
            [
                ...array_fill(0, 2, PourWork::TampALift), PourWork::TampALiftAndPlumb, ...array_fill(0, 2, PourWork::TampALift),
                PourWork::PourTheCollar,
            ],
            array_slice($this->work($steps), 0, 6),
        );
        $this->assertEqualsWithDelta([860, 720, 580, 440, 300, 0], array_slice($this->below($steps), 0, 6), 1e-3);
        $this->assertSame([null, 12], [$steps[4]->bags, $steps[5]->bags]);
        $this->assertSame([PourWork::PlumbWhileWorkable, PourWork::SlopeTheTop, PourWork::BracesOff], array_slice($this->work($steps), 6));
    }

    public function test_it_says_how_the_fill_ends(): void
    {
        $turf = $this->pour(Hold::Concrete, FillEnd::BelowTurf);
        $fills = array_values(array_filter($turf, fn (PourStep $step) => $step->below !== null));
        $this->assertSame(PourWork::FillBelowTurf, $fills[count($fills) - 1]->do->is);
        $this->assertEqualsWithDelta(50.0, $this->below($fills)[count($fills) - 1], 1e-3);
        $this->assertContains(PourWork::CoverWithTurf, $this->work($turf));
        $mound = $this->pour(Hold::Concrete, FillEnd::Mounded);
        $this->assertSame(
            [PourWork::MoundTheTop, 12], [$mound[count($mound) - 2]->do->is, $mound[count($mound) - 2]->bags], 'its bags are in with the mound',
        );
        $this->assertSame(PourWork::TampToTheGround, array_slice($this->work($this->pour(Hold::Earth)), -1)[0]);
        $this->assertSame(PourWork::MoundTheTop, array_slice($this->work($this->pour(Hold::Earth, FillEnd::Mounded)), -1)[0]);
        $this->assertSame([PourWork::PourFoamAtOnce, PourWork::HoldUntilHard, PourWork::CutLevelAndCover], $this->work($this->pour(Hold::Foam)));
        $this->assertSame([PourWork::NothingIsFilled], $this->work($this->pour(Hold::Driven)));
    }

    /** An hour at 20 °C is 20 degree hours: two hours at 10 °C. */
    #[TestWith([null, 60])]
    #[TestWith([10.0, 120])]
    #[TestWith([35.0, 34])]
    public function test_what_needs_workable_concrete_is_done_within_its_time(?float $celsius, int $minutes): void
    {
        foreach ([
            [Hold::Concrete, PourWork::PlumbWhileWorkable], [Hold::Collar, PourWork::PlumbWhileWorkable], [Hold::Pier, PourWork::SetTheAnchor],
        ] as [$hold, $do]) {
            $pressing = array_values(array_filter($this->pour($hold, celsius: $celsius), fn (PourStep $step) => $step->within !== null));
            $this->assertSame([$do, $minutes], [$pressing[0]->do->is, $pressing[0]->within]);
        }
    }

    public function test_tamped_fill_is_plumbed_at_every_third_lift(): void
    {
        $steps = $this->pour(Hold::Gravel);
        $this->assertCount(7 + 2, $steps);
        $this->assertSame(
            [3, 6],
            array_keys(array_filter(array_combine(range(1, 9), $steps), fn (PourStep $step) => $step->do->is === PourWork::TampALiftAndPlumb)),
        );
        $this->assertSame([], array_filter($steps, fn (PourStep $step) => $step->bags !== null));
        // Six lifts of 150: at the last both faces are plumbed anyway.
        $six = $this->pour(Hold::Gravel, deep: 1000);
        $this->assertSame([2], array_keys(array_filter($six, fn (PourStep $step) => $step->do->is === PourWork::TampALiftAndPlumb)));
        $this->assertSame('Lift 3 of 6: fill, tamp round and round, then plumb both faces', Told::say(Builds::plan(), $six[2]->do));
    }

    /** @return list<PourStep> */
    private function pour(Hold $hold, FillEnd $end = FillEnd::Flush, float $deep = 1100, ?float $celsius = null): array
    {
        $mm = Length::millimetres(...);
        $layers = (new HoleLayers(
            $hold, new Customs(fillEnd: $end), $mm(100), $mm(100), $mm($deep), $mm(300), $mm($deep + 150), $mm(50), $mm(25),
        ))->layers;
        $bags = array_fill_keys(array_keys(array_filter($layers, fn ($layer) => $layer->material === Material::Concrete)), 12);

        return (new PourPlan($layers, $mm($deep), $bags, celsius: $celsius))->steps;
    }

    /**
     * @param  list<PourStep>  $steps
     * @return list<?float> mm below the ground
     */
    private function below(array $steps): array
    {
        return array_map(fn (PourStep $step) => $step->below?->inMillimetres(), $steps);
    }

    /**
     * @param  list<PourStep>  $steps
     * @return list<mixed>
     */
    private function work(array $steps): array
    {
        return array_map(fn (PourStep $step) => $step->do->is, $steps);
    }
}
