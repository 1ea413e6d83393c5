<?php

declare(strict_types=1);

namespace Tests\Core\Thing;

use Aequus\Measure\Length;
use Aequus\Plan\Footing\HoleSlack;
use Aequus\Plan\Posts\Section;
use Aequus\Thing\Place\Chain;
use Aequus\Thing\Place\ChainAsSet;
use Aequus\Thing\Place\HeightByRule;
use Aequus\Thing\Place\Reach;
use Aequus\Thing\Place\Surface;
use Aequus\Thing\Terms\Band;
use Aequus\Thing\Terms\InBand;
use Aequus\Thing\Terms\ThingRefused;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Expected;
use Tests\Vectors;
use Tests\VectorTestCase;

/** Places and heights by rule, against an independent computation. */
final class PlaceVectorsTest extends VectorTestCase
{
    protected const TOPIC = 'places';

    #[DataProvider('chains')]
    public function test_the_centre_behind_the_edge(array $input, Expected $expect): void
    {
        $this->refusedOr($expect, function () use ($input, $expect): void {
            $setback = isset($input['band']) ? $this->band($input)->chosen(self::mm($input['asked'] ?? null)) : self::mm($input['setback']);
            $reach = isset($input['reach_pairs']) ? $this->reach($input['reach_pairs'])->at(self::mm($input['height'])) : self::mm($input['reach']);
            $chain = new Chain(self::mm($input['edge']), $setback, $reach);
            foreach (['setback' => $chain->setback, 'reach' => $chain->reach, 'face' => $chain->face, 'centre' => $chain->centre] as $name => $is) {
                $this->assertLength($expect[$name], $is, $name);
            }
        });
    }

    #[DataProvider('asSet')]
    public function test_a_post_that_was_set_and_how_far_its_hole_mends_it(array $input, Expected $expect): void
    {
        $post = $input['post']['shape'] === 'round' ? Section::round(self::mm($input['post']['diameter']))
            : Section::rectangle(self::mm($input['post']['along']), self::mm($input['post']['across']));
        $hole = $input['hole'];
        $slack = $hole['shape'] === 'round' ? HoleSlack::round(self::mm($hole['diameter']), $post, self::mm($input['cover']))
            : HoleSlack::square(self::mm($hole['side']), $post, self::mm($input['cover']));
        $set = new ChainAsSet(
            self::mm($input['edge']), $this->band($input), self::mm($input['reach']), self::mm($input['measured_centre']), self::mm($hole['centre']), $slack->slack,
        );
        $this->assertSame($expect['verdict'], ['too_near', 'within', 'too_far'][array_search($set->verdict, InBand::cases(), true)]);
        foreach (['face' => $set->face, 'setback' => $set->setback, 'out_by' => $set->outBy(), 'move' => $set->move, 'slack' => $set->slack] as $name => $is) {
            $this->assertLength($expect[$name], $is, $name);
        }
        $this->assertSame($expect['cover_kept'], $set->coverKept);
        $this->assertLength($expect['move_allowed'] ?? null, $set->moveAllowed, 'move allowed');
        $this->assertLength($expect['still_out_by'] ?? null, $set->stillOutBy, 'still out by');
    }

    #[DataProvider('heights')]
    public function test_the_top_under_what_a_rule_speaks_of(array $input, Expected $expect): void
    {
        $this->refusedOr($expect, function () use ($input, $expect): void {
            $rule = new HeightByRule($this->surface($input), $this->band($input)->chosen(self::mm($input['asked'] ?? null)), self::mm($input['offset']));
            foreach (['surface' => $rule->surface, 'height' => $rule->height, 'feature' => $rule->feature, 'top' => $rule->top] as $name => $is) {
                $this->assertLength($expect[$name], $is, $name);
            }
        });
    }

    #[DataProvider('heightsAsSet')]
    public function test_a_top_that_was_set_over_its_surface(array $input, Expected $expect): void
    {
        $height = HeightByRule::asSet($this->surface($input), self::mm($input['top']), self::mm($input['offset']));
        $band = $this->band($input);
        $this->assertLength($expect['height'], $height, 'height');
        $this->assertSame($expect['verdict'], ['too_low', 'within', 'too_high'][array_search($band->where($height), InBand::cases(), true)]);
        $this->assertLength($expect['out_by'], $band->change($height)->magnitude(), 'out by');
        $this->assertLength($expect['change_of_top'], $band->change($height), 'change of top');
    }

    #[DataProvider('reaches')]
    public function test_what_an_arm_reaches_at_its_heights(array $input, Expected $expect): void
    {
        $this->refusedOr($expect, function () use ($input, $expect): void {
            $reach = $this->reach($input['pairs']);
            $behind = $reach->centreBehind(self::mm($input['height']), self::mm($input['inside']));
            $stands = self::mm($input['measured_behind'] ?? null) ?? $behind;
            $others = array_map(fn (float $height) => $reach->inside(self::mm($height), $stands), $input['others'] ?? []);
            $this->assertLength($expect['reach'], $reach->at(self::mm($input['height'])), 'reach');
            $this->assertLength($expect['centre_behind'], $behind, 'centre behind');
            $this->assertLength($expect['inside'], $reach->inside(self::mm($input['height']), $stands), 'inside');
            $this->assertCount(count($expect['others']), $others);
            foreach ($expect['others'] as $i => $other) {
                $this->assertLength($other['inside'], $others[$i], "inside at {$other['height']}");
            }
        });
    }

    public static function chains(): Generator
    {
        return Vectors::of('places', 'chain');
    }

    public static function asSet(): Generator
    {
        return Vectors::of('places', 'chain_as_set');
    }

    public static function heights(): Generator
    {
        return Vectors::of('places', 'height_band');
    }

    public static function heightsAsSet(): Generator
    {
        return Vectors::of('places', 'height_as_set');
    }

    public static function reaches(): Generator
    {
        return Vectors::of('places', 'reach');
    }

    private function band(array $input): Band
    {
        return isset($input['band']) ? new Band(self::mm($input['band'][0]), self::mm($input['band'][1]))
            : Band::about(self::mm($input['setback']), self::mm($input['tolerance'] ?? 0.0));
    }

    private function reach(array $pairs): Reach
    {
        return new Reach(array_map(fn (array $pair) => [self::mm($pair['height']), self::mm($pair['reach'])], $pairs));
    }

    private function surface(array $input): Length
    {
        if (! is_array($input['surface'])) {
            return Surface::level(self::mm($input['surface']))->at(self::mm(7.0));
        }
        [$one, $other] = $input['surface'];

        return Surface::between(self::mm($one['at']), self::mm($one['height']), self::mm($other['at']), self::mm($other['height']))->at(self::mm($input['at']));
    }

    private function refusedOr(Expected $expect, callable $do): void
    {
        try {
            $do();
        } catch (ThingRefused) {
            $this->assertTrue(isset($expect['refused']) && $expect['refused'] !== '');

            return;
        }
        $this->assertFalse(isset($expect['refused']), 'it should be refused');
    }
}
