<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Measure\Length;

/** A string pulled between two points with a line level hung on it: it sags, and the level weighs it down. */
final readonly class LevelString
{
    private const NEWTONS_PER_METRE = 0.01;

    private const PULL = 50.0;

    private const LEVEL_WEIGHT = 0.2;

    /** What a line level itself can be trusted to, per length in one span. */
    private const LINE_LEVEL = 1.0e-3;

    /**
     * @param  float  $weight  of the string, N per metre
     * @param  float  $pull  N
     * @param  float  $levelWeight  N
     */
    public function __construct(
        public Length $length,
        private float $weight = self::NEWTONS_PER_METRE,
        private float $pull = self::PULL,
        private float $levelWeight = self::LEVEL_WEIGHT,
    ) {
    }

    /** In the middle, without a level: w·L² / 8T. */
    public function sag(): Length
    {
        $metres = $this->length->inMillimetres() / 1000;

        return Length::millimetres(1000 * $this->weight * $metres ** 2 / (8 * $this->pull));
    }

    /**
     * With the bubble centred, by how much the right end is higher than the left when the level hangs so far from the left: (L − 2x)(w·L + W) / 2T.
     */
    public function rightHigher(Length $fromLeft): Length
    {
        $metres = $this->length->inMillimetres() / 1000;

        return $this->length->minus($fromLeft->times(2))->times(($this->weight * $metres + $this->levelWeight) / (2 * $this->pull));
    }

    /** Standard deviation of one reading over it, mm, once the sag is taken out. */
    public function sigma(): float
    {
        return self::LINE_LEVEL * $this->length->inMillimetres();
    }
}
