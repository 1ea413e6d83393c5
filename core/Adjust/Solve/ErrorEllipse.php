<?php

declare(strict_types=1);

namespace Aequus\Adjust\Solve;

/** How far, and in which direction, a place is left open: one standard deviation, in millimetres. */
final readonly class ErrorEllipse
{
    /** A ring of 95 % in the plane, in standard deviations of its worst direction. */
    public const RING = 2.45;

    /** Below this, mm, a place is exact: only rounding is left of it. */
    private const EXACT = 1e-5;

    /** Below this share of the larger one a variance is none at all. */
    private const NOTHING = 1e-9;

    /** @param  ?float  $bearing  of the longer axis, radians counter-clockwise from +x, 0 to below π; null when both are alike */
    private function __construct(
        public float $major,
        public float $minor,
        public ?float $bearing,
    ) {
    }

    /** From the variances of x and y and their covariance. */
    public static function of(float $xx, float $xy, float $yy): self
    {
        $middle = ($xx + $yy) / 2;
        $apart = hypot(($xx - $yy) / 2, $xy);
        if ($apart <= self::NOTHING * max($middle, 0.1)) {
            return new self(sqrt(max(0.0, $middle)), sqrt(max(0.0, $middle)), null);
        }
        $bearing = atan2(2 * $xy, $xx - $yy) / 2;

        return new self(sqrt($middle + $apart), sqrt(max(0.0, $middle - $apart)), $bearing < -1e-12 ? $bearing + M_PI : max(0.0, $bearing));
    }

    /** Radius of the ring that holds the place with 95 %. */
    public function ring(): float
    {
        return self::RING * $this->major;
    }

    /** Standard deviation along a direction, given by any vector; of the longer axis for none. */
    public function deviationAlong(float $x, float $y): float
    {
        $length = hypot($x, $y);
        if ($length <= 0.0) {
            return $this->major;
        }
        [$cosine, $sine] = [cos($this->bearing ?? 0.0), sin($this->bearing ?? 0.0)];

        return hypot($this->major * ($cosine * $x + $sine * $y), $this->minor * ($cosine * $y - $sine * $x)) / $length;
    }

    /**
     * How far a shift is beyond what this ellipse explains: the square of its size in standard deviations. A direction that is exact takes no part.
     *
     * @return ?float null when both directions are exact
     */
    public function standardisedSquare(float $x, float $y): ?float
    {
        if ($this->major <= self::EXACT) {
            return null;
        }
        [$cosine, $sine] = [cos($this->bearing ?? 0.0), sin($this->bearing ?? 0.0)];
        $square = (($cosine * $x + $sine * $y) / $this->major) ** 2;
        if ($this->minor ** 2 > self::NOTHING * $this->major ** 2) {
            $square += (($cosine * $y - $sine * $x) / $this->minor) ** 2;
        }

        return $square;
    }
}
