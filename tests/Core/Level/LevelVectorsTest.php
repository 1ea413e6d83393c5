<?php

declare(strict_types=1);

namespace Tests\Core\Level;

use Aequus\Level\GroundPlane;
use Aequus\Level\GroundPoint;
use Aequus\Level\Heights;
use Aequus\Level\Laser;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Measure\Length;
use Aequus\Plan\Terms\Point;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Builds;
use Tests\Expected;
use Tests\Vectors;
use Tests\VectorTestCase;

final class LevelVectorsTest extends VectorTestCase
{
    protected const TOPIC = 'levels';

    public function test_one_set_up_of_a_laser_gives_every_ground_its_height(): void
    {
        [$input, $expect] = iterator_to_array(Vectors::of('levels', 'network'))['one laser set-up'];
        $plan = Builds::plan(baysX: [2400, 2400], baysY: [3000]);
        [$bench] = $input['benchmarks'];
        $payloads = [new BenchmarkChosen($bench['name'], self::mm($bench['height']))];
        foreach ($input['set_ups'][0]['rods'] as $rod) {
            $payloads[] = new RodReading($rod['point'] === $bench['name'] ? null : $plan->grid->labelled($rod['point'])->id, self::mm($rod['rod']));
        }
        $heights = new Heights($plan, Builds::log(...$payloads));

        $this->assertLength($expect['first']['set_ups'][0]['height_of_instrument'], $heights->ofInstrument);
        foreach ($expect['first']['points'] as $point) {
            if ($point['name'] !== $bench['name']) {
                $this->assertLength($point['height'], $heights->groundAt($plan->grid->labelled($point['name'])), $point['name']);
            }
        }
        $this->assertTrue($heights->isComplete());
        $this->assertNumber($expect['first']['readings'][0]['sigma'], Laser::sigma());
    }

    public function test_without_the_rod_on_the_benchmark_nothing_has_a_height(): void
    {
        $plan = Builds::plan(baysX: [2400], baysY: [2400]);
        $rods = array_map(fn ($post): Payload => new RodReading($post->id, Length::millimetres(1500)), $plan->grid->posts);
        $heights = new Heights($plan, Builds::log(...$rods));
        $this->assertCount(0, $heights->ground);
        $this->assertCount(4, $heights->unread);
        $this->assertNull($heights->range());
    }

    #[DataProvider('lasers')]
    public function test_what_a_laser_can_be_trusted_to(array $input, Expected $expect): void
    {
        $this->assertNumber($expect['sigma'], Laser::sigma(self::mm($input['distance'] ?? null)));
    }

    public static function lasers(): Generator
    {
        return Vectors::of('levels', 'laser');
    }

    #[DataProvider('planes')]
    public function test_the_fall_of_the_ground_and_its_direction(array $input, Expected $expect): void
    {
        $points = array_map(fn (array $p) => new GroundPoint(new Point(self::mm($p['x']), self::mm($p['y'])), self::mm($p['z'])), $input['points']);
        $this->assertFalse($expect['refused']);
        $plane = GroundPlane::fit($points);
        [$high, $low] = [GroundPoint::highest($points), GroundPoint::lowest($points)];
        $this->assertSame([$expect['high_point'], $expect['low_point']], [$input['points'][$high]['name'], $input['points'][$low]['name']]);
        $this->assertLength($expect['range'], $points[$high]->height->minus($points[$low]->height));
        $this->assertSame($expect['on_one_line'], $plane->onOneLine);
        $this->assertNumber($expect['fall_mm_per_m'], $plane->fall->ratio * 1000);
        $this->assertNumber($expect['fall_direction_rad'], $plane->direction);
        foreach ($expect['residuals'] as $i => $residual) {
            $this->assertLength($residual, $plane->residuals[$i]);
            if (isset($expect['a'])) {
                [$x, $y, $z] = [$input['points'][$i]['x'], $input['points'][$i]['y'], $input['points'][$i]['z']];
                $this->assertNumber($expect['a'] + $expect['b'] * $x + $expect['c'] * $y, $z + $plane->residuals[$i]->inMillimetres());
            }
        }
    }

    public static function planes(): Generator
    {
        return Vectors::of('levels', 'plane');
    }
}
