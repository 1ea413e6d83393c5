<?php

declare(strict_types=1);

namespace Aequus\Adjust\Placement;

use Aequus\Measure\Vector;

/**
 * By how much a move counts for more or less than its length: with a tolerance of its own, so that it compares with that of the job; and less along
 * one direction than across it. A symmetric linear map.
 */
final readonly class Stretch
{
    private function __construct(public float $xx, public float $xy, public float $yy)
    {
    }

    /**
     * Components along are multiplied by the job’s tolerance over that along, those across by the job’s over that across.
     *
     * @param  ?Vector  $direction  unit vector; null where both are alike
     */
    public static function of(float $tolerance, float $across, float $along, ?Vector $direction): self
    {
        [$u, $a, $c] = [$direction ?? new Vector(1.0, 0.0), $tolerance / ($direction === null ? $across : $along), $tolerance / $across];

        return new self($a * $u->x ** 2 + $c * $u->y ** 2, ($a - $c) * $u->x * $u->y, $a * $u->y ** 2 + $c * $u->x ** 2);
    }

    /** The same about a design that is turned on the ground. */
    public function turned(float $angle): self
    {
        [$c, $s] = [cos($angle), sin($angle)];

        return new self(
            $c * $c * $this->xx - 2 * $c * $s * $this->xy + $s * $s * $this->yy,
            $c * $s * ($this->xx - $this->yy) + ($c * $c - $s * $s) * $this->xy,
            $s * $s * $this->xx + 2 * $c * $s * $this->xy + $c * $c * $this->yy,
        );
    }

    public function move(Vector $move): Vector
    {
        return new Vector($this->xx * $move->x + $this->xy * $move->y, $this->xy * $move->x + $this->yy * $move->y);
    }

    /**
     * M·Σ·Mᵀ
     *
     * @param  array{float, float, float}  $covariance  xx, xy, yy
     * @return array{float, float, float}
     */
    public function covariance(array $covariance): array
    {
        [$xx, $xy, $yy] = $covariance;
        [$first, $second] = [$this->move(new Vector($xx, $xy)), $this->move(new Vector($xy, $yy))];
        [$top, $bottom] = [$this->move(new Vector($first->x, $second->x)), $this->move(new Vector($first->y, $second->y))];

        return [$top->x, ($top->y + $bottom->x) / 2, $bottom->y];
    }
}
