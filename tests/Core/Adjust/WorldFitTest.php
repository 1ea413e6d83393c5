<?php

declare(strict_types=1);

namespace Tests\Core\Adjust;

use Aequus\Adjust\Placement\PlacementRefused;
use Aequus\Adjust\Placement\WorldFit;
use Aequus\Measure\Vector;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Expected;
use Tests\Vectors;
use Tests\VectorTestCase;

/** Where a plan lies in the world, against independently computed cases; millimetres and radians. */
final class WorldFitTest extends VectorTestCase
{
    protected const TOPIC = 'world';

    public static function cases(): Generator
    {
        yield from Vectors::of(self::TOPIC, 'world_fit');
    }

    #[DataProvider('cases')]
    public function test_a_plan_is_placed_as_it_was_computed(array $input, Expected $expect): void
    {
        $points = [];
        foreach ($input['points'] as $point) {
            $points[$point['name']] = [new Vector($point['x'], $point['y']), new Vector($point['east'], $point['north'])];
        }
        $benchmark = isset($input['benchmark']) ? [(float) $input['benchmark']['plan'], (float) $input['benchmark']['world']] : null;
        try {
            $fit = new WorldFit($points, $input['tolerance'], (float) ($input['factor'] ?? 1.0), $benchmark);
        } catch (PlacementRefused $refused) {
            $this->assertNotSame('', $expect['refused']);
            $this->assertFalse(isset($expect['ratio']), $refused->getMessage());

            return;
        }
        $this->assertSame(! isset($expect['refused']), $fit->fits, (string) ($expect['refused'] ?? ''));
        $this->assertEqualsWithDelta($expect['ratio'], $fit->ratio, 1e-9);
        foreach ($expect['residuals'] as $residual) {
            $is = $fit->residuals[$residual['name']];
            $this->assertEqualsWithDelta([$residual['east'], $residual['north'], $residual['length']], [$is->x, $is->y, $is->length()], 1e-4, $residual['name']);
        }
        if (! $fit->fits) {
            $this->assertSame([$expect['worst'], $expect['rest_passes']], [$fit->worst, $fit->restFits]);
            foreach ($expect['must_name'] as $name) {
                $this->assertSame($name, $fit->worst);
            }

            return;
        }
        $this->assertNull($fit->worst);
        $this->assertEqualsWithDelta(0.0, sin(($expect['turn_rad'] - $fit->turn) / 2), 1e-9);
        $this->assertEqualsWithDelta([$expect['origin']['east'], $expect['origin']['north']], [$fit->origin->x, $fit->origin->y], 1e-4);
        $this->assertSame([count($input['out'] ?? []), count($input['back'] ?? [])], [count($expect['out']), count($expect['back'])]);
        foreach ($input['out'] ?? [] as $i => $point) {
            $world = $fit->toWorld(new Vector($point['x'], $point['y']));
            $this->assertEqualsWithDelta([$expect['out'][$i]['east'], $expect['out'][$i]['north']], [$world->x, $world->y], 1e-4);
            $this->assertNumber($expect['out'][$i]['height'] ?? null, $fit->heightToWorld($point['z'] ?? 0.0));
        }
        foreach ($input['back'] ?? [] as $i => $point) {
            $plan = $fit->toPlan(new Vector($point['east'], $point['north']));
            $this->assertEqualsWithDelta([$expect['back'][$i]['x'], $expect['back'][$i]['y']], [$plan->x, $plan->y], 1e-4);
            $this->assertNumber($expect['back'][$i]['z'] ?? null, isset($point['height']) ? $fit->heightToPlan($point['height']) : null);
        }
    }

    /** Seed 18: wherever it lies and however it is turned, what goes out comes back; a point that is wrong by half a metre is named. */
    public function test_there_and_back_is_the_same_and_a_wrong_point_is_named(): void
    {
        $dice = new Randomizer(new Mt19937(18));
        for ($round = 0; $round < 60; $round++) {
            [$turn, $origin, $factor] = [$dice->getInt(-3141, 3141) / 1000, new Vector($dice->getInt(0, 900_000_000), $dice->getInt(0, 900_000_000)), 1 + $dice->getInt(-400, 400) / 1e6];
            $points = [];
            for ($i = 0; $i < 5; $i++) {
                $plan = new Vector(4000.0 * $i + $dice->getInt(0, 900), $dice->getInt(0, 12_000));
                $points["P{$i}"] = [$plan, $origin->plus($plan->turned($turn)->times($factor))];
            }
            $fit = new WorldFit($points, 6.0, $factor);
            $this->assertTrue($fit->fits);
            $at = new Vector($dice->getInt(-9000, 9000), $dice->getInt(-9000, 9000));
            $this->assertEqualsWithDelta(0.0, $fit->toPlan($fit->toWorld($at))->minus($at)->length(), 1e-5);
            $wrong = 'P'.$dice->getInt(0, 4);
            $points[$wrong][1] = $points[$wrong][1]->plus((new Vector(500.0, 0.0))->turned($dice->getInt(0, 6283) / 1000));
            $bad = new WorldFit($points, 6.0, $factor);
            $this->assertSame([false, $wrong, true], [$bad->fits, $bad->worst, $bad->restFits]);
        }
    }
}
