<?php

declare(strict_types=1);

namespace Aequus\Adjust\Placement;

use Aequus\Measure\Vector;

/**
 * Where a plan lies in the world: turned and shifted by the best fit over points that both know, never stretched or mirrored. Millimetres; grid
 * distance is taken as ground distance unless a factor is given.
 */
final readonly class WorldFit
{
    /** How many tolerances a distance or a point may be off. */
    private const OFF = 3.0;

    /** Radians, counter-clockwise from the plan’s x to east, in (−π, π]. */
    public float $turn;

    /** Of the distances in the world to those of the plan, the factor taken out. */
    public float $ratio;

    /** Where the plan’s zero lies. */
    public Vector $origin;

    /** @var array<string, Vector> computed less observed, by the name of the point */
    public array $residuals;

    /** Whether distances and points agree within three tolerances. */
    public bool $fits;

    /** The point without which the rest agrees best; null with fewer than three, or where all agree. */
    public ?string $worst;

    /** Whether the rest then agrees; null where no point is named. */
    public ?bool $restFits;

    /**
     * @param  array<string, array{Vector, Vector}>  $points  on the plan and in the world, by name
     * @param  float  $tolerance  mm
     * @param  float  $factor  of grid to ground distance
     * @param  ?array{float, float}  $benchmark  its height in the plan and in the world; null where heights are not carried over
     *
     * @throws PlacementRefused when fewer than two points are known, all are one, or the factor is none
     */
    public function __construct(
        array $points, private float $tolerance, private float $factor = 1.0, private ?array $benchmark = null, bool $isTrial = false,
    ) {
        if ($factor <= 0.0) {
            throw PlacementRefused::because(PlacementRefusal::FactorOfNothing);
        }
        if (count($points) < 2) {
            throw PlacementRefused::because(PlacementRefusal::FewerThanTwoPoints);
        }
        $plan = self::middle(array_column($points, 0));
        $world = self::middle(array_column($points, 1));
        $sine = $cosine = $spread = 0.0;
        foreach ($points as [$p, $q]) {
            [$p, $q] = [$p->minus($plan), $q->minus($world)];
            $sine += $p->x * $q->y - $p->y * $q->x;
            $cosine += $p->x * $q->x + $p->y * $q->y;
            $spread += $p->x ** 2 + $p->y ** 2;
        }
        if ($spread <= 0.0) {
            throw PlacementRefused::because(PlacementRefusal::AllPointsAreOne);
        }
        $this->turn = atan2($sine, $cosine);
        $this->ratio = hypot($sine, $cosine) / $spread / $factor;
        $this->origin = $world->minus($this->turned($plan));
        $this->residuals = array_map(fn (array $each) => $this->toWorld($each[0])->minus($each[1]), $points);
        $this->fits = abs($this->ratio - 1) <= self::OFF * $tolerance / self::longest(array_column($points, 0))
            && max(array_map(fn (Vector $off) => $off->length(), $this->residuals)) <= self::OFF * $tolerance;
        [$this->worst, $this->restFits] = $this->fits || $isTrial || count($points) < 3 ? [null, null] : $this->without($points);
    }

    public function toWorld(Vector $plan): Vector
    {
        return $this->origin->plus($this->turned($plan));
    }

    public function toPlan(Vector $world): Vector
    {
        return $world->minus($this->origin)->times(1 / $this->factor)->turned(-$this->turn);
    }

    /** @return ?float null without a benchmark */
    public function heightToWorld(float $plan): ?float
    {
        return $this->benchmark === null ? null : $plan + $this->benchmark[1] - $this->benchmark[0];
    }

    public function heightToPlan(float $world): ?float
    {
        return $this->benchmark === null ? null : $world - $this->benchmark[1] + $this->benchmark[0];
    }

    private function turned(Vector $plan): Vector
    {
        return $plan->turned($this->turn)->times($this->factor);
    }

    /**
     * @param  array<string, array{Vector, Vector}>  $points
     * @return array{?string, ?bool}
     */
    private function without(array $points): array
    {
        [$least, $worst, $fits] = [INF, null, null];
        foreach (array_keys($points) as $name) {
            try {
                $rest = new self(array_diff_key($points, [$name => true]), $this->tolerance, $this->factor, null, true);
            } catch (PlacementRefused) {
                continue;
            }
            $sum = array_sum(array_map(fn (Vector $off) => $off->x ** 2 + $off->y ** 2, $rest->residuals));
            if ($sum < $least) {
                [$least, $worst, $fits] = [$sum, (string) $name, $rest->fits];
            }
        }

        return [$worst, $fits];
    }

    /** @param  list<Vector>  $points */
    private static function middle(array $points): Vector
    {
        $sum = Vector::zero();
        foreach ($points as $point) {
            $sum = $sum->plus($point);
        }

        return $sum->times(1 / count($points));
    }

    /** @param  list<Vector>  $points */
    private static function longest(array $points): float
    {
        $longest = 0.0;
        foreach ($points as $i => $one) {
            foreach (array_slice($points, $i + 1) as $other) {
                $longest = max($longest, $one->minus($other)->length());
            }
        }

        return $longest;
    }
}
