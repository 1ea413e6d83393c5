<?php

declare(strict_types=1);

namespace Aequus\Level;

/** One chain of height differences between two known heights, or back to its start: what it misses by, and how that is shared out. */
final readonly class SingleChain
{
    /** 99.9 % of honest chains close within so many standard deviations. */
    private const ALLOWED = 3.29;

    /** Sum of the differences less what is known, mm. */
    public float $closure;

    public float $allowed;

    public bool $closes;

    /** @var list<float> by hop, as the squares of their standard deviations share it */
    public array $corrections;

    /**
     * @param  non-empty-list<float>  $differences  mm
     * @param  non-empty-list<float>  $sigmas  of every hop, and after them of what else may add to the closure
     */
    public function __construct(array $differences, array $sigmas, float $known)
    {
        $variance = array_sum(array_map(fn (float $sigma) => $sigma ** 2, $sigmas));
        $this->closure = array_sum($differences) - $known;
        $this->allowed = self::ALLOWED * sqrt($variance);
        $this->closes = abs($this->closure) <= $this->allowed;
        $this->corrections = array_map(fn (float $sigma) => -$this->closure * $sigma ** 2 / $variance, $sigmas);
    }
}
