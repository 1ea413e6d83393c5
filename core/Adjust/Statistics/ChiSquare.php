<?php

declare(strict_types=1);

namespace Aequus\Adjust\Statistics;

/** The χ² distribution, as far as judging a whole set of readings needs it. */
final class ChiSquare
{
    /** Readings of their class stay below it in so many of all jobs. */
    private const CONFIDENCE = 0.999;

    /**
     * The sum of squares that readings of their class stay below in 999 of 1000 jobs.
     *
     * @param  int  $surplus  readings beyond those the unknowns need, at least one
     */
    public static function critical(int $surplus): float
    {
        return self::quantile(self::CONFIDENCE, $surplus);
    }

    /** By bisection on the distribution. */
    public static function quantile(float $probability, int $freedom): float
    {
        /** @var array<string, float> $known the same few are asked for again and again */
        static $known = [];

        return $known["{$probability} {$freedom}"] ??= self::found($probability, $freedom);
    }

    private static function found(float $probability, int $freedom): float
    {
        [$low, $high] = [0.0, 10.0 * $freedom + 100.0];
        for ($i = 0; $i < 200 && $high - $low > 1e-12 * $high; $i++) {
            $middle = ($low + $high) / 2;
            if (self::upperTail($middle, $freedom) > 1 - $probability) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }

    /** 1 − P(x): for whole degrees of freedom a finite sum over the normal tail or the exponential (Abramowitz and Stegun 26.4.4, 26.4.5). */
    public static function upperTail(float $x, int $freedom): float
    {
        if ($x <= 0) {
            return 1.0;
        }
        // Terms are kept as logarithms: with hundreds of surplus readings e^(−x/2) alone is too small for a float.
        $odd = $freedom % 2 === 1;
        $tail = $odd ? 2 * NormalDistribution::upperTail(sqrt($x)) : 0.0;
        $term = -$x / 2 + ($odd ? log(2 * $x / M_PI) / 2 : 0.0);
        for ($k = $odd ? 1 : 0; $k < $freedom - 1; $k += 2) {
            $tail += exp($term);
            $term += log($x / ($k + 2));
        }

        return $tail;
    }
}
