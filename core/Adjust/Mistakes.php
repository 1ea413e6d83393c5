<?php

declare(strict_types=1);

namespace Aequus\Adjust;

/**
 * Which readings do not fit the others. One that stands alone is left aside and the search goes on; one that can't be told from partners
 * ends it: all of them are named and none is dropped. After Baarda (1968) and Pope (1976).
 */
final readonly class Mistakes
{
    /**
     * @param  list<Dropped>  $dropped  in the order they were found
     * @param  list<string>  $named  the accused reading and its partners, in reading order; empty when none is left in doubt
     */
    private function __construct(
        public array $dropped,
        public array $named,
        public ?string $accused,
        public SearchEnd $end,
        /** Whether the readings, none of them accused, are rougher than their class. */
        public bool $rougherThanClass,
        /** How many times rougher; null when nothing checks the readings. */
        public ?float $s0,
    ) {
    }

    /**
     * @template T of Adjusted
     *
     * @param  callable(list<string>): T  $adjustWithout  adjusts all readings but those of the given ids
     * @return array{self, T} and the adjustment the search ended with
     */
    public static function search(callable $adjustWithout): array
    {
        $dropped = [];
        while (true) {
            $adjusted = $adjustWithout(array_map(fn (Dropped $one) => $one->id, $dropped));
            $solution = $adjusted->solution();
            $factor = $solution->varianceFactor();
            $s0 = $factor === null ? null : sqrt($factor);
            $critical = $solution->critical();
            if ($factor === null || $critical === null) {
                return [new self($dropped, [], null, SearchEnd::NothingToCheck, false, $s0), $adjusted];
            }
            $accused = self::largest($solution);
            $w = $solution->standardised($accused) ?? 0.0;
            if (abs($w) <= $critical) {
                return [new self($dropped, [], null, SearchEnd::NoneLeft, $solution->sumOfSquares > ChiSquare::critical($solution->surplus), $s0), $adjusted];
            }
            $named = self::withPartners($solution, $accused, abs($w));
            if (count($named) > 1) {
                return [new self($dropped, $named, $accused, SearchEnd::Partners, false, $s0), $adjusted];
            }
            $dropped[] = new Dropped($accused, $w, -$solution->observation($accused)->residual / $solution->redundancy($accused));
        }
    }

    public function accuses(string $reading): bool
    {
        return in_array($reading, $this->named, true);
    }

    public function drops(string $reading): ?Dropped
    {
        foreach ($this->dropped as $one) {
            if ($one->id === $reading) {
                return $one;
            }
        }

        return null;
    }

    private static function largest(Solution $solution): string
    {
        $largest = null;
        $size = -1.0;
        foreach ($solution->testable() as $id) {
            $w = abs($solution->standardised($id) ?? 0.0);
            if ($w > $size) {
                [$largest, $size] = [$id, $w];
            }
        }

        return (string) $largest;
    }

    /** @return list<string> readings whose mistake would look like the accused one’s, itself among them */
    private static function withPartners(Solution $solution, string $accused, float $w): array
    {
        return array_values(array_filter($solution->testable(), fn (string $id) => $id === $accused
            || $w - abs($solution->standardised($id) ?? 0.0) <= 1e-3 * $w + 2 * sqrt(max(0.0, 2 * (1 - abs($solution->correlation($accused, $id)))))));
    }
}
