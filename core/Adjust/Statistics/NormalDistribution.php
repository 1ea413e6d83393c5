<?php

declare(strict_types=1);

namespace Aequus\Adjust\Statistics;

/** The standard normal distribution, as far as testing readings needs it. */
final class NormalDistribution
{
    /** 19 of 20 honest values lie within so many standard deviations (Φ⁻¹ of 0.975, as tables round it). */
    public const WITHIN_95 = 1.96;

    /** 99 of 100 honest values lie below so many standard deviations (Φ⁻¹ of 0.99, as tables round it). */
    public const BELOW_99 = 2.33;

    private const FAMILY_RISK = 0.01;

    /**
     * The size a standardised residual must exceed before one of m readings is doubted, at 1 % for all of them together.
     *
     * @param  int  $m  readings under test, at least one
     */
    public static function critical(int $m): float
    {
        /** @var array<int, float> $known the same few sizes are asked for again and again */
        static $known = [];

        return $known[$m] ??= self::quantile(1 - self::riskOfOne($m) / 2);
    }

    /** The risk that each of m tests may take, so that all together take 1 %. */
    public static function riskOfOne(int $m): float
    {
        return 1 - (1 - self::FAMILY_RISK) ** (1 / $m);
    }

    /** Φ⁻¹ for probabilities of one half to below one, by bisection on Φ. */
    public static function quantile(float $probability): float
    {
        [$low, $high] = [0.0, 40.0];
        for ($i = 0; $i < 200 && $high - $low > 1e-13; $i++) {
            $middle = ($low + $high) / 2;
            // The upper tail keeps its digits where 1 − Φ would lose them.
            if (self::upperTail($middle) > 1 - $probability) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }

    /** 1 − Φ(z) for z ≥ 0: the series near the middle, Laplace's continued fraction in the tail (Abramowitz and Stegun 26.2.10, 26.2.14). */
    public static function upperTail(float $z): float
    {
        $density = exp(-$z * $z / 2) / sqrt(2 * M_PI);
        if ($z < 3) {
            $term = $sum = $z;
            for ($k = 1; abs($term) > 1e-18 * abs($sum) && $k < 200; $k++) {
                $term *= $z * $z / (2 * $k + 1);
                $sum += $term;
            }

            return 0.5 - $density * $sum;
        }
        $fraction = 0.0;
        for ($k = 120; $k >= 1; $k--) {
            $fraction = $k / ($z + $fraction);
        }

        return $density / ($z + $fraction);
    }
}
