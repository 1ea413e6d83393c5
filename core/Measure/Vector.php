<?php

declare(strict_types=1);

namespace Aequus\Measure;

/** Two parts in the plane: a place or a shift in millimetres, or a direction. For sums only: what is kept or told is a Length. */
final readonly class Vector
{
    public function __construct(public float $x, public float $y)
    {
    }

    public static function zero(): self
    {
        return new self(0.0, 0.0);
    }

    /** @param  float  $angle  radians, counter-clockwise from +x */
    public static function toward(float $angle): self
    {
        return new self(cos($angle), sin($angle));
    }

    public function plus(self $other): self
    {
        return new self($this->x + $other->x, $this->y + $other->y);
    }

    public function minus(self $other): self
    {
        return new self($this->x - $other->x, $this->y - $other->y);
    }

    public function times(float $factor): self
    {
        return new self($this->x * $factor, $this->y * $factor);
    }

    /** Turned a quarter counter-clockwise. */
    public function left(): self
    {
        return new self(-$this->y, $this->x);
    }

    /** Of length one; the zero vector stays zero. */
    public function unit(): self
    {
        $length = $this->length();

        return $length === 0.0 ? $this : $this->times(1 / $length);
    }

    /** Turned counter-clockwise. */
    public function turned(float $angle): self
    {
        $along = self::toward($angle);

        return $along->times($this->x)->plus($along->left()->times($this->y));
    }

    public function dot(self $other): float
    {
        return $this->x * $other->x + $this->y * $other->y;
    }

    /** Positive where the other lies to the left. */
    public function cross(self $other): float
    {
        return $this->x * $other->y - $this->y * $other->x;
    }

    public function length(): float
    {
        return hypot($this->x, $this->y);
    }

    /** Radians counter-clockwise from +x. */
    public function angle(): float
    {
        return atan2($this->y, $this->x);
    }

    /**
     * @param  non-empty-array<self>  $places
     * @return array{self, self} the least and the greatest of both parts
     */
    public static function extent(array $places): array
    {
        [$xs, $ys] = [array_column($places, 'x'), array_column($places, 'y')];

        return [new self((float) min($xs), (float) min($ys)), new self((float) max($xs), (float) max($ys))];
    }

    /** @param  non-empty-array<self>  $places */
    public static function centre(array $places): self
    {
        return new self(array_sum(array_column($places, 'x')) / count($places), array_sum(array_column($places, 'y')) / count($places));
    }
}
