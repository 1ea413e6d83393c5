<?php

declare(strict_types=1);

namespace Aequus\Adjust\Placement;

/** One placement tried, and how many stakes it leaves alone. */
final readonly class Trial
{
    /** What counts as the same in a sum of moves, mm. */
    private const SAME = 1e-9;

    /**
     * @param  int  $alone  stakes within the tolerance
     * @param  float  $squares  sum of the squares of their moves
     * @param  float  $others  sum of the moves of all other stakes
     * @param  int  $key  of the set left alone
     * @param  bool  $keepsHeld  whether every held stake is among them
     */
    public function __construct(
        public Placement $placement,
        public int $alone,
        public float $squares,
        public float $others,
        public int $key,
        public bool $keepsHeld,
    ) {
    }

    /** More stakes left alone, then the smaller sum of the others’ moves, then the smaller sum of squares of those left alone. */
    public function isBetterThan(self $other): bool
    {
        return match (true) {
            $this->alone !== $other->alone => $this->alone > $other->alone,
            abs($this->others - $other->others) > self::SAME => $this->others < $other->others,
            default => $this->squares < $other->squares - self::SAME,
        };
    }
}
