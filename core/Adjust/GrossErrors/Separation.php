<?php

declare(strict_types=1);

namespace Aequus\Adjust\GrossErrors;

use Aequus\Adjust\Network\AdjustedNetwork;
use Aequus\Adjust\Network\FurtherDistances;
use Aequus\Adjust\Solve\Observation;
use Aequus\Adjust\Solve\Solution;

/** The one further reading that would best tell a group of readings apart which now look alike. */
final readonly class Separation
{
    private const ALIKE = 1e-6;

    /**
     * @param  list<string>  $of  what to read: two stations or points, or a reading to take again
     * @param  float  $largest  correlation left within the group once it is read
     * @param  float  $mean  over its pairs
     */
    private function __construct(
        public array $of,
        public float $largest,
        public float $mean,
    ) {
    }

    /**
     * @param  list<string>  $named  readings of that network, at least two
     * @return ?self null when no distance is left to read: then only further stakes help
     */
    public static function of(AdjustedNetwork $network, array $named, FurtherDistances $further): ?self
    {
        return self::among(
            $network->solution, $named, array_map(fn (array $pair) => [[$pair[0], $pair[1]], $network->wouldRead(...$pair)], $further->pairs),
        );
    }

    /**
     * @param  list<string>  $named  readings of that solution, at least two
     * @param  list<array{list<string>, Observation}>  $candidates  what could be read, each as it would be added
     */
    public static function among(Solution $solution, array $named, array $candidates): ?self
    {
        $best = null;
        $pairs = [];
        foreach ($named as $a => $one) {
            foreach (array_slice($named, 0, $a + 1) as $b => $other) {
                $pairs[] = [$a, $b, $solution->residualCofactor($other, $one)];
            }
        }
        foreach ($candidates as [$of, $added]) {
            $weight = 1 / ($added->sigma ** 2 + $solution->variance($added->row));
            $with = array_map(fn (string $id) => Solution::product($added->row, $solution->spreadOf($id)), $named);
            $cofactors = [];
            foreach ($pairs as [$a, $b, $before]) {
                $cofactors[$a][$b] = $before + $with[$a] * $with[$b] * $weight;
            }
            [$largest, $sum, $count] = [0.0, 0.0, 0];
            foreach ($pairs as [$a, $b]) {
                if ($a !== $b) {
                    $alike = abs($cofactors[$a][$b]) / sqrt($cofactors[$a][$a] * $cofactors[$b][$b]);
                    [$largest, $sum, $count] = [max($largest, $alike), $sum + $alike, $count + 1];
                }
            }
            $found = new self($of, $largest, $sum / $count);
            if ($best === null || $found->isBetterThan($best)) {
                $best = $found;
            }
        }

        return $best;
    }

    /** Whether every reading of the group can be told from every other once it is read. */
    public function separatesAll(): bool
    {
        return $this->largest <= 1 - self::ALIKE;
    }

    private function isBetterThan(self $other): bool
    {
        if (abs($this->largest - $other->largest) > self::ALIKE) {
            return $this->largest < $other->largest;
        }

        return $this->mean < $other->mean - self::ALIKE;
    }
}
