<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Frame\Frames;
use Aequus\Frame\InSpace;
use Aequus\Frame\Piece;
use Aequus\Frame\Solid;
use Aequus\Logbook\Log;
use App\Demo\BirdHide;
use App\Demo\LoadDemo;
use App\Drawing\DrawnOver;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What is drawn last over a place is what a line of sight through that place meets first. */
final class DrawnOverTest extends TestCase
{
    #[TestWith([30.0, 25.0])]
    #[TestWith([-60.0, 25.0])]
    #[TestWith([150.0, 25.0])]
    #[TestWith([0.0, 90.0])]
    #[TestWith([0.0, 0.0])]
    #[TestWith([90.0, 0.0])]
    #[TestWith([180.0, 0.0])]
    public function test_the_nearest_is_drawn_last(float $turn, float $down): void
    {
        $looked = 0;
        for ($seed = 1; $seed <= 4; $seed++) {
            $boxes = self::apart(new Randomizer(new Mt19937($seed)));
            $place = array_flip(self::order($boxes, $turn, $down));
            [$across, $drop, $away] = self::sight($turn, $down);
            for ($i = 0; $i < 400; $i++) {
                // From the middle of some box, a little beside, toward whoever looks.
                $middle = $boxes[$i % count($boxes)][0]->middle();
                $entries = [];
                foreach ($boxes as $k => [$box]) {
                    $enters = self::enters($box, [$middle->x + ($i % 7) * 11 * $across[0] + ($i % 5) * 13 * $drop[0], $middle->y + ($i % 7) * 11 * $across[1] + ($i % 5) * 13 * $drop[1], $middle->z + ($i % 5) * 13 * $drop[2]], $away);
                    $entries += $enters === null ? [] : [$k => $enters];
                }
                if (count($entries) > 1) {
                    $looked++;
                    asort($entries);
                    $last = array_keys($entries);
                    usort($last, fn (int $a, int $b) => $place[$b] <=> $place[$a]);
                    $this->assertSame(array_key_first($entries), $last[0], "seed {$seed}, line {$i}");
                }
            }
        }
        $this->assertGreaterThan(100, $looked);
    }

    /** A post 140 square, and a beam 45 wide let into its face toward −y: over the post from there, behind it from the other side, and its end before it from the end. */
    public function test_a_beam_in_a_notch_lies_on_the_side_it_is_let_into(): void
    {
        $post = [new Solid(new InSpace(0.0, 0.0, 0.0), new InSpace(0.0, 0.0, 0.0), 140.0, 2400.0), 'post', 0];
        $beam = [new Solid(new InSpace(-300.0, -47.5, 2205.0), new InSpace(3000.0, -47.5, 2205.0), 45.0, 195.0), 'beam', 2];
        foreach ([[-30.0, 25.0, [0, 1]], [30.0, 25.0, [0, 1]], [150.0, 25.0, [1, 0]], [210.0, 25.0, [1, 0]], [0.0, 0.0, [0, 1]], [270.0, 0.0, [0, 1]]] as [$turn, $down, $order]) {
            $this->assertSame($order, self::order([$post, $beam], $turn, $down), "{$turn}, {$down}");
        }
    }

    /** A rafter that falls over its beam reaches past it on every axis: looked down on it lies over it. */
    public function test_what_lies_higher_covers_what_carries_it(): void
    {
        $rafter = [new Solid(new InSpace(500.0, -300.0, 2400.0), new InSpace(500.0, 3300.0, 2000.0), 45.0, 145.0), 'rafter', 3];
        $beam = [new Solid(new InSpace(0.0, 0.0, 2170.0), new InSpace(4800.0, 0.0, 2170.0), 90.0, 195.0), 'beam', 2];
        $this->assertSame([1, 0], self::order([$rafter, $beam], 30.0, 25.0));
        $this->assertSame([0, 1], self::order([$beam, $rafter], 210.0, 25.0));
    }

    /** A sheet that falls lies lower at its eaves than the head of the post under its ridge: it covers that post all the same, and the purlins on it. */
    public function test_a_sloped_roof_covers_the_posts_under_its_high_side(): void
    {
        $post = fn (float $y, float $high): array => [new Solid(new InSpace(0.0, $y, 0.0), new InSpace(0.0, $y, 0.0), 140.0, $high), 'post', 0];
        $purlin = fn (float $y, float $z): array => [new Solid(new InSpace(-300.0, $y, $z), new InSpace(3000.0, $y, $z), 70.0, 45.0), 'purlin', 5];
        $sheets = array_map(fn (float $x): array => [new Solid(new InSpace($x, -400.0, 2190.0), new InSpace($x, 3400.0, 2690.0), 1000.0, 1.0), 'sheet', 7], [0.0, 1000.0, 2000.0]);
        foreach ([-30.0, 60.0, 150.0, 240.0] as $turn) {
            $order = self::order([...$sheets, $purlin(0.0, 2195.0), $purlin(1500.0, 2395.0), $purlin(3000.0, 2595.0), $post(0.0, 2050.0), $post(3000.0, 2450.0)], $turn, 25.0);
            $this->assertEqualsCanonicalizing([0, 1, 2], array_slice($order, -3), "{$turn}");
            $this->assertEqualsCanonicalizing([6, 7], array_slice($order, 0, 2), "{$turn}");
        }
    }

    /** Over a whole roof whose tops fall: layer over layer, whatever its members’ boxes do. */
    public function test_of_a_falling_roof_each_layer_covers_the_one_below(): void
    {
        $plan = BirdHide::job(LoadDemo::SEED, '2026-05-01')->plan;
        $frame = Frames::onGrid($plan, $plan->frame ?? $this->fail(), new Log([]))[0];
        $lies = array_flip(['beam', 'joist', 'purlin', 'sheet']);
        $solids = array_values(array_map(fn (Piece $piece) => [$piece->solid, $piece->layer->kind->value, $lies[$piece->layer->kind->value] + 2], array_filter(
            $frame->pieces, fn (Piece $piece) => isset($lies[$piece->layer->kind->value]),
        )));
        foreach ([-30.0, 60.0, 150.0, 240.0] as $turn) {
            $layers = array_map(fn (int $i) => $solids[$i][2], self::order($solids, $turn, 25.0));
            $sorted = $layers;
            sort($sorted);
            $this->assertSame($sorted, $layers);
        }
        $this->assertSame([2, 3, 4, 5], array_values(array_unique($sorted)));
    }

    /** @return array{array{float, float, float}, array{float, float, float}, array{float, float, float}} what runs across the paper, down it, and away */
    private static function sight(float $turn, float $down): array
    {
        [$t, $d] = [deg2rad($turn), deg2rad($down)];

        return [[cos($t), sin($t), 0.0], [sin($t) * sin($d), -cos($t) * sin($d), -cos($d)], [-sin($t) * cos($d), cos($t) * cos($d), -sin($d)]];
    }

    /**
     * @param  list<array{Solid, string, int}>  $boxes
     * @return list<int>
     */
    private static function order(array $boxes, float $turn, float $down): array
    {
        $sight = self::sight($turn, $down);
        $seen = fn (InSpace $at): array => array_map(fn (array $axis) => $axis[0] * $at->x + $axis[1] * $at->y + $axis[2] * $at->z, $sight);

        return (new DrawnOver($boxes, array_map(fn (array $box) => array_map($seen, $box[0]->corners()), $boxes), $sight[2], $down > 0.0))->order();
    }

    /**
     * Where a line of sight enters a box, by its slabs; null where it misses.
     *
     * @param  array{float, float, float}  $through
     * @param  array{float, float, float}  $away
     */
    private static function enters(Solid $box, array $through, array $away): ?float
    {
        $corners = $box->corners();
        [$from, $to] = [-INF, INF];
        foreach ([fn (InSpace $at) => $at->x, fn (InSpace $at) => $at->y, fn (InSpace $at) => $at->z] as $i => $axis) {
            [$low, $high] = [min(array_map($axis, $corners)) - $through[$i], max(array_map($axis, $corners)) - $through[$i]];
            if (abs($away[$i]) < 1e-9) {
                [$from, $to] = $low < 0 && $high > 0 ? [$from, $to] : [INF, -INF];

                continue;
            }
            [$from, $to] = [max($from, min($low / $away[$i], $high / $away[$i])), min($to, max($low / $away[$i], $high / $away[$i]))];
        }

        return $to - $from > 1.0 ? $from : null;
    }

    /** @return list<array{Solid, string, int}> posts, beams and boards of any size, none in another, and no three that cover each other round */
    private static function apart(Randomizer $random): array
    {
        $boxes = [];
        for ($x = 0; $x < 4; $x++) {
            for ($y = 0; $y < 3; $y++) {
                [$at, $wide] = [new InSpace($x * 500.0 + $random->getInt(-80, 80), $y * 500.0 + $random->getInt(-80, 80), 0.0), (float) $random->getInt(20, 160)];
                $boxes[] = [new Solid($at, $at, $wide, (float) $random->getInt(300, 1000)), 'post', 0];
            }
        }
        for ($y = 0; $y < 3; $y++) {
            $across = $y * 500.0 + $random->getInt(-100, 100);
            $boxes[] = [new Solid(new InSpace(-200.0, $across, 1000.0), new InSpace(1700.0, $across, 1000.0), (float) $random->getInt(20, 120), 150.0), 'beam', 2];
        }
        for ($x = 0; $x < 6; $x++) {
            $boxes[] = [new Solid(new InSpace($x * 300.0, -200.0, 1150.0), new InSpace($x * 300.0, 1300.0, 1150.0), 45.0, 100.0), 'joist', 3];
        }

        return $boxes;
    }
}
