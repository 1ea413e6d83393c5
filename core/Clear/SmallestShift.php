<?php

declare(strict_types=1);

namespace Aequus\Clear;

use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Terms\Point;

/**
 * The smallest shift of holes that takes all of them out of every no-dig band. Every hole against every straight piece of a line forbids a
 * capsule of shifts; the smallest allowed one lies on the rim of a capsule, nearest to no shift at all, or where two rims cross.
 */
final class SmallestShift
{
    /** Kept beyond the band itself, so that rounding to a mark does not bring the hole back in, mm. */
    private const BEYOND = 0.01;

    /** @var list<array{Vector, Vector, float}> from, to and radius, in shifts of the holes, mm */
    private array $capsules = [];

    /**
     * @param  list<Point>  $holes
     * @param  array<int, ServiceLine>  $services
     */
    private function __construct(array $holes, Length $radius, array $services)
    {
        foreach ($services as $service) {
            $points = array_map(fn (Point $point) => $point->inMillimetres(), $service->points);
            for ($i = 1; $i < count($points); $i++) {
                foreach ($holes as $hole) {
                    $at = $hole->inMillimetres();
                    $this->capsules[] = [
                        $points[$i - 1]->minus($at), $points[$i]->minus($at), $service->noDig->plus($radius)->inMillimetres() + self::BEYOND,
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
        $shift = (new self($holes, $radius, $services))->smallest();

        return new Point(Length::millimetres($shift->x), Length::millimetres($shift->y));
    }

    private function smallest(): Vector
    {
        if ($this->isAllowed(Vector::zero())) {
            return Vector::zero();
        }
        $best = null;
        $rims = array_merge(...array_map($this->rims(...), $this->capsules));
        foreach ($rims as $rim) {
            $best = $this->better($best, self::nearest($rim));
        }
        // Crossings matter only on rims that come nearer than the best found so far.
        $near = array_values(array_filter($rims, fn (array $rim) => $best === null || self::nearest($rim)->length() < $best->length()));
        foreach ($near as $i => $one) {
            for ($j = $i + 1; $j < count($near); $j++) {
                foreach (self::crossings($one, $near[$j]) as $crossing) {
                    $best = $this->better($best, $crossing);
                }
            }
        }

        return $best ?? Vector::zero();
    }

    private function better(?Vector $best, Vector $shift): ?Vector
    {
        return ($best === null || $shift->length() < $best->length() - 1e-9) && $this->isAllowed($shift) ? $shift : $best;
    }

    private function isAllowed(Vector $shift): bool
    {
        foreach ($this->capsules as [$from, $to, $radius]) {
            if (self::foot($from->minus($shift), $to->minus($shift))->length() < $radius - 1e-6) {
                return false;
            }
        }

        return true;
    }

    /**
     * Two straight sides and two round ends.
     *
     * @param  array{Vector, Vector, float}  $capsule
     * @return list<array{Vector, ?Vector, float}> a straight one from, to; a round one centre, null and radius
     */
    private function rims(array $capsule): array
    {
        [$from, $to, $radius] = $capsule;
        $across = $to->minus($from)->unit()->left()->times($radius);

        return [
            [$from->plus($across), $to->plus($across), 0.0], [$from->minus($across), $to->minus($across), 0.0], [$from, null, $radius],
            [$to, null, $radius],
        ];
    }

    /**
     * Its place nearest to no shift.
     *
     * @param  array{Vector, ?Vector, float}  $rim
     */
    private static function nearest(array $rim): Vector
    {
        [$from, $to, $radius] = $rim;
        if ($to !== null) {
            return self::foot($from, $to);
        }

        return $from->length() < 1e-9 ? new Vector($radius, 0.0) : $from->minus($from->unit()->times($radius));
    }

    /**
     * @param  array{Vector, ?Vector, float}  $one
     * @param  array{Vector, ?Vector, float}  $other
     * @return list<Vector>
     */
    private static function crossings(array $one, array $other): array
    {
        [[$a, $b, $r], [$c, $d, $s]] = [$one, $other];

        return match (true) {
            $b === null && $d === null => self::roundRound($a, $r, $c, $s),
            $b === null => self::roundStraight($a, $r, $c, $d),
            $d === null => self::roundStraight($c, $s, $a, $b),
            default => self::straightStraight($a, $b, $c, $d),
        };
    }

    /** @return list<Vector> */
    private static function straightStraight(Vector $a, Vector $b, Vector $c, Vector $d): array
    {
        $cross = $b->minus($a)->cross($d->minus($c));

        return abs($cross) < 1e-9 ? [] : [$a->plus($b->minus($a)->times($c->minus($a)->cross($d->minus($c)) / $cross))];
    }

    /** @return list<Vector> */
    private static function roundStraight(Vector $centre, float $radius, Vector $from, Vector $to): array
    {
        $along = $to->minus($from)->unit();
        $foot = $centre->minus($from)->dot($along);
        $half = $radius ** 2 - $centre->minus($from)->cross($along) ** 2;

        return $half < 0 ? [] : [$from->plus($along->times($foot - sqrt($half))), $from->plus($along->times($foot + sqrt($half)))];
    }

    /** @return list<Vector> */
    private static function roundRound(Vector $one, float $r, Vector $other, float $s): array
    {
        $apart = $other->minus($one)->length();
        if ($apart < 1e-9 || $apart > $r + $s || $apart < abs($r - $s)) {
            return [];
        }
        $toward = $other->minus($one)->unit();
        $along = ($apart ** 2 + $r ** 2 - $s ** 2) / (2 * $apart);
        $foot = $one->plus($toward->times($along));
        $off = $toward->left()->times(sqrt(max(0.0, $r ** 2 - $along ** 2)));

        return [$foot->plus($off), $foot->minus($off)];
    }

    /** Of a straight piece its place nearest to the origin. */
    private static function foot(Vector $from, Vector $to): Vector
    {
        $piece = $to->minus($from);
        $square = $piece->dot($piece);

        return $square < 1e-12 ? $from : $from->plus($piece->times(max(0.0, min(1.0, -$from->dot($piece) / $square))));
    }
}
