<?php

declare(strict_types=1);

namespace Aequus\Adjust\GrossErrors;

use Aequus\Adjust\Solve\Solution;

/** Two readings that are wrong at once, where no single one explains what is out. */
final readonly class TwoMistakes
{
    /** So many of the readings that fit worst are tried in pairs. */
    private const TRIED = 15;

    /** Readings that are more alike than this can’t be told from each other. */
    private const ALIKE = 0.999;

    /** Another pair that explains all but so much of it, in squares of the scatter, may as well be meant. */
    private const NEAR = 16.0;

    /**
     * @param  non-empty-list<string>  $named  every reading of the pairs that explain it about as well, in reading order
     * @param  array{string, string}  $best  of the pair that explains most, the larger residual first
     */
    private function __construct(private Solution $solution, public array $named, private array $best)
    {
    }

    /** @return ?self null when no two readings explain it */
    public static function in(Solution $solution, string $accused): ?self
    {
        $pairs = self::pairs($solution, $accused);
        if ($pairs === []) {
            return null;
        }
        $explained = array_column($pairs, 2);
        $most = max($explained);
        [$a, $b] = $pairs[array_search($most, $explained, true)];
        $freedom = $solution->surplus - 2;
        $scatter = Scatter::estimated(max(0.0, $solution->sumOfSquares - $most), $freedom);
        $limit = $scatter * Scatter::limit($solution, $freedom);
        $alone = fn (string $id): float => sqrt(max(0.0, $most - ($solution->standardised($id) ?? 0.0) ** 2));
        if ($alone($a) <= $limit || $alone($b) <= $limit) {
            return null;
        }
        $near = array_filter($pairs, fn (array $pair) => $most - $pair[2] <= self::NEAR * $scatter ** 2);
        $meant = array_merge(...array_map(fn (array $pair) => [$pair[0], $pair[1]], array_values($near)));
        $named = array_values(array_filter($solution->testable(), fn (string $id) => in_array($id, $meant, true)));
        $size = fn (string $id): float => abs($solution->standardised($id) ?? 0.0);

        return new self($solution, $named === [] ? [$a, $b] : $named, $size($a) >= $size($b) ? [$a, $b] : [$b, $a]);
    }

    /** Whether no other pair explains it about as well. */
    public function standsAlone(): bool
    {
        return count($this->named) === 2;
    }

    /** @return array{Dropped, Dropped} both with their mistakes, estimated together: −(Qv·Σ⁻¹)⁻¹·v */
    public function dropped(): array
    {
        [$a, $b] = $this->best;
        [$one, $other] = [$this->solution->observation($a), $this->solution->observation($b)];
        $shared = $this->solution->residualCofactor($a, $b);
        [$aa, $ab] = [$this->solution->redundancy($a), $shared / $other->sigma ** 2];
        [$ba, $bb] = [$shared / $one->sigma ** 2, $this->solution->redundancy($b)];
        $determinant = $aa * $bb - $ab * $ba;

        return [
            new Dropped($a, $this->solution->standardised($a) ?? 0.0, -($bb * $one->residual - $ab * $other->residual) / $determinant),
            new Dropped($b, $this->solution->standardised($b) ?? 0.0, -($aa * $other->residual - $ba * $one->residual) / $determinant),
        ];
    }

    /** @return list<array{string, string, float}> two readings, and how much of the sum of squares goes when both are left out */
    private static function pairs(Solution $solution, string $accused): array
    {
        $testable = $solution->testable();
        $sizes = [];
        foreach ($testable as $id) {
            $sizes[$id] = abs($solution->standardised($id) ?? 0.0);
        }
        arsort($sizes);
        $tried = array_slice($sizes, 0, self::TRIED, true);
        foreach ($testable as $id) {
            if (! isset($tried[$id]) && abs($solution->correlation($accused, $id)) >= self::ALIKE) {
                $tried[$id] = true;
            }
        }
        $ids = array_values(array_filter($testable, fn (string $id) => isset($tried[$id])));
        $pairs = [];
        foreach ($ids as $i => $a) {
            foreach (array_slice($ids, $i + 1) as $b) {
                $alike = $solution->correlation($a, $b);
                if (abs($alike) <= self::ALIKE) {
                    [$wa, $wb] = [$solution->standardised($a) ?? 0.0, $solution->standardised($b) ?? 0.0];
                    $pairs[] = [$a, $b, ($wa ** 2 + $wb ** 2 - 2 * $alike * $wa * $wb) / (1 - $alike ** 2)];
                }
            }
        }

        return $pairs;
    }
}
