<?php

declare(strict_types=1);

namespace Tests\Core\Square;

use Aequus\Adjust\NormalDistribution;
use Aequus\Logbook\Payload;
use Aequus\Logbook\TapeReading;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Plan;
use Aequus\Square\Layout;
use Aequus\Square\OutlineVerdict;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Builds;

final class OutlineTest extends TestCase
{
    private const NAMES = [['A1', 'B1'], ['B1', 'B2'], ['A2', 'B2'], ['A1', 'A2'], ['A1', 'B2'], ['B1', 'A2']];

    /** Standardised misfits of four-corner outlines, from an independent network adjustment. */
    #[DataProvider('outlines')]
    public function test_the_six_tapes_disagree_as_an_independent_adjustment_says(array $millimetres, string $tape, float $standardised): void
    {
        $closure = $this->layout($millimetres, TapeClass::from($tape))->outline?->closure();
        $this->assertNotNull($closure);
        $this->assertEqualsWithDelta($standardised, abs($closure->standardised), 0.01 * $standardised + 1e-6);
        $this->assertSame($standardised < 3.14275583341, $closure->holds);
    }

    public static function outlines(): Generator
    {
        $cases = json_decode((string) file_get_contents(__DIR__.'/../../vectors/outlines.json'), true, flags: JSON_THROW_ON_ERROR);
        foreach ($cases['cases'] as $case) {
            yield $case['name'] => [$case['distances'], $case['tape'], $case['standardised']];
        }
    }

    public function test_the_critical_size_for_six_readings_is_the_textbooks(): void
    {
        $this->assertEqualsWithDelta(3.14275583341, NormalDistribution::critical(6), 1e-6);
        $this->assertEqualsWithDelta(3.58664870415, NormalDistribution::critical(30), 1e-6);
        $this->assertEqualsWithDelta(1.959963984540, NormalDistribution::quantile(0.975), 1e-9);
    }

    public function test_a_racked_outline_is_told_which_way_and_how_far_the_far_side_moves(): void
    {
        // The far side stands 20 mm toward +x.
        $layout = $this->layout($this->distances([[0, 0], [5400, 0], [5420, 3600], [20, 3600]]));
        $this->assertSame(OutlineVerdict::Racked, $layout->outline?->verdict());
        $this->assertEqualsWithDelta(-20, $layout->outline->farSideShift()?->inMillimetres(), 0.1);
    }

    public function test_a_true_outline_is_square_and_a_long_side_is_named(): void
    {
        $this->assertSame(OutlineVerdict::Square, $this->layout($this->distances([[0, 0], [5400, 0], [5400, 3600], [0, 3600]]))->outline?->verdict());
        $long = $this->layout($this->distances([[0, 0], [5415, 0], [5415, 3600], [0, 3600]]));
        $this->assertSame(OutlineVerdict::SidesOff, $long->outline?->verdict());
        $this->assertSame('A1–B1', $long->outline->sidesOff()[0]->pair->label());
    }

    public function test_a_tape_too_rough_for_the_tolerance_says_so_instead_of_square(): void
    {
        $layout = $this->layout($this->distances([[0, 0], [5400, 0], [5400, 3600], [0, 3600]]), TapeClass::Fibreglass);
        $this->assertSame(OutlineVerdict::TapeTooRough, $layout->outline?->verdict());
    }

    public function test_diagonals_alone_or_sides_alone_give_no_verdict(): void
    {
        $all = $this->distances([[0, 0], [5400, 0], [5400, 3600], [0, 3600]]);
        $this->assertSame(OutlineVerdict::ReadingsMissing, $this->layout([4 => $all[4], 5 => $all[5]])->outline?->verdict());
        $sides = $this->layout(array_slice($all, 0, 4))->outline;
        $this->assertSame(OutlineVerdict::ReadingsMissing, $sides?->verdict());
        $this->assertNull($sides->farSideShift());
        $this->assertSame(['A1–B2', 'B1–A2'], array_map(fn ($pair) => $pair->label(), $sides->unread()));
    }

    public function test_distances_that_make_no_figure_are_a_contradiction_not_a_crash(): void
    {
        $outline = $this->layout([5400, 3600, 5400, 3600, 12000, 6490])->outline;
        $this->assertSame(OutlineVerdict::Contradiction, $outline?->verdict());
        $this->assertNull($outline->closure()?->misfit);
    }

    public function test_a_pair_read_twice_far_apart_is_named_before_anything_is_concluded(): void
    {
        $plan = $this->plan();
        $d = $this->distances([[0, 0], [5400, 0], [5400, 3600], [0, 3600]]);
        $readings = [...$this->readings($plan, $d, TapeClass::Steel), ...$this->readings($plan, [4 => $d[4] + 25.4], TapeClass::Steel)];
        $layout = new Layout($plan, Builds::log(...$readings));
        $this->assertSame(OutlineVerdict::ReadTwiceDiffers, $layout->outline?->verdict());
        $this->assertTrue($layout->anyReadTwiceDiffers());
    }

    /** 2,000 networks of true stakes with the tape's own noise, seed 11: at most 1 % may be accused (chance), an inch must be found in 99 %. */
    public function test_noise_is_rarely_accused_and_a_slip_of_an_inch_is_found(): void
    {
        $dice = new Randomizer(new Mt19937(11));
        $true = $this->distances([[0, 0], [5400, 0], [5400, 3600], [0, 3600]]);
        $accused = $found = 0;
        for ($i = 0; $i < 2_000; $i++) {
            $noisy = array_map(fn (float $d) => $d + TapeClass::Steel->sigma(Length::millimetres($d)) * $this->gauss($dice), $true);
            $accused += $this->layout($noisy)->outline?->closure()?->holds === false ? 1 : 0;
            $noisy[4 + $i % 2] += 25.4;
            $found += $this->layout($noisy)->outline?->closure()?->holds === false ? 1 : 0;
        }
        $this->assertLessThan(20, $accused);
        $this->assertGreaterThan(1_980, $found);
    }

    private function gauss(Randomizer $dice): float
    {
        return sqrt(-2 * log(($dice->getInt(1, 2 ** 53) / 2 ** 53))) * cos(2 * M_PI * ($dice->getInt(1, 2 ** 53) / 2 ** 53));
    }

    /** @return list<float> ab, bc, cd, da, ac, bd */
    private function distances(array $corners): array
    {
        $between = fn (int $i, int $j): float => hypot($corners[$i][0] - $corners[$j][0], $corners[$i][1] - $corners[$j][1]);

        return [$between(0, 1), $between(1, 2), $between(2, 3), $between(3, 0), $between(0, 2), $between(1, 3)];
    }

    private function layout(array $millimetres, TapeClass $tape = TapeClass::Steel): Layout
    {
        return new Layout($plan = $this->plan(), Builds::log(...$this->readings($plan, $millimetres, $tape)));
    }

    private function plan(): Plan
    {
        return Builds::plan(baysX: [5400], baysY: [3600]);
    }

    /** @return list<Payload> */
    private function readings(Plan $plan, array $millimetres, TapeClass $tape): array
    {
        $readings = [];
        foreach ($millimetres as $i => $distance) {
            [$from, $to] = self::NAMES[$i];
            $readings[] = new TapeReading($plan->grid->labelled($from)->id, $plan->grid->labelled($to)->id, Length::millimetres($distance), $tape);
        }

        return $readings;
    }
}
