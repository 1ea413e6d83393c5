<?php

declare(strict_types=1);

namespace Aequus\Adjust\Placement;

use Aequus\Adjust\Network\AdjustedNetwork;
use Aequus\Adjust\Network\Distance;
use Aequus\Adjust\Network\FurtherDistances;

/** What one further distance would do to the uncertainty of the moves. */
final readonly class Tells
{
    private const SAME = 1e-9;

    /** @param  float  $major  largest semi-axis that would be left, mm */
    private function __construct(
        public string $from,
        public string $to,
        public float $major,
    ) {
    }

    /**
     * For every station the further distance that would leave its largest semi-axis smallest.
     *
     * @return array<string, self> by station; none where no distance is left to read
     */
    public static function ofStations(AdjustedNetwork $network, MoveCovariance $moves, FurtherDistances $further): array
    {
        $best = [];
        $any = INF;
        foreach (self::left($network, $moves->covariances, $moves, $further, $any) as [$from, $to, $majors]) {
            foreach ($majors as $name => $major) {
                if (! isset($best[$name]) || $major < $best[$name]->major - self::SAME) {
                    $best[$name] = new self($from, $to, $major);
                }
            }
        }

        return $best;
    }

    /** The further distance that would leave the largest semi-axis of all stations smallest; null where none is left to read. */
    public static function ofAll(AdjustedNetwork $network, MoveCovariance $moves, FurtherDistances $further): ?self
    {
        // The least certain stations first: most distances leave one of them larger than the best so far, and need not be followed further.
        $covariances = $moves->covariances;
        uksort($covariances, fn (int|string $one, int|string $other) => $moves->ellipses[$other]->major <=> $moves->ellipses[$one]->major);
        $best = null;
        $below = INF;
        foreach (self::left($network, $covariances, $moves, $further, $below) as [$from, $to, $majors]) {
            $best = new self($from, $to, max(0.0, ...array_values($majors)));
            $below = $best->major - self::SAME;
        }

        return $best;
    }

    /**
     * @param  array<string, array{float, float, float}>  $covariances  of the moves, in the order in which they are worked out
     * @param  float  $below  a distance that leaves any semi-axis as large as this is passed over; may shrink on the way
     * @return iterable<array{string, string, array<string, float>}> each distance with the semi-axes it would leave
     */
    private static function left(
        AdjustedNetwork $network, array $covariances, MoveCovariance $moves, FurtherDistances $further, float &$below,
    ): iterable {
        $columns = [];
        foreach ($further->pairs as [$from, $to, $sigma]) {
            $slopes = (new Distance('', $from, $to, 0.0, $sigma))->slopes($network->at);
            foreach ([$from, $to] as $end) {
                if (! isset($columns[$end])) {
                    $plain = [$network->spread([$end => [1.0, 0.0]]), $network->spread([$end => [0.0, 1.0]])];
                    $columns[$end] = [...$plain, ...array_map($moves->taken(...), $plain)];
                }
            }
            [[$fx, $fy], [$tx, $ty]] = [$slopes[$from], $slopes[$to]];
            [[$ofFx, $ofFy, $takenFx, $takenFy], [$ofTx, $ofTy, $takenTx, $takenTy]] = [$columns[$from], $columns[$to]];
            $moved = fn (string $name, int $axis): float => $fx * $ofFx[$name][$axis] + $fy * $ofFy[$name][$axis] + $tx * $ofTx[$name][$axis] + $ty * $ofTy[$name][$axis];
            $taken = array_map(fn (int $k): float => $fx * $takenFx[$k] + $fy * $takenFy[$k] + $tx * $takenTx[$k] + $ty * $takenTy[$k], [0, 1, 2]);
            $variance = 0.0;
            foreach ($slopes as $end => [$x, $y]) {
                $variance += $x * $moved($end, 0) + $y * $moved($end, 1);
            }
            $weight = 1 / ($sigma ** 2 + $variance);
            $majors = [];
            foreach ($covariances as $name => [$xx, $xy, $yy]) {
                [$x, $y] = $moves->seen((string) $name, $moved((string) $name, 0), $moved((string) $name, 1), $taken);
                [$xx, $xy, $yy] = [$xx - $x * $x * $weight, $xy - $x * $y * $weight, $yy - $y * $y * $weight];
                $majors[$name] = $major = sqrt(max(0.0, ($xx + $yy) / 2 + sqrt((($xx - $yy) / 2) ** 2 + $xy * $xy)));
                if ($major >= $below) {
                    continue 2;
                }
            }
            yield [$from, $to, $majors];
        }
    }
}
