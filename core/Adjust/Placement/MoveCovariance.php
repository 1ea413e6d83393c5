<?php

declare(strict_types=1);

namespace Aequus\Adjust\Placement;

use Aequus\Adjust\Network\AdjustedNetwork;
use Aequus\Adjust\Network\HeldByLines;
use Aequus\Adjust\Solve\ErrorEllipse;
use Aequus\Measure\Vector;
use LogicException;

/**
 * How uncertain the moves are under one placement: S·Q·Sᵀ with S = I − G(BᵀG)⁻¹Bᵀ, G the shifts and the turn of the whole design, B what
 * fixes the placement. An S-transformation after Baarda, S-transformations and criterion matrices (1973). Nothing larger than three columns
 * is ever formed.
 */
final readonly class MoveCovariance
{
    /** @var list<array<string, Vector>> columns of B by station */
    private array $b;

    /** @var array<string, array{array{float, float, float}, array{float, float, float}}> rows of G(BᵀG)⁻¹ for x and y, by station */
    private array $gh;

    /** @var list<array<string, Vector>> QB, its three columns by station */
    private array $qb;

    /** @var list<list<float>> BᵀQB */
    private array $bqb;

    /** @var ?array{float, float, float} row of (BᵀG)⁻¹ for the turn; null where the placement has none */
    private ?array $turn;

    /** @var array<string, ErrorEllipse> of each move */
    public array $ellipses;

    /** @var array<string, ErrorEllipse> of each move as it counts against the tolerance */
    public array $counted;

    /** @var array<string, array{float, float, float}> variance of x, covariance, variance of y of each move as it counts */
    public array $covariances;

    /**
     * @param  non-empty-array<string, Vector>  $at  where the stations stand, at least two
     * @param  PlacementWay  $way  base line: $fixing is P and Q; held: the held ones; fewest moves and by the line: those left alone
     * @param  list<string>  $fixing  the stations that fix the placement
     * @param  callable(string): array{float, float, float}  $covariance  of a station: xx, xy, yy
     * @param  callable(array<string, Vector>): array<string, Vector>  $spread  Q times a combination
     * @param  ?HeldByLines  $held  by the line: what the lines hold
     * @param  Allowed  $allowed  on the ground
     */
    public function __construct(
        array $at, PlacementWay $way, array $fixing, callable $covariance, callable $spread, ?HeldByLines $held, private Allowed $allowed,
    ) {
        $lines = $way === PlacementWay::ByLine ? $held : null;
        if ($lines !== null && $lines->direction) {
            $this->b = self::along($lines->along(), $fixing);
            $this->gh = array_map(fn () => self::shiftOnly($lines->along(), count($fixing)), $at);
        } else {
            $centre = Vector::centre($at);
            $g = array_map(fn (Vector $p) => [[1.0, 0.0, -($p->y - $centre->y)], [0.0, 1.0, $p->x - $centre->x]], $at);
            $this->b = self::fixing($at, $way, $fixing, $g);
            $h = self::inverse(array_map(fn (array $column) => array_map(fn (int $k) => self::alongG($column, $g, $k), [0, 1, 2]), $this->b));
            $gh = array_map(fn (array $rows) => [self::times($rows[0], $h), self::times($rows[1], $h)], $g);
            $this->gh = $lines === null ? $gh : self::placedByLines($gh, $lines);
        }
        $this->turn = isset($h) ? [$h[2][0], $h[2][1], $h[2][2]] : null;
        $this->qb = $qb = array_map($spread, $this->b);
        $this->bqb = array_map(fn (array $column) => array_map(fn (array $q) => self::inner($column, $q), $qb), $this->b);
        $ellipses = $counted = $covariances = [];
        foreach (array_keys($at) as $name) {
            [$xx, $xy, $yy] = $covariance((string) $name);
            // Rows of G·H for this station, one for x and one for y.
            [$mx, $my] = $this->gh[$name];
            foreach ([0, 1, 2] as $i) {
                [$qx, $qy] = [$qb[$i][$name]->x, $qb[$i][$name]->y];
                $xx -= 2 * $mx[$i] * $qx;
                $xy -= $mx[$i] * $qy + $my[$i] * $qx;
                $yy -= 2 * $my[$i] * $qy;
                foreach ([0, 1, 2] as $j) {
                    $xx += $mx[$i] * $this->bqb[$i][$j] * $mx[$j];
                    $xy += $mx[$i] * $this->bqb[$i][$j] * $my[$j];
                    $yy += $my[$i] * $this->bqb[$i][$j] * $my[$j];
                }
            }
            $stretch = $allowed->stretches[$name] ?? null;
            $covariances[$name] = $stretch?->covariance([$xx, $xy, $yy]) ?? [$xx, $xy, $yy];
            $ellipses[$name] = ErrorEllipse::of($xx, $xy, $yy);
            $counted[$name] = $stretch === null ? $ellipses[$name] : ErrorEllipse::of(...$covariances[$name]);
        }
        [$this->ellipses, $this->counted, $this->covariances] = [$ellipses, $counted, $covariances];
    }

    /** @param  list<string>  $fixing */
    public static function ofNetwork(AdjustedNetwork $network, PlacementWay $way, array $fixing, Allowed $allowed, ?HeldByLines $held = null): self
    {
        return new self($network->at, $way, $fixing, $network->covariance(...), $network->spread(...), $held, $allowed);
    }

    /** Standard deviation of the turn of the placement, radians; zero where it has none. */
    public function turnDeviation(): float
    {
        $variance = 0.0;
        foreach ($this->turn ?? [] as $i => $one) {
            foreach ($this->turn ?? [] as $j => $other) {
                $variance += $one * $this->bqb[$i][$j] * $other;
            }
        }

        return sqrt(max(0.0, $variance));
    }

    /** The largest semi-axis of all moves as they count, mm. */
    public function largest(): float
    {
        return max(0.0, ...array_values(array_map(fn (ErrorEllipse $ellipse) => $ellipse->major, $this->counted)));
    }

    /**
     * What Q times a combination of stations has of the placement: Bᵀ·Q times it.
     *
     * @param  array<string, Vector>  $slopes
     * @return array{float, float, float}
     */
    public function takenOf(array $slopes): array
    {
        return [self::inner($slopes, $this->qb[0]), self::inner($slopes, $this->qb[1]), self::inner($slopes, $this->qb[2])];
    }

    /**
     * One station of a vector as it counts once the placement is taken out of it: its rows of S times the vector.
     *
     * @param  array{float, float, float}  $taken  of the same vector
     */
    public function seen(string $name, Vector $of, array $taken): Vector
    {
        [$mx, $my] = $this->gh[$name];

        return $this->allowed->counts($name, new Vector(
            $of->x - $mx[0] * $taken[0] - $mx[1] * $taken[1] - $mx[2] * $taken[2],
            $of->y - $my[0] * $taken[0] - $my[1] * $taken[1] - $my[2] * $taken[2],
        ));
    }

    /**
     * @param  array<string, Vector>  $at
     * @param  list<string>  $fixing
     * @param  array<string, array{array{float, float, float}, array{float, float, float}}>  $g
     * @return list<array<string, Vector>> three columns of B
     */
    private static function fixing(array $at, PlacementWay $way, array $fixing, array $g): array
    {
        if ($way === PlacementWay::BaseLine) {
            [$p, $q] = $fixing;
            $across = $at[$q]->minus($at[$p])->left();

            return [[$p => new Vector(1.0, 0.0)], [$p => new Vector(0.0, 1.0)], [$p => $across->times(-1.0), $q => $across]];
        }
        if (count($fixing) === 1) {
            $about = $at[$fixing[0]];

            return [
                [$fixing[0] => new Vector(1.0, 0.0)], [$fixing[0] => new Vector(0.0, 1.0)],
                array_map(fn (Vector $p) => $p->minus($about)->left(), $at),
            ];
        }
        $columns = [[], [], []];
        foreach ($fixing as $name) {
            foreach ([0, 1, 2] as $k) {
                $columns[$k][$name] = new Vector($g[$name][0][$k], $g[$name][1][$k]);
            }
        }

        return $columns;
    }

    /**
     * The placement held in direction by lines: only the shift along them is free, and fixed by the stations left alone.
     *
     * @param  ?Vector  $along  null where not even a shift is free
     * @param  list<string>  $fixing
     * @return list<array<string, Vector>> three columns of B
     */
    private static function along(?Vector $along, array $fixing): array
    {
        return [$along === null ? [] : array_fill_keys($fixing, $along), [], []];
    }

    /**
     * @return array{array{float, float, float}, array{float, float, float}} rows of G(BᵀG)⁻¹, alike for every station
     */
    private static function shiftOnly(?Vector $along, int $fixing): array
    {
        $along ??= Vector::zero();

        return [[$along->x / $fixing, 0.0, 0.0], [$along->y / $fixing, 0.0, 0.0]];
    }

    /**
     * After fewest moves the design is shifted so that the stations read from lines come to their offsets: S + (1⊗N⁺)(K − K·S).
     *
     * @param  array<string, array{array{float, float, float}, array{float, float, float}}>  $gh
     * @return array<string, array{array{float, float, float}, array{float, float, float}}>
     */
    private static function placedByLines(array $gh, HeldByLines $held): array
    {
        $shifts = array_map(
            fn (int $k) => $held->leastShift(
                array_map(fn (array $offset) => $offset[1]->x * $gh[$offset[0]][0][$k] + $offset[1]->y * $gh[$offset[0]][1][$k], $held->offsets),
            ),
            [0, 1, 2],
        );

        return array_map(fn (array $rows) => [
            [$rows[0][0] - $shifts[0]->x, $rows[0][1] - $shifts[1]->x, $rows[0][2] - $shifts[2]->x],
            [$rows[1][0] - $shifts[0]->y, $rows[1][1] - $shifts[1]->y, $rows[1][2] - $shifts[2]->y],
        ], $gh);
    }

    /**
     * @param  array<string, Vector>  $column
     * @param  array<string, array{array{float, float, float}, array{float, float, float}}>  $g
     */
    private static function alongG(array $column, array $g, int $k): float
    {
        $sum = 0.0;
        foreach ($column as $name => $part) {
            $sum += $part->x * $g[$name][0][$k] + $part->y * $g[$name][1][$k];
        }

        return $sum;
    }

    /**
     * @param  array{float, float, float}  $row
     * @param  list<list<float>>  $m  three by three
     * @return array{float, float, float}
     */
    private static function times(array $row, array $m): array
    {
        [$a, $b, $c] = $row;

        return [
            $a * $m[0][0] + $b * $m[1][0] + $c * $m[2][0],
            $a * $m[0][1] + $b * $m[1][1] + $c * $m[2][1],
            $a * $m[0][2] + $b * $m[1][2] + $c * $m[2][2],
        ];
    }

    /**
     * @param  array<string, Vector>  $one
     * @param  array<string, Vector>  $other
     */
    private static function inner(array $one, array $other): float
    {
        $sum = 0.0;
        foreach ($one as $name => $part) {
            $sum += $part->x * $other[$name]->x + $part->y * $other[$name]->y;
        }

        return $sum;
    }

    /**
     * @param  list<list<float>>  $m  three by three
     * @return list<list<float>>
     */
    private static function inverse(array $m): array
    {
        [[$a, $b, $c], [$d, $e, $f], [$g, $h, $i]] = $m;
        $determinant = $a * ($e * $i - $f * $h) - $b * ($d * $i - $f * $g) + $c * ($d * $h - $e * $g);
        if (abs($determinant) < 1e-30) {
            throw new LogicException('A placement must be fixed by stations that stand apart.');
        }

        return [
            [($e * $i - $f * $h) / $determinant, ($c * $h - $b * $i) / $determinant, ($b * $f - $c * $e) / $determinant],
            [($f * $g - $d * $i) / $determinant, ($a * $i - $c * $g) / $determinant, ($c * $d - $a * $f) / $determinant],
            [($d * $h - $e * $g) / $determinant, ($b * $g - $a * $h) / $determinant, ($a * $e - $b * $d) / $determinant],
        ];
    }
}
