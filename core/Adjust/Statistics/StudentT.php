<?php

declare(strict_types=1);

namespace Aequus\Adjust\Statistics;

/** Student’s distribution, for tests whose scale is itself learned from a few readings. */
final class StudentT
{
    /**
     * The size that a standardised residual stays below when its class of tape is known no better than from so many readings, at 1 % for m
     * of them together.
     *
     * @param  int  $m  readings under test, at least one
     * @param  int  $freedom  at least one
     */
    public static function critical(int $m, int $freedom): float
    {
        /** @var array<string, float> $known */
        static $known = [];

        return $known["{$m} {$freedom}"] ??= self::quantile(1 - NormalDistribution::riskOfOne($m) / 2, $freedom);
    }

    /** For probabilities of one half to below one, by bisection on the distribution. */
    public static function quantile(float $probability, int $freedom): float
    {
        [$low, $high] = [0.0, 1e6];
        for ($i = 0; $i < 200 && $high - $low > 1e-12 * max(1.0, $high); $i++) {
            $middle = ($low + $high) / 2;
            if (self::within($middle, $freedom) < 2 * $probability - 1) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }

    /** P(|T| ≤ t) for whole degrees of freedom: the finite sums of Abramowitz and Stegun 26.7.3 and 26.7.4. */
    private static function within(float $t, int $freedom): float
    {
        $angle = atan($t / sqrt($freedom));
        [$sine, $square] = [sin($angle), cos($angle) ** 2];
        $odd = $freedom % 2 === 1;
        $term = $odd ? cos($angle) : 1.0;
        $sum = $freedom === 1 ? 0.0 : $term;
        for ($k = $odd ? 2 : 1; $k < $freedom - 2; $k += 2) {
            $term *= $square * $k / ($k + 1);
            $sum += $term;
        }

        return $odd ? 2 / M_PI * ($angle + $sine * $sum) : $sine * $sum;
    }
}
