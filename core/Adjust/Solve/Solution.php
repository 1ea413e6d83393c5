<?php

declare(strict_types=1);

namespace Aequus\Adjust\Solve;

use Aequus\Adjust\Statistics\NormalDistribution;

/**
 * What a least-squares adjustment says of its readings: how well each is checked by the others, how far each is off in its own standard
 * deviations, and which can't be told apart. After Baarda, A testing procedure for use in geodetic networks (1968).
 */
final class Solution
{
    /** Below this share of a reading’s own error nothing of it would show. */
    private const CHECKED = 1e-3;

    /** Readings and priors beyond those the unknowns need. */
    public readonly int $surplus;

    /** Of the residuals, each in its standard deviations. */
    public readonly float $sumOfSquares;

    /** @var array<string, int> place of each reading by its id */
    private array $places = [];

    /** @var array<string, float> redundancy numbers worked out so far */
    private array $redundancies = [];

    /** @var ?list<string> once asked for */
    private ?array $testable = null;

    /** @var array<string, array<int, float>> N⁻¹ times the row of a reading, worked out so far */
    private array $spreads = [];

    /**
     * @param  list<Observation>  $observations
     * @param  NormalEquations  $factored  of these observations
     */
    public function __construct(public readonly array $observations, private readonly NormalEquations $factored)
    {
        $this->surplus = count($observations) - $factored->size();
        $sum = 0.0;
        foreach ($observations as $i => $observation) {
            $this->places[$observation->id] = $i;
            $sum += ($observation->residual / $observation->sigma) ** 2;
        }
        $this->sumOfSquares = $sum;
    }

    /** Σ(v/σ)² over the surplus; null without surplus. Its root tells how much rougher the readings are than their class. */
    public function varianceFactor(): ?float
    {
        return $this->surplus > 0 ? $this->sumOfSquares / $this->surplus : null;
    }

    /** How much rougher than their class the readings are, all together; null without surplus. */
    public function scatter(): ?float
    {
        $factor = $this->varianceFactor();

        return $factor === null ? null : sqrt($factor);
    }

    /** The testable reading that fits worst; an empty name when none can be tested. */
    public function largest(): string
    {
        [$largest, $size] = ['', -1.0];
        foreach ($this->testable() as $id) {
            $w = abs($this->standardised($id) ?? 0.0);
            if ($w > $size) {
                [$largest, $size] = [$id, $w];
            }
        }

        return $largest;
    }

    /** What a reading would be off by, were it the only one that is wrong: read less true. */
    public function mistake(string $id): float
    {
        return -$this->observation($id)->residual / $this->redundancy($id);
    }

    /** Of a reading: the share of its own mistake that shows in its residual, 0 to 1. */
    public function redundancy(string $id): float
    {
        if (! isset($this->redundancies[$id])) {
            $observation = $this->observation($id);
            $this->redundancies[$id] = 1 - $this->varianceWithin($observation->row) / $observation->sigma ** 2;
        }

        return $this->redundancies[$id];
    }

    /** The residual in its own standard deviations; null where nothing checks the reading, and for a prior. */
    public function standardised(string $id): ?float
    {
        $observation = $this->observation($id);
        $redundancy = $this->redundancy($id);

        return $observation->isPrior || $redundancy <= self::CHECKED ? null : $observation->residual / ($observation->sigma * sqrt($redundancy));
    }

    /** @return list<string> ids of the readings that others check */
    public function testable(): array
    {
        return $this->testable ??= array_values(
            array_filter(array_map(fn (Observation $o) => $o->id, $this->observations), fn (string $id) => $this->standardised($id) !== null),
        );
    }

    /** The size of standardised residual beyond which a reading is doubted; null when none can be tested. */
    public function critical(): ?float
    {
        $m = count($this->testable());

        return $m > 0 ? NormalDistribution::critical($m) : null;
    }

    /** How alike mistakes in two readings look, −1 to 1; at ±1 nothing tells them apart. */
    public function correlation(string $one, string $other): float
    {
        return $this->residualCofactor($one, $other) / sqrt($this->residualCofactor($one, $one) * $this->residualCofactor($other, $other));
    }

    /** Entry of Σ − A·N⁻¹·Aᵀ: the covariance of two residuals. */
    public function residualCofactor(string $one, string $other): float
    {
        return $one === $other
            ? $this->observation($one)->sigma ** 2 * $this->redundancy($one)
            : -self::product($this->observation($other)->row, $this->spreadOf($one));
    }

    public function has(string $id): bool
    {
        return isset($this->places[$id]);
    }

    public function observation(string $id): Observation
    {
        return $this->observations[$this->places[$id]];
    }

    /** @return array<int, float> N⁻¹ times the row of a reading */
    public function spreadOf(string $id): array
    {
        return $this->spreads[$id] ??= $this->factored->spread($this->observation($id)->row);
    }

    /**
     * N⁻¹ times a row of coefficients.
     *
     * @param  array<int, float>  $row
     * @return array<int, float>
     */
    public function spread(array $row): array
    {
        return $this->factored->spread($row);
    }

    /** @param  array<int, float>  $row */
    public function variance(array $row): float
    {
        return $this->factored->variance($row);
    }

    /**
     * rowᵀ·N⁻¹·row for unknowns that one reading joins.
     *
     * @param  array<int, float>  $row
     */
    public function varianceWithin(array $row): float
    {
        $sum = 0.0;
        foreach ($row as $i => $a) {
            foreach ($row as $j => $b) {
                if ($j <= $i) {
                    $sum += ($i === $j ? 1 : 2) * $a * $b * $this->factored->cofactor($i, $j);
                }
            }
        }

        return $sum;
    }

    /** An entry of N⁻¹, for unknowns that one reading joins, or any with one more substitution. */
    public function cofactor(int $i, int $j): float
    {
        return $this->factored->holds($i, $j) ? $this->factored->cofactor($i, $j) : $this->factored->spread([$i => 1.0])[$j];
    }

    /**
     * @param  array<int, float>  $row  by unknown; what is missing is zero
     * @param  array<int, float>  $full
     */
    public static function product(array $row, array $full): float
    {
        $sum = 0.0;
        foreach ($row as $i => $a) {
            $sum += $a * $full[$i];
        }

        return $sum;
    }
}
