<?php

declare(strict_types=1);

namespace Aequus\Days;

/** How fast one person gets on with a kind of work: as it was said, or by the log once it knows three times. */
final readonly class LearnedRate
{
    /** Fewer are told by luck. */
    private const ENOUGH = 3;

    public float $rate;

    public bool $isLearned;

    /** @param  list<array{float, float}>  $logged  amount and person-hours of each */
    public function __construct(float $typed, array $logged)
    {
        $hours = array_sum(array_column($logged, 1));
        $this->isLearned = count($logged) >= self::ENOUGH && $hours > 0.0;
        $this->rate = $this->isLearned ? array_sum(array_column($logged, 0)) / $hours : $typed;
    }
}
