<?php

declare(strict_types=1);

namespace Aequus\Footing\Materials;

use Aequus\Footing\Depths\FootingRefused;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Posts\Section;

/** The shape of a hole, as planned or as dug: a cylinder, a box, or a cylinder that widens to a bell at its foot. Volumes in mm³. */
final readonly class Hole
{
    /** Loosened soil takes so much more room than it took in the ground. */
    private const SWELL = 1.25;

    /** @param  float  $area  of the straight part, mm² */
    private function __construct(
        public Length $depth,
        private float $area,
        private float $diameter = 0.0,
        private float $bellHeight = 0.0,
        private float $bellDiameter = 0.0,
    ) {
    }

    public static function cylinder(Length $diameter, Length $depth): self
    {
        return new self($depth, M_PI / 4 * $diameter->inMillimetres() ** 2, $diameter->inMillimetres());
    }

    public static function box(Length $x, Length $y, Length $depth): self
    {
        return new self($depth, $x->inMillimetres() * $y->inMillimetres());
    }

    /** @throws FootingRefused when the bell is higher than the hole is deep, or narrower than the hole */
    public static function bell(Length $diameter, Length $depth, Length $bellHeight, Length $bellDiameter): self
    {
        if ($bellHeight->isLongerThan($depth) || $bellDiameter->isShorterThan($diameter)) {
            throw FootingRefused::bellDoesNotFit();
        }

        return new self(
            $depth, M_PI / 4 * $diameter->inMillimetres() ** 2, $diameter->inMillimetres(), $bellHeight->inMillimetres(),
            $bellDiameter->inMillimetres(),
        );
    }

    /** A hole shallower than its bell is all bell. */
    public static function of(HoleShape $shape, Length $depth): self
    {
        return match (true) {
            $shape->isSquare => self::box($shape->width, $shape->width, $depth),
            $shape->bellWidth !== null && $shape->bellHeight !== null => self::bell(
                $shape->width, $depth, $shape->bellHeight->isLongerThan($depth) ? $depth : $shape->bellHeight, $shape->bellWidth,
            ),
            default => self::cylinder($shape->width, $depth),
        };
    }

    public function volume(): float
    {
        return $this->between(Length::zero(), $this->depth);
    }

    public function looseSpoil(): float
    {
        return self::SWELL * $this->volume();
    }

    /** Between two heights above the bottom; what lies outside the hole is nothing. */
    public function between(Length $from, Length $to): float
    {
        $within = fn (Length $height): float => max(0.0, min($this->depth->inMillimetres(), $height->inMillimetres()));
        [$low, $high] = [$within($from), $within($to)];
        if ($high <= $low) {
            return 0.0;
        }

        return $this->bellTo(min($high, $this->bellHeight)) - $this->bellTo(min($low, $this->bellHeight))
            + $this->area * (max($high, $this->bellHeight) - max($low, $this->bellHeight));
    }

    /** Above the ground, sloping from the post down to the edge of the hole: a frustum less the post in it, both as if they were of one shape. */
    public function mound(Length $rise, Section $post): float
    {
        $inner = min($this->area, $post->area());

        return $rise->inMillimetres() * max(0.0, ($this->area + $inner + sqrt($this->area * $inner)) / 3 - $inner);
    }

    /** Of the bell from the bottom up to a height within it: a frustum. */
    private function bellTo(float $height): float
    {
        if ($height <= 0.0) {
            return 0.0;
        }
        $at = $this->bellDiameter + ($this->diameter - $this->bellDiameter) * $height / $this->bellHeight;

        return M_PI / 12 * $height * ($this->bellDiameter ** 2 + $this->bellDiameter * $at + $at ** 2);
    }
}
