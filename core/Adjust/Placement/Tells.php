<?php

declare(strict_types=1);

namespace Aequus\Adjust\Placement;

use Aequus\Adjust\Network\AdjustedNetwork;
use Aequus\Adjust\Network\Distance;
use Aequus\Adjust\Network\FurtherDistances;
use Aequus\Measure\Vector;

/** What one further distance would do to the uncertainty of the moves. */
final readonly class Tells
{
    private const SAME = 1e-9;

    /** So many of the least certain stations say which distances are worked out first. */
    private const ASKED_FIRST = 12;

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
        $variances = $best = [];
        foreach ($names as $name) {
            [$shared, $could] = self::could($network, $moves, $further, $name);
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
     * @param  Vector  $shared  its covariance with a reading
     * @param  float  $variance  of that reading against what is known
     */
    private static function majorLeft(array $covariance, Vector $shared, float $variance): float
    {
        [[$xx, $xy, $yy], $x, $y] = [$covariance, $shared->x, $shared->y];
        [$xx, $xy, $yy] = [$xx - $x * $x / $variance, $xy - $x * $y / $variance, $yy - $y * $y / $variance];

        return sqrt(max(0.0, ($xx + $yy) / 2 + sqrt((($xx - $yy) / 2) ** 2 + $xy * $xy)));
    }

    /**
     * The further distance that would leave the largest semi-axis of all stations smallest; null where none is left to read. None leaves less than
     * what it leaves of any one station, so those that could do most for the least certain ones come first.
     */
    public static function ofAll(AdjustedNetwork $network, MoveCovariance $moves, FurtherDistances $further): ?self
    {
        $covariances = $moves->covariances;
        uksort($covariances, fn (int|string $one, int|string $other) => $moves->counted[$other]->major <=> $moves->counted[$one]->major);
        if ($further->pairs === [] || $covariances === []) {
            return null;
        }
        $could = [];
        foreach (array_slice(array_keys($covariances), 0, self::ASKED_FIRST) as $name) {
            foreach (self::could($network, $moves, $further, (string) $name)[1] as $k => $major) {
                $could[$k] = max($could[$k] ?? 0.0, $major);
            }
        }
        asort($could);
        $left = [];
        $smallest = INF;
        foreach ($could as $k => $major) {
            if ($major > $smallest + self::SAME) {
                break;
            }
            $largest = self::largestLeft($network, $covariances, $moves, $further->pairs[$k], $smallest + self::SAME);
            if ($largest !== null) {
                $left[$k] = $largest;
                $smallest = min($smallest, $largest);
            }
        }
        $same = array_filter($left, fn (float $major) => $major <= $smallest + self::SAME);
        if ($same === []) {
            return null;
        }
        $k = min(array_keys($same));

        return new self($further->pairs[$k][0], $further->pairs[$k][1], $left[$k]);
    }

    /**
     * What each distance shares with the move of a station, and the least that it could leave of that move’s largest semi-axis, least first.
     *
     * @return array{array<int, Vector>, array<int, float>}
     */
    private static function could(AdjustedNetwork $network, MoveCovariance $moves, FurtherDistances $further, string $name): array
    {
        [$ofX, $ofY] = [$network->spread([$name => new Vector(1.0, 0.0)]), $network->spread([$name => new Vector(0.0, 1.0)])];
        $shared = $could = [];
        [$xx, $xy, $yy] = $moves->covariances[$name];
        $det = $xx * $yy - $xy * $xy;
        foreach ($further->pairs as $k => [$from, $to, $sigma]) {
            $slopes = (new Distance('', $from, $to, 0.0, $sigma))->slopes($network->at);
            $x = $y = 0.0;
            foreach ($slopes as $end => $slope) {
                $x += $slope->dot($ofX[$end]);
                $y += $slope->dot($ofY[$end]);
            }
            $seen = $shared[$k] = $moves->seen($name, new Vector($x, $y), $moves->takenOf($slopes));
            [$x, $y] = [$seen->x, $seen->y];
            $least = $det > 0.0 ? max(0.0, ($yy * $x * $x - 2 * $xy * $x * $y + $xx * $y * $y) / $det) : 0.0;
            $could[$k] = self::majorLeft($moves->covariances[$name], $seen, $sigma ** 2 + $least);
        }
        asort($could);

        return [$shared, $could];
    }

    /**
     * @param  array<string, array{float, float, float}>  $covariances  of the moves, in the order in which they are worked out
     * @param  array{string, string, float}  $pair  a further distance
     * @param  float  $below  where any semi-axis stays larger it is not followed further
     * @return ?float the largest semi-axis that the distance would leave; null where it is not below
     */
    private static function largestLeft(AdjustedNetwork $network, array $covariances, MoveCovariance $moves, array $pair, float $below): ?float
    {
        [$from, $to, $sigma] = $pair;
        $slopes = (new Distance('', $from, $to, 0.0, $sigma))->slopes($network->at);
        $moved = $network->spread($slopes);
        [$variance, $taken, $largest] = [$sigma ** 2, $moves->takenOf($slopes), 0.0];
        foreach ($slopes as $end => $slope) {
            $variance += $slope->dot($moved[$end]);
        }
        foreach ($covariances as $name => $covariance) {
            $shared = $moves->seen((string) $name, $moved[$name], $taken);
            $largest = max($largest, self::majorLeft($covariance, $shared, $variance));
            if ($largest > $below) {
                return null;
            }
        }

        return $largest;
    }
}
