<?php

declare(strict_types=1);

namespace Tests\Core\Level;

use Aequus\Adjust\GrossErrors\Dropped;
use Aequus\Adjust\GrossErrors\Mistakes;
use Aequus\Adjust\GrossErrors\SearchEnd;
use Aequus\Adjust\GrossErrors\Separation;
use Aequus\Adjust\Levels\AdjustedLevels;
use Aequus\Adjust\Levels\LevelNetwork;
use Aequus\Adjust\Levels\LevelReading;
use Aequus\Adjust\Levels\OwnError;
use Aequus\Adjust\Network\NotDetermined;
use Aequus\Level\BoardLevel;
use Aequus\Level\GroundTest;
use Aequus\Level\Laser;
use Aequus\Level\LevelString;
use Aequus\Level\SingleChain;
use Aequus\Level\TwoPegTest;
use Aequus\Measure\Guess;
use Aequus\Measure\Length;
use Aequus\Plan\Terms\Point;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Expected;
use Tests\Vectors;
use Tests\VectorTestCase;

/** All instruments in one adjustment, and what each can be trusted to, against an independent computation. */
final class LevelNetworkVectorsTest extends VectorTestCase
{
    protected const TOPIC = 'levels';

    private const WATER_LEVEL = 2.0;

    #[DataProvider('networks')]
    public function test_heights_from_all_instruments_together(array $input, Expected $expect): void
    {
        foreach ($input['levels'] ?? [] as $level) {
            $this->assertSame(LevelNetwork::LEVEL_PRIOR, $level['accuracy'], 'one accuracy for every spirit level');
        }
        $network = self::network($input);
        if ($expect['refused']) {
            try {
                $network->adjust();
                $this->fail('not refused');
            } catch (NotDetermined $refusal) {
                $this->assertEqualsCanonicalizing($expect['must_name'], $refusal->stations);

                return;
            }
        }
        $this->assertLevels($expect['first'], $network->adjust());
        [$mistakes, $last] = Mistakes::search(fn (array $without) => $network->without($without)->adjust());
        $snooping = $expect['snooping'];
        $this->assertSame(array_column($snooping['dropped'], 'id'), array_map(fn (Dropped $one) => $one->id, $mistakes->dropped));
        foreach ($snooping['dropped'] as $i => $one) {
            $this->assertEqualsWithDelta($one['estimated_mistake'], $mistakes->dropped[$i]->mistake, 1e-5);
        }
        $this->assertSame($snooping['named'], $mistakes->named);
        $this->assertSame($snooping['stopped_because'], $mistakes->end->value);
        $this->assertSame($snooping['rougher_than_class'], $mistakes->rougherThanClass);
        if (isset($expect['final'])) {
            $this->assertLevels($expect['final'], $last);
        }
        if (isset($snooping['doubted_first'])) {
            $this->assertSame($snooping['doubted_first'], $network->doubtedFirst($mistakes->named));
        }
        $this->assertSame($snooping['named_point'], $network->pointOf($mistakes->named));
        foreach ($expect['level_errors'] ?? [] as $level) {
            $error = OwnError::of($last, $level['name'], $network->readings, $mistakes->named);
            $this->assertEqualsWithDelta(
                [$level['own_error'], $level['share_from_readings'], $level['least_with_one_hop_left_out']],
                [$error->value, $error->share, max(0.0, $error->leastShare)], 1e-9,
            );
            $this->assertSame(
                [$level['told'], $level['ask_for_a_turned_hop'], $level['out_of_true']],
                [$error->isTold, $error->asksForATurnedHop, $error->isOutOfTrue],
            );
        }
        if ($mistakes->end === SearchEnd::Partners) {
            $this->assertProposal($snooping['proposal'], $network, $last, $mistakes->named);
        }
    }

    public static function networks(): Generator
    {
        yield from Vectors::of('levels', 'network');
    }

    #[DataProvider('grounds')]
    public function test_ground_read_once_is_compared_with_the_plane(array $input, Expected $expect): void
    {
        $points = [];
        foreach ($input['points'] as $point) {
            $points[$point['name']] = [new Point(self::mm($point['x']), self::mm($point['y'])), $point['z'], $point['set_ups']];
        }
        $test = GroundTest::of($points);
        $this->assertSame(
            [$expect['answer'], $expect['point'] ?? null, $expect['real_ground']], [$test->doubt->value, $test->point, $test->realGround],
        );
        $this->assertSame($expect['guesses'] ?? [], array_map(fn (Guess $guess) => $guess->value, $test->guesses));
        $this->assertSame($expect['tested'] ?? 0, $test->tested);
        $this->assertNumber($expect['above_the_others_plane'] ?? null, $test->above);
        $this->assertNumber($expect['studentised'] ?? null, $test->studentised);
        $this->assertNumber($expect['critical_t'] ?? null, $test->critical);
        $this->assertNumber($expect['roughness'] ?? null, $test->roughness);
        $this->assertNumber($expect['least_slip_seen'] ?? null, $test->leastSlipSeen);
    }

    public static function grounds(): Generator
    {
        yield from Vectors::of('levels', 'ground_test');
    }

    #[DataProvider('hops')]
    public function test_what_a_chain_of_hops_can_be_trusted_to(array $input, Expected $expect): void
    {
        $this->assertNumber(
            $expect['sigma_total'],
            BoardLevel::sigma(
                $input['hops'], self::mm($input['board_length']), $input['turned_each_time'], $input['reading_mm'] ?? BoardLevel::READING,
                $input['accuracy_mm_per_mm'] ?? BoardLevel::ACCURACY,
            ),
        );
    }

    public static function hops(): Generator
    {
        yield from Vectors::of('levels', 'board_hops');
    }

    #[DataProvider('strings')]
    public function test_a_string_sags_and_its_level_weighs_it_down(array $input, Expected $expect): void
    {
        $string = new LevelString(
            self::mm($input['length']), $input['string_weight_n_per_m'] ?? $input['weight_n_per_m'] ?? 0.01, $input['pull_n'] ?? 50.0,
            $input['level_weight_n'] ?? 0.2,
        );
        match ($input['kind']) {
            'string_sag' => $this->assertLength($expect['sag_at_mid'], $string->sag()),
            'line_level' => $this->assertLength($expect['right_minus_left'], $string->rightHigher(self::mm($input['from_left']))),
            default => $this->assertNumber($expect['sigma'], $string->sigma()),
        };
    }

    public static function strings(): Generator
    {
        yield from Vectors::of('levels', 'string_sag');
        yield from Vectors::of('levels', 'line_level');
        yield from Vectors::of('levels', 'line_level_error');
    }

    #[DataProvider('chains')]
    public function test_a_single_chain_and_how_its_misclosure_is_shared(array $input, Expected $expect): void
    {
        $chain = new SingleChain(
            array_map(floatval(...), array_column($input['hops'], 'difference')), array_map(floatval(...), array_column($input['hops'], 'sigma')),
            $input['known_difference'],
        );
        $this->assertNumber($expect['closure'], $chain->closure);
        $this->assertNumber($expect['allowed'], $chain->allowed);
        $this->assertSame($expect['within'], $chain->closes);
        foreach ($expect['corrections'] as $i => $correction) {
            $this->assertNumber($correction, $chain->corrections[$i]);
            $this->assertNumber($expect['adjusted'][$i], $input['hops'][$i]['difference'] + $chain->corrections[$i]);
        }
    }

    public static function chains(): Generator
    {
        yield from Vectors::of('levels', 'single_chain');
    }

    public function test_a_level_is_tested_by_turning_and_a_line_of_sight_by_two_pegs(): void
    {
        foreach (Vectors::of('levels', 'level_test') as [$input, $expect]) {
            $this->assertLength($expect['own_error'], BoardLevel::ownError(self::mm($input['reading_1']), self::mm($input['reading_2'])));
        }
        foreach (Vectors::of('levels', 'two_peg') as [$input, $expect]) {
            $of = fn (string $key): Length => self::mm($input[$key]);
            $error = TwoPegTest::error(
                $of('a_1'), $of('b_1'), $of('a_2'), $of('b_2'), $of('sight_a_1'), $of('sight_b_1'), $of('sight_a_2'), $of('sight_b_2'),
            );
            $this->assertEqualsWithDelta($expect['error_per_mm'], $error->ratio, 1e-10);
        }
    }

    public function test_repeating_a_whole_loop_identically_changes_no_height(): void
    {
        foreach (Vectors::of('levels', 'network') as [$input, $expect]) {
            if ($expect['refused']) {
                continue;
            }
            $once = self::network($input);
            $twice = new LevelNetwork(
                array_column($input['benchmarks'], 'height', 'name'), [...$once->readings, ...self::network($input, ' again')->readings], [],
                $input['points'],
            );
            $plain = new LevelNetwork(array_column($input['benchmarks'], 'height', 'name'), $once->readings, [], $input['points']);
            try {
                $before = $plain->adjust();
            } catch (NotDetermined) {
                // Without what is believed of it beforehand a level’s own error may be beyond telling.
                continue;
            }
            foreach ($input['points'] as $point) {
                $this->assertEqualsWithDelta($before->values[$point], $twice->adjust()->values[$point], 1e-6);
            }
        }
    }

    private static function network(array $input, string $mark = ''): LevelNetwork
    {
        $readings = [];
        foreach ($input['set_ups'] ?? [] as $setUp) {
            foreach ($setUp['rods'] as $rod) {
                $readings[] = LevelReading::rod(
                    $rod['id'].$mark, $setUp['name'], $rod['point'], $rod['rod'], Laser::sigma(self::mm($rod['distance'] ?? null)),
                );
            }
        }
        foreach ($input['hops'] ?? [] as $hop) {
            $readings[] = LevelReading::hop(
                $hop['id'].$mark, $hop['from'], $hop['to'], $hop['reading'], $hop['board_length'], $hop['level'], $hop['turned'] ? -1 : 1,
                BoardLevel::READING,
            );
        }
        foreach ($input['water_level'] ?? [] as $water) {
            $readings[] = LevelReading::difference($water['id'].$mark, $water['from'], $water['to'], $water['difference'], self::WATER_LEVEL);
        }
        foreach ($input['line_level'] ?? [] as $line) {
            $string = new LevelString(
                self::mm($line['string_length']), $line['string_weight_n_per_m'] ?? 0.01, $line['pull_n'] ?? 50.0, $line['level_weight_n'] ?? 0.2,
            );
            $readings[] = LevelReading::difference(
                $line['id'].$mark, $line['from'], $line['to'],
                $line['difference'] + $string->rightHigher(self::mm($line['level_from_left']))->inMillimetres(), $string->sigma(),
            );
        }

        return new LevelNetwork(
            array_column($input['benchmarks'], 'height', 'name'), $readings, array_column($input['levels'] ?? [], 'name'), $input['points'],
        );
    }

    private function assertLevels(array $expect, AdjustedLevels $levels): void
    {
        $this->assertSame($expect['degrees_of_freedom'], $levels->solution->surplus);
        $this->assertNumber($expect['sum_squares'], $levels->solution->sumOfSquares);
        $this->assertNumber($expect['critical_w'], $levels->solution->critical());
        foreach ($expect['readings'] as $reading) {
            $this->assertEqualsWithDelta($reading['residual'], $levels->solution->observation($reading['id'])->residual, 1e-6, $reading['id']);
            $this->assertEqualsWithDelta($reading['redundancy_number'], $levels->solution->redundancy($reading['id']), 1e-6);
            $w = $levels->solution->standardised($reading['id']);
            $this->assertSame($reading['standardised_residual'] === null, $w === null);
            $this->assertEqualsWithDelta($reading['standardised_residual'] ?? 0.0, $w ?? 0.0, 1e-6);
        }
        foreach ($expect['points'] as $point) {
            $this->assertNumber($point['height'], $levels->values[$point['name']]);
            $this->assertNumber($point['std'], $levels->deviation($point['name']));
        }
        foreach ($expect['set_ups'] ?? [] as $setUp) {
            $this->assertNumber($setUp['height_of_instrument'], $levels->values[$setUp['name']]);
            $this->assertNumber($setUp['std'], $levels->deviation($setUp['name']));
        }
        foreach ($expect['levels'] ?? [] as $level) {
            $this->assertEqualsWithDelta($level['own_error'], $levels->values[$level['name']], 1e-10);
            $this->assertEqualsWithDelta($level['std'], $levels->deviation($level['name']), 1e-9);
        }
    }

    private function assertProposal(array $expect, LevelNetwork $network, AdjustedLevels $last, array $named): void
    {
        $rods = array_filter($named, fn (string $id) => $network->find($id)?->isRod) === $named;
        $proposal = Separation::among($last->solution, $named, $rods ? $network->again($named) : $network->furtherHops(BoardLevel::READING));
        $this->assertNotNull($proposal);
        $this->assertContains($rods ? $proposal->of[0] : $proposal->of, $expect['equally_good']);
        $this->assertEqualsWithDelta($expect['largest_correlation'], $proposal->largest, 1e-6);
        $this->assertEqualsWithDelta($expect['mean_correlation'], $proposal->mean, 1e-6);
        $this->assertSame($expect['separates_all'], $proposal->separatesAll());
    }
}
