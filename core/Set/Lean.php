<?php

declare(strict_types=1);

namespace Aequus\Set;

use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Terms\Shift;

/** Which way a post leans, from readings on its faces. An axis nobody read counts as plumb, and the post as half known. */
final readonly class Lean
{
    private const HAIR = 1e-12;

    /** Directions closer together than about ten degrees tell no more than one. */
    private const NARROW = 0.0075;

    private function __construct(
        /** Toward +x positive, rise over run. */
        public float $slopeX,
        /** Toward +y positive. */
        public float $slopeY,
        public bool $xRead,
        public bool $yRead,
        /** Standard deviation of the larger part, rise over run; zero where nothing was read roughly. */
        public float $sigma = 0.0,
    ) {
    }

    /**
     * The vector that fits all readings best by least squares: several along one axis, such as a level turned end for end or two opposite faces, are
     * averaged; on a round pole any two directions tell it.
     *
     * @param  list<FaceReading>  $readings
     */
    public static function from(array $readings): self
    {
        $xx = $xy = $yy = $xs = $ys = 0.0;
        foreach ($readings as $reading) {
            [$ux, $uy] = [$reading->direction()->x, $reading->direction()->y];
            [$xx, $xy, $yy] = [$xx + $ux * $ux, $xy + $ux * $uy, $yy + $uy * $uy];
            [$xs, $ys] = [$xs + $ux * $reading->slope->ratio, $ys + $uy * $reading->slope->ratio];
        }
        $spread = $xx * $yy - $xy * $xy;
        if ($spread > self::NARROW * ($xx + $yy) ** 2) {
            $sigma = self::sigma($readings, $yy / $spread, -$xy / $spread, $xx / $spread);

            return new self(($yy * $xs - $xy * $ys) / $spread, ($xx * $ys - $xy * $xs) / $spread, true, true, $sigma);
        }
        $sum = $xx + $yy;

        // All along one line: nothing is known across it.
        return $sum <= 0.0 ? new self(0.0, 0.0, false, false) : new self(
            $xs / $sum, $ys / $sum, $xx >= $yy, $yy > $xx, self::sigma($readings, 1 / $sum, 0.0, 1 / $sum),
        );
    }

    /**
     * Carried on from those of the readings.
     *
     * @param  list<FaceReading>  $readings
     * @param  float  $a  with $b and $c what turns sums of readings into the lean: a symmetric matrix [a b; b c]
     */
    private static function sigma(array $readings, float $a, float $b, float $c): float
    {
        $x = $y = 0.0;
        foreach ($readings as $reading) {
            [$ux, $uy] = [$reading->direction()->x, $reading->direction()->y];
            $x += (($a * $ux + $b * $uy) * $reading->sigma) ** 2;
            $y += (($b * $ux + $c * $uy) * $reading->sigma) ** 2;
        }

        return sqrt(max($x, $y));
    }

    public static function slopes(float $x, float $y): self
    {
        return new self($x, $y, true, true);
    }

    /** What turning the level on one face says of the level itself: a slope toward the side of the first reading. */
    public static function ownError(FaceReading $first, FaceReading $turned): float
    {
        return ($first->signed() - $turned->signed()) / 2 * $first->leansToward->sign();
    }

    /**
     * The mean drift of the fills seen so far; null until there are three.
     *
     * @param  list<self>  $seen
     */
    public static function expectedDrift(array $seen): ?self
    {
        $n = count($seen);

        return $n < 3 ? null : self::slopes(
            array_sum(array_map(fn (self $lean) => $lean->slopeX, $seen)) / $n,
            array_sum(array_map(fn (self $lean) => $lean->slopeY, $seen)) / $n,
        );
    }

    public function isHalfKnown(): bool
    {
        return ! $this->xRead || ! $this->yRead;
    }

    public function isUnread(): bool
    {
        return ! $this->xRead && ! $this->yRead;
    }

    public function size(): float
    {
        return hypot($this->slopeX, $this->slopeY);
    }

    public function isWithin(int $oneIn): bool
    {
        return $this->size() <= (1 + self::HAIR) / $oneIn;
    }

    /** With 95 % where it was read roughly. */
    public function isSurelyWithin(int $oneIn): bool
    {
        return $this->size() + 2 * $this->sigma <= (1 + self::HAIR) / $oneIn;
    }

    /** The same in directions that are turned, counter-clockwise. */
    public function turned(float $angle): self
    {
        $turned = (new Vector($this->slopeX, $this->slopeY))->turned($angle);

        return new self($turned->x, $turned->y, $this->xRead, $this->yRead, $this->sigma);
    }

    public function since(self $before): self
    {
        return self::slopes($this->slopeX - $before->slopeX, $this->slopeY - $before->slopeY);
    }

    public function outOfPlumb(Length $abovePivot): Length
    {
        return $abovePivot->times($this->size());
    }

    /** @return list<Shift> where a point so high above the pivot has gone, the larger part first; of equal parts x first */
    public function at(Length $abovePivot): array
    {
        return Shift::parts($abovePivot->times($this->slopeX), $abovePivot->times($this->slopeY));
    }

    /** @return list<Shift> how far to pull that point back, the larger part first */
    public function pullAt(Length $abovePivot): array
    {
        return array_map(fn (Shift $part) => $part->back(), $this->at($abovePivot));
    }
}
