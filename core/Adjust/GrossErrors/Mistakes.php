<?php

declare(strict_types=1);

namespace Aequus\Adjust\GrossErrors;

use Aequus\Adjust\Solve\Adjusted;
use Aequus\Adjust\Solve\Solution;
use Aequus\Adjust\Statistics\ChiSquare;

/**
 * Which readings do not fit the others. One that stands alone is left aside and the search goes on, two that stand alone together as well;
 * what can't be told from partners ends it: all of them are named and none is dropped. Readings that scatter more than their class, all of
 * them, are not accused one by one. After Baarda (1968) and Pope (1976).
 */
final readonly class Mistakes
{
    /** One accused reading must leave the rest within so much of their own distribution, or another explanation is looked for. */
    private const ONE_EXPLAINS = 0.90;

    /** Beyond this the rest is rougher than its class, even with the accused reading gone. */
    private const REST_IS_ROUGH = 0.99;

    /** No tape is so many times rougher than its class: then more than two readings are wrong. */
    private const MOST_ROUGH = 3.0;

    /**
     * @param  list<Dropped>  $dropped  in the order they were found
     * @param  list<string>  $named  the accused reading and its partners, in reading order; empty when none is left in doubt
     */
    private function __construct(
        public array $dropped,
        public array $named,
        public ?string $accused,
        public SearchEnd $end,
        /** Whether the readings that were not accused are rougher than their class. */
        public bool $rougherThanClass,
        /** How many times rougher; null when nothing checks the readings. */
        public ?float $s0,
    ) {
    }

    /** Where something else must be settled before any reading is doubted. */
    public static function notSearched(Solution $solution): self
    {
        return new self([], [], null, SearchEnd::LinesFirst, false, $solution->scatter());
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
        $rough = false;
        while (true) {
            $adjusted = $adjustWithout(array_map(fn (Dropped $one) => $one->id, $dropped));
            $solution = $adjusted->solution();
            $end = fn (SearchEnd $why, array $named = [], ?string $accused = null, bool $rougher = false): array => [
                new self(
                    $dropped, array_values(array_filter($named, is_string(...))), $accused, $why, $rough || $rougher, $solution->scatter(),
                ), $adjusted,
            ];
            $critical = $solution->critical();
            if ($solution->surplus === 0 || $critical === null) {
                return $end(SearchEnd::NothingToCheck);
            }
            $accused = $solution->largest();
            $w = $solution->standardised($accused) ?? 0.0;
            if (abs($w) <= $critical) {
                return $end(SearchEnd::NoneLeft, rougher: $solution->sumOfSquares > ChiSquare::critical($solution->surplus));
            }
            $rest = max(0.0, $solution->sumOfSquares - $w ** 2);
            $left = $solution->surplus - 1;
            $margin = 2.0;
            if ($left >= 2 && $rest > ChiSquare::quantile(self::ONE_EXPLAINS, $left)) {
                $two = $left >= 3 ? TwoMistakes::in($solution, $accused) : null;
                if ($two !== null && $two->standsAlone()) {
                    $dropped = [...$dropped, ...$two->dropped()];

                    continue;
                }
                if ($two !== null) {
                    return $end(SearchEnd::Partners, $two->named, $accused);
                }
                if (sqrt($rest / $left) > self::MOST_ROUGH) {
                    return $end(SearchEnd::MoreThanTwo, self::withPartners($solution, $accused, 6.0), $accused);
                }
                $scatter = Scatter::estimated($rest, $left);
                if (abs($w) <= $scatter * Scatter::limit($solution, $left)) {
                    return $end(SearchEnd::Rough, rougher: true);
                }
                $rough = $rough || $rest > ChiSquare::quantile(self::REST_IS_ROUGH, $left);
                $margin *= $scatter;
            }
            $named = self::withPartners($solution, $accused, $margin);
            if (count($named) > 1) {
                return $end(SearchEnd::Partners, $named, $accused);
            }
            $dropped[] = new Dropped($accused, $w, $solution->mistake($accused));
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

    /** Whether readings are left in doubt that can’t be pinned down. */
    public function leavesDoubt(): bool
    {
        return $this->end === SearchEnd::Partners || $this->end === SearchEnd::MoreThanTwo;
    }

    /** @return list<string> readings whose mistake would look like the accused one’s, itself among them */
    private static function withPartners(Solution $solution, string $accused, float $margin): array
    {
        $w = abs($solution->standardised($accused) ?? 0.0);

        return array_values(array_filter($solution->testable(), fn (string $id) => $id === $accused
            || $w - abs($solution->standardised($id) ?? 0.0) <= 1e-3 * $w + $margin * sqrt(
                max(0.0, 2 * (1 - abs($solution->correlation($accused, $id)))),
            )));
    }
}
