<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Measure\Vector;

/** The ground as a surface of triangles between points whose height is known (a triangulated irregular network). Millimetres. */
final readonly class GroundSurface
{
    /** Standard deviation of a survey’s surface, mm: a rule of thumb for scans and contours. */
    public const READING = 20.0;

    /** So little outside a triangle still counts as its edge, mm: files round what they say. */
    private const EDGE = 1.0;

    /**
     * @param  list<array{Vector, float}>  $points  place and height
     * @param  list<array{int, int, int}>  $triangles  of three points each, by their number
     */
    public function __construct(public array $points, public array $triangles)
    {
    }

    /**
     * Triangles that no other point lies in the circle of (Delaunay): a point more is put in by taking out those whose circle it lies in (Bowyer and
     * Watson).
     *
     * @param  list<array{Vector, float}>  $points
     */
    public static function between(array $points): self
    {
        $places = array_map(fn (array $point) => $point[0], $points);
        $count = count($places);
        if ($count < 3) {
            return new self($points, []);
        }
        [$least, $greatest] = Vector::extent($places);
        $far = 2000 * max(1.0, $greatest->x - $least->x, $greatest->y - $least->y);
        $places = [
            ...$places, new Vector($least->x - $far, $least->y - $far), new Vector($greatest->x + $far, $least->y - $far),
            new Vector(($least->x + $greatest->x) / 2, $greatest->y + $far),
        ];
        $triangles = [[$count, $count + 1, $count + 2]];
        for ($i = 0; $i < $count; $i++) {
            $edges = $kept = [];
            foreach ($triangles as $triangle) {
                if (! self::isInCircle($places[$i], $places[$triangle[0]], $places[$triangle[1]], $places[$triangle[2]])) {
                    $kept[] = $triangle;

                    continue;
                }
                foreach ([[0, 1], [1, 2], [2, 0]] as [$one, $other]) {
                    $edge = min($triangle[$one], $triangle[$other]).'-'.max($triangle[$one], $triangle[$other]);
                    $edges[$edge] = isset($edges[$edge]) ? null : [$triangle[$one], $triangle[$other]];
                }
            }
            $triangles = $kept;
            // An edge of two of them lies inside the hole.
            foreach (array_filter($edges) as [$from, $to]) {
                $triangles[] = [$from, $to, $i];
            }
        }

        return new self(
            $points,
            array_values(array_filter($triangles, fn (array $triangle) => max($triangle) < $count && self::turn($places, $triangle) !== 0.0)),
        );
    }

    /** In the plane of the triangle it lies in; null where it lies in none. */
    public function heightAt(Vector $at): ?float
    {
        foreach ($this->triangles as [$a, $b, $c]) {
            [[$one, $oneHigh], [$two, $twoHigh], [$three, $threeHigh]] = [$this->points[$a], $this->points[$b], $this->points[$c]];
            $whole = $two->minus($one)->cross($three->minus($one));
            if ($whole === 0.0) {
                continue;
            }
            $first = $two->minus($at)->cross($three->minus($at)) / $whole;
            $second = $three->minus($at)->cross($one->minus($at)) / $whole;
            $third = 1 - $first - $second;
            // A share times the triangle’s height over that side is how far within it lies.
            $within = fn (float $share, Vector $from, Vector $to): float => $share * abs($whole) / max(1e-9, $to->minus($from)->length());
            if (min($within($first, $two, $three), $within($second, $three, $one), $within($third, $one, $two)) >= -self::EDGE) {
                return $first * $oneHigh + $second * $twoHigh + $third * $threeHigh;
            }
        }

        return null;
    }

    private static function isInCircle(Vector $at, Vector $a, Vector $b, Vector $c): bool
    {
        [$a, $b, $c] = [$a->minus($at), $b->minus($at), $c->minus($at)];
        $inside = $a->dot($a) * $b->cross($c) - $b->dot($b) * $a->cross($c) + $c->dot($c) * $a->cross($b);

        return $inside * ($b->minus($a)->cross($c->minus($a)) > 0 ? 1 : -1) > 0;
    }

    /**
     * @param  list<Vector>  $places
     * @param  array{int, int, int}  $triangle
     */
    private static function turn(array $places, array $triangle): float
    {
        return $places[$triangle[1]]->minus($places[$triangle[0]])->cross($places[$triangle[2]]->minus($places[$triangle[0]]));
    }
}
