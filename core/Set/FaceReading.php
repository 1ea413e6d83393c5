<?php

declare(strict_types=1);

namespace Aequus\Set;

use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Measure\Vector;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Terms\SideNames;

/**
 * A lean read on one face of a post: toward it or away from it by a level’s edge, along it by a string, a bob or the eye. The side the top goes
 * to gives the axis. On a round pole along any direction.
 */
final readonly class FaceReading
{
    /**
     * @param  ?float  $bearing  of the lean on a round pole, degrees from +x toward +y; null on a face
     * @param  float  $turn  of the post’s faces out of the job’s directions, radians
     * @param  float  $sigma  standard deviation of the slope; zero where it is taken as it was read
     */
    private function __construct(
        public Side $face, public Side $leansToward, public Slope $slope, private ?float $bearing = null, public float $sigma = 0.0,
        private float $turn = 0.0,
    ) {
    }

    /** @throws PlumbRefused when the slope was read over no length */
    public static function gap(Side $face, Side $leansToward, Length $gap, Length $level, SideNames $names): self
    {
        if (! $level->isPositive()) {
            throw PlumbRefused::noLevelLength($names->nameOf($face));
        }

        return self::slope($face, $leansToward, Slope::fromGap($gap, $level));
    }

    /** @param  float  $turn  of the post’s faces out of the job’s directions, radians */
    public static function slope(Side $face, Side $leansToward, Slope $slope, float $sigma = 0.0, float $turn = 0.0): self
    {
        return new self($face, $leansToward, $slope, sigma: $sigma, turn: $turn);
    }

    /** On a round pole, which has no faces: the level held along any direction. */
    public static function along(float $bearing, Slope $slope, float $sigma = 0.0): self
    {
        $along = Vector::toward(deg2rad($bearing));
        $toward = abs($along->x) >= abs($along->y) ? Side::alongX($along->x) : Side::alongY($along->y);

        return new self($toward, $toward, $slope, $bearing, $sigma);
    }

    /** Unit vector of the lean. */
    public function direction(): Vector
    {
        return match (true) {
            $this->bearing !== null => Vector::toward(deg2rad($this->bearing)),
            $this->leansToward->isAlongX() => Vector::toward($this->turn)->times($this->leansToward->sign()),
            default => Vector::toward($this->turn)->left()->times($this->leansToward->sign()),
        };
    }

    /** Toward +x or +y positive. */
    public function signed(): float
    {
        return $this->leansToward->sign() * $this->slope->ratio;
    }
}
