<?php

declare(strict_types=1);

namespace Tests\Core\Adjust;

use Aequus\Adjust\Network\AdjustedNetwork;
use Aequus\Adjust\Network\FurtherDistances;
use Aequus\Adjust\Network\LineOffset;
use Aequus\Adjust\Placement\AgainstLine;
use Aequus\Adjust\Placement\Allowed;
use Aequus\Adjust\Placement\MoveCovariance;
use Aequus\Adjust\Placement\PlacedNetwork;
use Aequus\Adjust\Placement\PlacementWay;
use Aequus\Adjust\Placement\StakeVerdict;
use Aequus\Adjust\Placement\Tells;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Terms\Shift;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\ComparesAll;
use Tests\Expected;
use Tests\Vectors;

/** Placements, moves and verdicts against an independent computation. */
final class MovesVectorsTest extends TestCase
{
    use ComparesAll;

    #[DataProvider('moves')]
    public function test_moves_from_known_places(array $input, Expected $expect): void
    {
        $design = $at = [];
        foreach ($input['stakes'] as $stake) {
            $design[$stake['name']] = new Vector($stake['design_x'], $stake['design_y']);
            $at[$stake['name']] = new Vector($stake['adjusted_x'], $stake['adjusted_y']);
        }
        $placed = PlacedNetwork::ofExact(
            $at, PlacementWay::from($input['way']), $design, new Allowed($input['tolerance']), [$input['p'] ?? '', $input['q'] ?? ''], $input['held'] ?? [],
        );
        if ($expect['refused']) {
            $this->assertNull($placed);

            return;
        }
        $this->assertPlaced($input, $expect, $expect['moves'], $placed, 1e-5, 1e-9, 1e-4);
    }

    #[DataProvider('verdicts')]
    public function test_moves_and_verdicts_from_readings(array $input, Expected $expect): void
    {
        $given = new VectorNetwork($input);
        $network = $given->network->adjust();
        $placed = PlacedNetwork::of(
            $network, PlacementWay::from($input['way']), $given->design, new Allowed($input['tolerance']), [$input['p'] ?? '', $input['q'] ?? ''],
            $input['held'] ?? [], $given->held,
        );
        $this->assertPlaced($input, $expect, $expect['stakes'], $placed, 1e-3, 1e-6, 1e-3);
        if (isset($expect['lines_hold'])) {
            $this->assertAgainstLine($input, $expect, $given, $network);
        }
        $tells = Tells::ofStations($network, $placed->covariance, new FurtherDistances($network->at, $given->network->readings, $given->tape), array_map(strval(...), array_keys($network->at)));
        foreach ($expect['stakes'] as $stake) {
            $ellipse = $placed->stakes[$stake['name']]->ellipse;
            $this->assertEqualsWithDelta($stake['semi_major'], $ellipse->major, 0.02);
            $this->assertSame($stake['test_value'] === null, $placed->stakes[$stake['name']]->test === null);
            if ($stake['test_value'] !== null) {
                $this->assertEqualsWithDelta($stake['test_value'], $placed->stakes[$stake['name']]->test, 0.02 * $stake['test_value'] + 1e-6);
            }
            if (isset($stake['reading_that_would_tell'])) {
                $tell = $tells[$stake['name']];
                $this->assertContains([$tell->from, $tell->to], $stake['reading_that_would_tell']['equally_good']);
                $this->assertEqualsWithDelta($stake['reading_that_would_tell']['semi_major_then'], $tell->major, 0.02);
            }
        }
    }

    #[DataProvider('covariances')]
    public function test_the_covariance_of_the_moves(array $input, Expected $expect): void
    {
        $at = [];
        foreach ($input['stakes'] as $stake) {
            $at[$stake['name']] = new Vector($stake['adjusted_x'], $stake['adjusted_y']);
        }
        $places = array_flip(array_keys($at));
        $q = $input['covariance'];
        $moves = new MoveCovariance(
            $at, PlacementWay::from($input['way']), isset($input['p']) ? [$input['p'], $input['q']] : ($input['held'] ?? array_keys($at)),
            fn (string $name) => [
                $q[2 * $places[$name]][2 * $places[$name]], $q[2 * $places[$name]][2 * $places[$name] + 1],
                $q[2 * $places[$name] + 1][2 * $places[$name] + 1],
            ],
            function (array $slopes) use ($q, $places): array {
                $row = fn (int $i) => array_sum(
                    array_map(
                        fn (string $name) => $q[$i][2 * $places[$name]] * $slopes[$name]->x + $q[$i][2 * $places[$name] + 1] * $slopes[$name]->y,
                        array_keys($slopes),
                    ),
                );

                return array_map(fn (int $k) => new Vector($row(2 * $k), $row(2 * $k + 1)), $places);
            }, null, new Allowed(1.0),
        );
        $largest = max(array_map(fn (array $s) => max($s['cov_xx'], $s['cov_yy']), $expect['stakes']));
        foreach ($expect['stakes'] as $stake) {
            $this->assertEqualsWithDelta(
                [$stake['cov_xx'], $stake['cov_xy'], $stake['cov_yy']], $moves->covariances[$stake['name']], 1e-6 * $largest,
            );
            $this->assertEqualsWithDelta($stake['semi_major'], $moves->ellipses[$stake['name']]->major, 1e-4);
        }
    }

    public static function moves(): Generator
    {
        foreach (Vectors::of('moves', 'moves') as $name => [$input, $expect]) {
            // A mark coarser than the tolerance is refused by the plan, where RevisionTest has it.
            if ($input['smallest_mark'] <= $input['tolerance']) {
                yield $name => [$input, $expect];
            }
        }
    }

    public static function verdicts(): Generator
    {
        yield from Vectors::of('moves', 'verdict');
    }

    public static function covariances(): Generator
    {
        yield from Vectors::of('moves', 'move_covariance');
    }

    private function assertPlaced(
        array $input, Expected $expect, array $stakes, ?PlacedNetwork $placed, float $millimetres, float $turn, float $shift,
    ): void {
        $this->assertNotNull($placed);
        $this->assertEqualsWithDelta($expect['rotation_rad'], $placed->placement->rotation, $turn);
        $this->assertEqualsWithDelta([$expect['shift_x'], $expect['shift_y']], [$placed->placement->shiftX, $placed->placement->shiftY], $shift);
        foreach ($stakes as $stake) {
            $found = $placed->stakes[$stake['name']];
            $this->assertEqualsWithDelta(new Vector($stake['move_x'], $stake['move_y']), $found->move, $millimetres, $stake['name']);
            foreach (['along_x' => $found->along->x, 'along_y' => $found->along->y, 'size' => $found->size()] as $figure => $is) {
                $this->assertEqualsWithDelta($stake[$figure] ?? $is, $is, $millimetres, "{$stake['name']}: {$figure}");
            }
            $this->assertSame($stake['verdict'], $found->verdict->value, $stake['name']);
            $this->assertSame(
                $stake['told'], $found->verdict === StakeVerdict::Out ? $this->told($input, $found->along->x, $found->along->y) : [], $stake['name'],
            );
        }
        $this->assertSame($expect['job_verdict'], $placed->verdict->value);
        if (isset($expect['inliers'])) {
            $this->assertSame($expect['inliers'], $placed->fixing);
        }
        foreach ($expect['held'] ?? [] as $held) {
            $this->assertEqualsWithDelta($held['misfit'], $placed->stakes[$held['name']]->size(), $millimetres);
        }
        $this->assertSame($expect['design_has_to_give'] ?? $placed->designHasToGive, $placed->designHasToGive);
    }

    private function assertAgainstLine(array $input, Expected $expect, VectorNetwork $given, AdjustedNetwork $network): void
    {
        $held = $given->held;
        $place = [[], ['position across'], ['position along and across']][$held->places];
        $this->assertSame($expect['lines_hold'], [...($held->direction ? ['direction'] : []), ...$place]);
        $first = array_values(array_filter($given->network->readings, fn ($reading) => $reading instanceof LineOffset))[0];
        $free = PlacedNetwork::of($network, PlacementWay::FewestMoves, $given->design, new Allowed($input['tolerance']), []);
        $against = AgainstLine::of($network, $free, $held, $first, $given->design, $input['tolerance']);
        $this->assertSame($expect['across']['line'], $against->line);
        $this->assertEqualsWithDelta([$expect['across']['amount'], $expect['across']['std']], [$against->across, $against->acrossDeviation], 1e-3);
        $this->assertSame($expect['across']['beyond'], $against->isOffPlace());
        $this->assertSame(isset($expect['parallel']), $against->angle !== null);
        if (isset($expect['parallel'])) {
            $this->assertEqualsWithDelta($expect['parallel']['angle_rad'], $against->angle, 1e-6);
            $this->assertEqualsWithDelta(
                [$expect['parallel']['over'], $expect['parallel']['amount'], $expect['parallel']['std']],
                [$against->over, $against->turned, $against->turnedDeviation], 1e-3,
            );
            $this->assertSame($expect['parallel']['beyond'], $against->isOutOfParallel());
        }
    }

    /** @return list<array{toward: string, marks: int, amount: float}> */
    private function told(array $input, float $x, float $y): array
    {
        $mark = Length::millimetres($input['smallest_mark']);

        return array_map(fn (Shift $part) => [
            'toward' => $input['side_names'][$part->toward->value],
            'marks' => intdiv($part->amount->nanometres, $mark->nanometres),
            'amount' => $part->amount->inMillimetres(),
        ], Shift::told(Length::millimetres($x), Length::millimetres($y), $mark));
    }
}
