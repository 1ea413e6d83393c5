<?php

declare(strict_types=1);

namespace Tests\Core\Adjust;

use Aequus\Adjust\GrossErrors\Dropped;
use Aequus\Adjust\GrossErrors\FarFromPlan;
use Aequus\Adjust\GrossErrors\FarReading;
use Aequus\Adjust\GrossErrors\LineConflict;
use Aequus\Adjust\GrossErrors\Mistakes;
use Aequus\Adjust\GrossErrors\Separation;
use Aequus\Adjust\Network\AdjustedNetwork;
use Aequus\Adjust\Network\FurtherDistances;
use Aequus\Adjust\Network\NotDetermined;
use Aequus\Adjust\Placement\Allowed;
use Aequus\Adjust\Placement\MoveCovariance;
use Aequus\Adjust\Placement\PlacementWay;
use Aequus\Adjust\Placement\Tells;
use Aequus\Adjust\Solve\ErrorEllipse;
use Aequus\Adjust\Statistics\ChiSquare;
use Aequus\Measure\Guess;
use Aequus\Measure\Guesses;
use Aequus\Measure\Vector;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** Networks that an independent program adjusted, tested for mistakes and planned. */
final class TapeNetworkVectorsTest extends TestCase
{
    #[DataProvider('adjusted')]
    public function test_stakes_and_readings_come_out_as_computed_independently(array $input, array $expect): void
    {
        $this->assertAdjustment($expect['first'], (new VectorNetwork($input))->network->adjust());
    }

    #[DataProvider('adjusted')]
    public function test_mistakes_their_partners_and_the_reading_that_would_tell_are_named(array $input, array $expect): void
    {
        $given = new VectorNetwork($input);
        [$mistakes, $last] = Mistakes::search(fn (array $ids) => $given->network->without($ids)->adjust());
        $snooping = $expect['snooping'];
        $this->assertSame(array_column($snooping['dropped'], 'id'), array_map(fn (Dropped $one) => $one->id, $mistakes->dropped));
        foreach ($snooping['dropped'] as $i => $one) {
            $this->assertEqualsWithDelta($one['standardised_residual'], $mistakes->dropped[$i]->standardised, 0.002);
            $this->assertEqualsWithDelta($one['estimated_mistake'], $mistakes->dropped[$i]->mistake, 0.01);
        }
        $this->assertSame($snooping['named'], $mistakes->named);
        $this->assertSame($snooping['stopped_because'], $mistakes->end->value);
        $this->assertSame($snooping['rougher_than_class'], $mistakes->rougherThanClass);
        $this->assertSame($snooping['s0'] === null, $mistakes->s0 === null);
        $this->assertEqualsWithDelta($snooping['s0'] ?? 0.0, $mistakes->s0 ?? 0.0, 1e-4);
        $this->assertSame($expect['mirror_stakes'], $given->network->mirrored());
        if (isset($expect['final'])) {
            $this->assertAdjustment($expect['final'], $last);
        }
        if ($mistakes->leavesDoubt()) {
            $this->assertProposal(
                $snooping['proposal'],
                Separation::of(
                    $last, $mistakes->named, new FurtherDistances($last->at, $given->network->readings, $given->tape, $input['tape_reach'] ?? null),
                ),
            );
        }
    }

    #[DataProvider('refused')]
    public function test_readings_that_leave_stakes_free_are_refused_with_their_names(array $input, array $expect): void
    {
        $network = (new VectorNetwork($input))->network;
        try {
            ($input['task'] ?? '') === 'plan' ? $network->planned() : $network->adjust();
            $this->fail('not refused');
        } catch (NotDetermined $refusal) {
            $this->assertEqualsCanonicalizing($expect['must_name'], $refusal->stations);
            foreach ($expect['must_name'] as $name) {
                $this->assertStringContainsString($name, Told::refusal($refusal));
            }
        }
    }

    #[DataProvider('planned')]
    public function test_what_a_list_of_readings_would_prove_before_any_is_pulled(array $input, array $expect): void
    {
        $given = new VectorNetwork($input);
        $network = $given->network->planned();
        $way = PlacementWay::from($input['way']);
        $moves = MoveCovariance::ofNetwork($network, $way, match ($way) {
            PlacementWay::BaseLine => [$input['p'], $input['q']],
            PlacementWay::Held => $input['held'],
            default => array_keys($given->design),
        }, new Allowed(1.0));
        foreach ($expect['stakes'] as $stake) {
            $this->assertEllipse($stake, $moves->ellipses[$stake['name']]);
            $this->assertEqualsWithDelta(
                [$stake['std_x'], $stake['std_y']],
                [sqrt(max(0.0, $moves->covariances[$stake['name']][0])), sqrt(max(0.0, $moves->covariances[$stake['name']][2]))], 1e-4,
            );
        }
        $this->assertEqualsWithDelta($expect['largest_semi_axis'], $moves->largest(), 1e-4);
        $this->assertSame($expect['good_enough'], ErrorEllipse::RING * $moves->largest() <= $input['tolerance']);
        $this->assertSame($expect['degrees_of_freedom'], $network->solution->surplus);
        foreach ($expect['readings'] as $reading) {
            $this->assertEqualsWithDelta($reading['sigma'], $network->solution->observation($reading['id'])->sigma, 1e-4);
            $this->assertEqualsWithDelta($reading['redundancy_number'], $network->solution->redundancy($reading['id']), 1e-6);
        }
        $best = Tells::ofAll(
            $network, $moves, new FurtherDistances($network->at, $given->network->readings, $given->tape, $input['tape_reach'] ?? null),
        );
        $this->assertSame($expect['best_further_distance'] === null, $best === null);
        if ($best !== null) {
            $this->assertContains([$best->from, $best->to], $expect['best_further_distance']['equally_good']);
            $this->assertEqualsWithDelta($expect['best_further_distance']['largest_semi_axis'], $best->major, 1e-4);
        }
    }

    #[DataProvider('gates')]
    public function test_readings_far_from_the_plan_wait_and_the_others_are_adjusted(array $input, array $expect): void
    {
        $given = new VectorNetwork($input);
        $far = new FarFromPlan($given->network->readings, $given->design, self::guesses($input));
        $gate = $expect['gate'];
        $this->assertSame($gate['all_in_another_unit'], $far->inAnotherUnit !== null);
        $this->assertSame($gate['off_plan'], $far->offPlan);
        $this->assertSame(array_column($gate['set_aside'], 'id'), array_map(fn (FarReading $one) => $one->id, $far->setAside));
        foreach ($gate['set_aside'] as $i => $one) {
            $this->assertEqualsWithDelta([$one['planned'], $one['misfit']], [$far->setAside[$i]->planned, $far->setAside[$i]->misfit], 1e-6);
            $this->assertEqualsCanonicalizing($one['guesses'], self::named($far->setAside[$i]->guesses));
        }
        if ($far->inAnotherUnit !== null) {
            $this->assertSame($gate['guesses'], self::named($far->inAnotherUnit));
            $this->assertEqualsWithDelta($gate['median_ratio'], $far->ratio, 1e-9);

            return;
        }
        $this->assertEqualsWithDelta($gate['bound'], $far->bound(0.0), 1e-6);
        $rest = $given->network->without(array_column($gate['set_aside'], 'id'));
        $this->assertAdjustment($expect['first'], $rest->adjust());
        [$mistakes] = Mistakes::search(fn (array $ids) => $rest->without($ids)->adjust());
        $this->assertSame($expect['snooping']['stopped_because'], $mistakes->end->value);
        $confirmed = new FarFromPlan($given->network->readings, $given->design, self::guesses($input), array_column($gate['set_aside'], 'id'));
        $this->assertSame([], $confirmed->setAside);
    }

    #[DataProvider('guesses_at_a_misfit')]
    public function test_what_a_misfit_may_come_from(array $input, array $expect): void
    {
        $this->assertSame($expect['guesses'], self::named(self::guesses($input)->ofMisfit($input['misfit'], $input['within'])));
    }

    #[DataProvider('lines')]
    public function test_lines_that_cant_all_be_true_are_named(array $input, array $expect): void
    {
        $given = new VectorNetwork($input);
        $conflict = LineConflict::in($given->network->adjust(), $given->network->readings);
        foreach ($expect['lines']['lines'] as $i => $line) {
            $this->assertSame([$line['line'], $line['freed']], [$conflict->lines[$i][0], $conflict->lines[$i][1]]);
            $this->assertEqualsWithDelta(1.0, $conflict->lines[$i][2] / $line['decrease'], 1e-4);
            $this->assertEqualsWithDelta($line['critical'], $conflict->lines[$i][3], 1e-6);
        }
        $this->assertSame($expect['lines']['named'], $conflict->named);
        $this->assertSame($expect['lines']['before_readings'], $conflict->comesFirst);
    }

    public static function adjusted(): Generator
    {
        yield from self::cases(
            fn (array $input, array $expect) => ($expect['refused'] ?? true) === false && ! in_array($input['task'] ?? '', ['plan', 'gate'], true),
        );
    }

    public static function refused(): Generator
    {
        yield from self::cases(fn (array $input, array $expect) => $expect['refused'] ?? false);
    }

    public static function planned(): Generator
    {
        yield from self::cases(fn (array $input, array $expect) => ($expect['refused'] ?? true) === false && ($input['task'] ?? '') === 'plan');
    }

    public static function gates(): Generator
    {
        yield from self::cases(fn (array $input) => ($input['task'] ?? '') === 'gate');
    }

    public static function guesses_at_a_misfit(): Generator
    {
        yield from self::cases(fn (array $input) => ($input['task'] ?? '') === 'guess');
    }

    public static function lines(): Generator
    {
        yield from self::cases(fn (array $input, array $expect) => isset($expect['lines']));
    }

    private static function guesses(array $input): Guesses
    {
        return new Guesses($input['sizes']['post_width'], $input['sizes']['hole_width'], $input['sizes']['bays'], digits: true);
    }

    /** @param  list<Guess>  $guesses */
    private static function named(array $guesses): array
    {
        return array_map(fn (Guess $guess) => $guess->value, $guesses);
    }

    private static function cases(callable $wanted): Generator
    {
        $file = json_decode((string) file_get_contents(__DIR__.'/../../vectors/tape_network.json'), true, flags: JSON_THROW_ON_ERROR);
        foreach ($file['cases'] as $case) {
            if ($wanted($case['input'], $case['expect'])) {
                yield $case['name'] => [$case['input'], $case['expect']];
            }
        }
    }

    private function assertAdjustment(array $expect, AdjustedNetwork $adjusted): void
    {
        $solution = $adjusted->solution;
        $this->assertSame($expect['degrees_of_freedom'], $solution->surplus);
        $this->assertEqualsWithDelta($expect['sum_squares'], $solution->sumOfSquares, 1e-4 * $expect['sum_squares'] + 1e-6);
        $this->assertCount($expect['testable_readings'], $solution->testable());
        $this->assertSame($expect['critical_w'] === null, $solution->critical() === null);
        $this->assertEqualsWithDelta($expect['critical_w'] ?? 0.0, $solution->critical() ?? 0.0, 1e-6);
        if ($expect['critical_chi_square'] !== null) {
            $this->assertEqualsWithDelta(1.0, ChiSquare::critical($solution->surplus) / $expect['critical_chi_square'], 1e-6);
        }
        foreach ($expect['readings'] as $reading) {
            $this->assertEqualsWithDelta($reading['residual'], $adjusted->residual($reading['id']), 1e-3);
            $this->assertEqualsWithDelta($reading['redundancy_number'], $solution->redundancy($reading['id']), 1e-6);
            $w = $solution->standardised($reading['id']);
            $this->assertSame($reading['standardised_residual'] === null, $w === null, $reading['id']);
            $this->assertEqualsWithDelta($reading['standardised_residual'] ?? 0.0, $w ?? 0.0, 0.002);
        }
        foreach ($expect['stakes'] as $stake) {
            $this->assertEqualsWithDelta(new Vector($stake['x'], $stake['y']), $adjusted->at[$stake['name']], 1e-3, $stake['name']);
            [$xx, , $yy] = $adjusted->covariance($stake['name']);
            $this->assertEqualsWithDelta([$stake['std_x'], $stake['std_y']], [sqrt(max(0.0, $xx)), sqrt(max(0.0, $yy))], 1e-4);
            $this->assertEllipse($stake, $adjusted->ellipse($stake['name']));
        }
        foreach ($expect['tapes'] ?? [] as $tape) {
            $this->assertEqualsWithDelta($tape['constant_error'], $adjusted->constants[$tape['name']], 1e-3);
            $this->assertEqualsWithDelta($tape['std'], $adjusted->constantDeviation($tape['name']), 1e-4);
        }
    }

    private function assertEllipse(array $expect, ErrorEllipse $ellipse): void
    {
        $this->assertEqualsWithDelta([$expect['semi_major'], $expect['semi_minor']], [$ellipse->major, $ellipse->minor], 1e-4);
        $this->assertSame($expect['bearing_rad'] === null, $ellipse->bearing === null);
        if ($ellipse->bearing !== null) {
            $turn = abs($ellipse->bearing - $expect['bearing_rad']);
            $this->assertLessThan(1e-5, min($turn, M_PI - $turn));
        }
    }

    private function assertProposal(array $expect, ?Separation $proposal): void
    {
        if ($expect['kind'] === 'two_mid_side_stakes') {
            $this->assertNull($proposal);

            return;
        }
        $this->assertNotNull($proposal);
        $this->assertContains($proposal->of, $expect['equally_good']);
        $this->assertEqualsWithDelta($expect['largest_correlation'], $proposal->largest, 0.001);
        $this->assertEqualsWithDelta($expect['mean_correlation'], $proposal->mean, 0.001);
        $this->assertSame($expect['separates_all'], $proposal->separatesAll());
    }
}
