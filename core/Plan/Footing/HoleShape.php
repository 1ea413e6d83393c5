<?php

declare(strict_types=1);

namespace Aequus\Plan\Footing;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\PlanRefused;

/** The shape of hole that was decided for every post: round or square, of one width, a round one maybe widened to a bell at its foot. */
final readonly class HoleShape
{
    private function __construct(
        /** Diameter, or side of a square. */
        public Length $width,
        public bool $isSquare = false,
        public ?Length $bellWidth = null,
        public ?Length $bellHeight = null,
    ) {
    }

    public static function round(Length $diameter): self
    {
        return new self($diameter);
    }

    public static function square(Length $side): self
    {
        return new self($side, true);
    }

    /** @throws PlanRefused when the bell is not wider than the hole, or has no height */
    public static function bell(Length $diameter, Length $bellWidth, Length $bellHeight): self
    {
        if (! $bellWidth->isLongerThan($diameter) || ! $bellHeight->isPositive()) {
            throw PlanRefused::bellNoWider();
        }

        return new self($diameter, false, $bellWidth, $bellHeight);
    }

    /** The same shape as it came out when it was dug; a bell no wider than the hole is none. */
    public function dugTo(Length $width): self
    {
        $bell = $this->bellWidth !== null && $this->bellWidth->isLongerThan($width) ? $this->bellWidth : null;

        return new self($width, $this->isSquare, $bell, $bell === null ? null : $this->bellHeight);
    }

    /** How wide it is at its foot, where the load bears. */
    public function foot(): Length
    {
        return $this->bellWidth ?? $this->width;
    }

    /** Diameter of a round as large as its foot: what a load on it may be weighed against. */
    public function footAsRound(): Length
    {
        return $this->isSquare ? $this->width->times(2 / sqrt(M_PI)) : $this->foot();
    }

    /** From its middle to where digging reaches furthest: into the corner of a square, to the edge of a bell. Buried lines must lie beyond it. */
    public function reach(): Length
    {
        return $this->isSquare ? $this->width->times(M_SQRT1_2) : $this->foot()->half();
    }

    public function takes(Section $post): bool
    {
        return ! $this->width->isShorterThan($this->isSquare ? $post->thicker() : $post->across());
    }

    public function slack(Section $post, Length $cover): HoleSlack
    {
        return $this->isSquare ? HoleSlack::square($this->width, $post, $cover) : HoleSlack::round($this->width, $post, $cover);
    }
}
