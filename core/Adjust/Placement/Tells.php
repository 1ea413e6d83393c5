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
     * For each of these stations the further distance that would leave its largest semi-axis smallest. What a distance does to a station follows from
     * the two rows of the station alone, but for the variance of the distance itself; that is never less than what the station has of it (Cauchy and
     * Schwarz), so the distances that could do most come first and the search ends where no other can do better.
     *
     * @param  list<string>  $names
     * @return array<string, self> by station; none where no distance is left to read
     */
    public static function ofStations(AdjustedNetwork $network, MoveCovariance $moves, FurtherDistances $further, array $names): array
    {
        $slopes = $taken = $variances = $best = [];
        foreach ($further->pairs as $k => [$from, $to, $sigma]) {
            $slopes[$k] = (new Distance('', $from, $to, 0.0, $sigma))->slopes($network->at);
            $taken[$k] = $moves->takenOf($slopes[$k]);
        }
        foreach ($names as $name) {
            [$ofX, $ofY] = [$network->spread([$name => [1.0, 0.0]]), $network->spread([$name => [0.0, 1.0]])];
            $shared = $could = [];
            [$xx, $xy, $yy] = $moves->covariances[$name];
            $det = $xx * $yy - $xy * $xy;
            foreach ($further->pairs as $k => [, , $sigma]) {
                $x = $y = 0.0;
                foreach ($slopes[$k] as $end => [$sx, $sy]) {
                    $x += $sx * $ofX[$end][0] + $sy * $ofX[$end][1];
                    $y += $sx * $ofY[$end][0] + $sy * $ofY[$end][1];
                }
                [$x, $y] = $shared[$k] = $moves->seen($name, $x, $y, $taken[$k]);
                $least = $det > 0.0 ? max(0.0, ($yy * $x * $x - 2 * $xy * $x * $y + $xx * $y * $y) / $det) : 0.0;
                $could[$k] = self::majorLeft($moves->covariances[$name], [$x, $y], $sigma ** 2 + $least);
            }
            asort($could);
            $majors = [];
            $smallest = INF;
            foreach ($could as $k => $major) {
                if ($major > $smallest + self::SAME) {
                    break;
                }
                [$from, $to, $sigma] = $further->pairs[$k];
                $variances[$k] ??= $network->solution->variance($network->wouldRead($from, $to, $sigma)->row);
                $majors[$k] = self::majorLeft($moves->covariances[$name], $shared[$k], $sigma ** 2 + $variances[$k]);
                $smallest = min($smallest, $majors[$k]);
            }
            $same = array_filter($majors, fn (float $major) => $major <= $smallest + self::SAME);
            if ($same !== []) {
                // Of those that do the same, the first in stake order.
                $k = min(array_keys($same));
                $best[$name] = new self($further->pairs[$k][0], $further->pairs[$k][1], $majors[$k]);
            }
        }

        return $best;
    }

    /**
     * @param  array{float, float, float}  $covariance  of a move: xx, xy, yy
     * @param  array{float, float}  $shared  its covariance with a reading
     * @param  float  $variance  of that reading against what is known
     */
    private static function majorLeft(array $covariance, array $shared, float $variance): float
    {
        [[$xx, $xy, $yy], [$x, $y]] = [$covariance, $shared];
        [$xx, $xy, $yy] = [$xx - $x * $x / $variance, $xy - $x * $y / $variance, $yy - $y * $y / $variance];

        return sqrt(max(0.0, ($xx + $yy) / 2 + sqrt((($xx - $yy) / 2) ** 2 + $xy * $xy)));
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
