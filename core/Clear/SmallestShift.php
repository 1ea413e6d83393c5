<?php

declare(strict_types=1);

namespace Aequus\Clear;

use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Measure\Length;
use Aequus\Plan\Terms\Point;

/**
 * The smallest shift of holes that takes all of them out of every no-dig band. Every hole against every straight piece of a line forbids a
 * capsule of shifts; the smallest allowed one lies on the rim of a capsule, nearest to no shift at all, or where two rims cross.
 */
final class SmallestShift
{
    /** Kept beyond the band itself, so that rounding to a mark does not bring the hole back in, mm. */
    private const BEYOND = 0.01;

    /** @var list<array{float, float, float, float, float}> from x, y, to x, y, radius, in shifts of the holes, mm */
    private array $capsules = [];

    /**
     * @param  list<Point>  $holes
     * @param  array<int, ServiceLine>  $services
     */
    private function __construct(array $holes, Length $radius, array $services)
    {
        foreach ($services as $service) {
            for ($i = 1; $i < count($service->points); $i++) {
                foreach ($holes as $hole) {
                    $this->capsules[] = [
                        $service->points[$i - 1]->x->minus($hole->x)->inMillimetres(), $service->points[$i - 1]->y->minus($hole->y)->inMillimetres(),
                        $service->points[$i]->x->minus($hole->x)->inMillimetres(), $service->points[$i]->y->minus($hole->y)->inMillimetres(),
                        $service->noDig->plus($radius)->inMillimetres() + self::BEYOND,
                    ];
                }
            }
        }
    }

    /**
     * @param  list<Point>  $holes  that move together
     * @param  Length  $radius  of a hole
     * @param  array<int, ServiceLine>  $services
     * @return Point the shift; zero where every hole is clear
     */
    public static function of(array $holes, Length $radius, array $services): Point
    {
        $search = new self($holes, $radius, $services);
        [$x, $y] = $search->smallest();

        return new Point(Length::millimetres($x), Length::millimetres($y));
    }

    /** @return array{float, float} */
    private function smallest(): array
    {
        if ($this->isAllowed(0.0, 0.0)) {
            return [0.0, 0.0];
        }
        $best = null;
        $rims = array_merge(...array_map($this->rims(...), $this->capsules));
        foreach ($rims as $rim) {
            $best = $this->better($best, self::nearest($rim));
        }
        // Crossings matter only on rims that come nearer than the best found so far.
        $near = array_values(array_filter($rims, fn (array $rim) => $best === null || hypot(...self::nearest($rim)) < hypot(...$best)));
        foreach ($near as $i => $one) {
            for ($j = $i + 1; $j < count($near); $j++) {
                foreach (self::crossings($one, $near[$j]) as $crossing) {
                    $best = $this->better($best, $crossing);
                }
            }
        }

        return $best ?? [0.0, 0.0];
    }

    /**
     * @param  ?array{float, float}  $best
     * @param  array{float, float}  $shift
     * @return ?array{float, float}
     */
    private function better(?array $best, array $shift): ?array
    {
        return ($best === null || hypot(...$shift) < hypot(...$best) - 1e-9) && $this->isAllowed(...$shift) ? $shift : $best;
    }

    private function isAllowed(float $x, float $y): bool
    {
        foreach ($this->capsules as [$ax, $ay, $bx, $by, $radius]) {
            if (self::fromPiece($x, $y, $ax, $ay, $bx, $by) < $radius - 1e-6) {
                return false;
            }
        }

        return true;
    }

    /**
     * Two straight sides and two round ends.
     *
     * @param  array{float, float, float, float, float}  $capsule
     * @return list<array{string, float, float, float, float}> straight from x, y to x, y; round x, y, radius
     */
    private function rims(array $capsule): array
    {
        [$ax, $ay, $bx, $by, $r] = $capsule;
        $length = max(1e-9, hypot($bx - $ax, $by - $ay));
        [$nx, $ny] = [-($by - $ay) / $length * $r, ($bx - $ax) / $length * $r];

        return [
            ['straight', $ax + $nx, $ay + $ny, $bx + $nx, $by + $ny], ['straight', $ax - $nx, $ay - $ny, $bx - $nx, $by - $ny],
            ['round', $ax, $ay, $r, 0.0], ['round', $bx, $by, $r, 0.0],
        ];
    }

    /**
     * @param  array{string, float, float, float, float}  $rim
     * @return array{float, float} its place nearest to no shift
     */
    private static function nearest(array $rim): array
    {
        [$kind, $a, $b, $c, $d] = $rim;
        if ($kind === 'round') {
            $from = hypot($a, $b);

            return $from < 1e-9 ? [$c, 0.0] : [$a - $a / $from * $c, $b - $b / $from * $c];
        }
        $t = self::along($a, $b, $c, $d);

        return [$a + $t * ($c - $a), $b + $t * ($d - $b)];
    }

    /**
     * @param  array{string, float, float, float, float}  $one
     * @param  array{string, float, float, float, float}  $other
     * @return list<array{float, float}>
     */
    private static function crossings(array $one, array $other): array
    {
        return match (true) {
            $one[0] === 'round' && $other[0] === 'round' => self::roundRound($one, $other),
            $one[0] === 'round' => self::roundStraight($one, $other),
            $other[0] === 'round' => self::roundStraight($other, $one),
            default => self::straightStraight($one, $other),
        };
    }

    /**
     * @param  array{string, float, float, float, float}  $one
     * @param  array{string, float, float, float, float}  $other
     * @return list<array{float, float}>
     */
    private static function straightStraight(array $one, array $other): array
    {
        [[, $ax, $ay, $bx, $by], [, $cx, $cy, $dx, $dy]] = [$one, $other];
        $cross = ($bx - $ax) * ($dy - $cy) - ($by - $ay) * ($dx - $cx);
        if (abs($cross) < 1e-9) {
            return [];
        }
        $t = (($cx - $ax) * ($dy - $cy) - ($cy - $ay) * ($dx - $cx)) / $cross;

        return [[$ax + $t * ($bx - $ax), $ay + $t * ($by - $ay)]];
    }

    /**
     * @param  array{string, float, float, float, float}  $round
     * @param  array{string, float, float, float, float}  $straight
     * @return list<array{float, float}>
     */
    private static function roundStraight(array $round, array $straight): array
    {
        [[, $x, $y, $r], [, $ax, $ay, $bx, $by]] = [$round, $straight];
        $length = max(1e-9, hypot($bx - $ax, $by - $ay));
        [$ux, $uy] = [($bx - $ax) / $length, ($by - $ay) / $length];
        $foot = ($x - $ax) * $ux + ($y - $ay) * $uy;
        $half = $r ** 2 - (($x - $ax) * $uy - ($y - $ay) * $ux) ** 2;

        return $half < 0 ? [] : [
            [
                $ax + ($foot - sqrt($half)) * $ux, $ay + ($foot - sqrt($half)) * $uy,
            ], [$ax + ($foot + sqrt($half)) * $ux, $ay + ($foot + sqrt($half)) * $uy],
        ];
    }

    /**
     * @param  array{string, float, float, float, float}  $one
     * @param  array{string, float, float, float, float}  $other
     * @return list<array{float, float}>
     */
    private static function roundRound(array $one, array $other): array
    {
        [[, $x1, $y1, $r1], [, $x2, $y2, $r2]] = [$one, $other];
        $apart = hypot($x2 - $x1, $y2 - $y1);
        if ($apart < 1e-9 || $apart > $r1 + $r2 || $apart < abs($r1 - $r2)) {
            return [];
        }
        $along = ($apart ** 2 + $r1 ** 2 - $r2 ** 2) / (2 * $apart);
        $off = sqrt(max(0.0, $r1 ** 2 - $along ** 2));
        [$ux, $uy] = [($x2 - $x1) / $apart, ($y2 - $y1) / $apart];

        return [
            [$x1 + $along * $ux - $off * $uy, $y1 + $along * $uy + $off * $ux], [$x1 + $along * $ux + $off * $uy, $y1 + $along * $uy - $off * $ux],
        ];
    }

    private static function fromPiece(float $x, float $y, float $ax, float $ay, float $bx, float $by): float
    {
        $t = self::along($ax - $x, $ay - $y, $bx - $x, $by - $y);

        return hypot($ax + $t * ($bx - $ax) - $x, $ay + $t * ($by - $ay) - $y);
    }

    /** How far along a piece its place nearest to the origin lies, 0 to 1. */
    private static function along(float $ax, float $ay, float $bx, float $by): float
    {
        $square = ($bx - $ax) ** 2 + ($by - $ay) ** 2;

        return $square < 1e-12 ? 0.0 : max(0.0, min(1.0, -($ax * ($bx - $ax) + $ay * ($by - $ay)) / $square));
    }
}
