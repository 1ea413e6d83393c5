<?php

declare(strict_types=1);

namespace Aequus\Adjust;

use LogicException;

/**
 * How uncertain the moves are under one placement: S·Q·Sᵀ with S = I − G(BᵀG)⁻¹Bᵀ, G the shifts and the turn of the whole design, B what
 * fixes the placement. An S-transformation after Baarda, S-transformations and criterion matrices (1973). Nothing larger than three columns
 * is ever formed.
 */
final readonly class MoveCovariance
{
    /** @var array<string, array{array{float, float, float}, array{float, float, float}}> rows of G for x and y, by station */
    private array $g;

    /** @var list<array<string, array{float, float}>> columns of B by station */
    private array $b;

    /** @var array<string, array{array{float, float, float}, array{float, float, float}}> rows of G(BᵀG)⁻¹ for x and y, by station */
    private array $gh;

    /** @var array<string, ErrorEllipse> of each move */
    public array $ellipses;

    /** @var array<string, array{float, float, float}> variance of x, covariance, variance of y of each move */
    public array $covariances;

    /**
     * @param  array<string, array{float, float}>  $at  where the stations stand, at least two
     * @param  PlacementWay  $way  base line: $fixing is P and Q; held: the held ones; fewest moves: those left alone
     * @param  list<string>  $fixing  the stations that fix the placement
     * @param  callable(string): array{float, float, float}  $covariance  of a station: xx, xy, yy
     * @param  callable(array<string, array{float, float}>): array<string, array{float, float}>  $spread  Q times a combination
     */
    public function __construct(array $at, PlacementWay $way, array $fixing, callable $covariance, callable $spread)
    {
        $n = count($at);
        $x = array_sum(array_column($at, 0)) / $n;
        $y = array_sum(array_column($at, 1)) / $n;
        $this->g = array_map(fn (array $p) => [[1.0, 0.0, -($p[1] - $y)], [0.0, 1.0, $p[0] - $x]], $at);
        $this->b = self::fixing($at, $way, $fixing, $this->g);
        $h = self::inverse(array_map(fn (array $column) => array_map(fn (int $k) => $this->alongG($column, $k), [0, 1, 2]), $this->b));
        $this->gh = array_map(fn (array $rows) => [self::times($rows[0], $h), self::times($rows[1], $h)], $this->g);
        $qb = array_map($spread, $this->b);
        $bqb = array_map(fn (array $column) => array_map(fn (array $q) => self::inner($column, $q), $qb), $this->b);
        $ellipses = $covariances = [];
        foreach (array_keys($at) as $name) {
            [$xx, $xy, $yy] = $covariance((string) $name);
            // Rows of G·H for this station, one for x and one for y.
            [$mx, $my] = $this->gh[$name];
            foreach ([0, 1, 2] as $i) {
                [$qx, $qy] = $qb[$i][$name];
                $xx -= 2 * $mx[$i] * $qx;
                $xy -= $mx[$i] * $qy + $my[$i] * $qx;
                $yy -= 2 * $my[$i] * $qy;
                foreach ([0, 1, 2] as $j) {
                    $xx += $mx[$i] * $bqb[$i][$j] * $mx[$j];
                    $xy += $mx[$i] * $bqb[$i][$j] * $my[$j];
                    $yy += $my[$i] * $bqb[$i][$j] * $my[$j];
                }
            }
            $covariances[$name] = [$xx, $xy, $yy];
            $ellipses[$name] = ErrorEllipse::of($xx, $xy, $yy);
        }
        [$this->ellipses, $this->covariances] = [$ellipses, $covariances];
    }

    /** @param  list<string>  $fixing */
    public static function ofNetwork(AdjustedNetwork $network, PlacementWay $way, array $fixing): self
    {
        return new self($network->at, $way, $fixing, $network->covariance(...), $network->spread(...));
    }

    /** The largest semi-axis of all moves, mm. */
    public function largest(): float
    {
        return max(0.0, ...array_values(array_map(fn (ErrorEllipse $ellipse) => $ellipse->major, $this->ellipses)));
    }

    /**
     * What a vector of stations has of the placement: Bᵀ times it. Linear in the vector.
     *
     * @param  array<string, array{float, float}>  $vector
     * @return array{float, float, float}
     */
    public function taken(array $vector): array
    {
        return [self::inner($this->b[0], $vector), self::inner($this->b[1], $vector), self::inner($this->b[2], $vector)];
    }

    /**
     * One station of a vector as it is seen once the placement is taken out of it: its rows of S times the vector.
     *
     * @param  array{float, float, float}  $taken  of the same vector
     * @return array{float, float}
     */
    public function seen(string $name, float $x, float $y, array $taken): array
    {
        [$mx, $my] = $this->gh[$name];

        return [$x - $mx[0] * $taken[0] - $mx[1] * $taken[1] - $mx[2] * $taken[2], $y - $my[0] * $taken[0] - $my[1] * $taken[1] - $my[2] * $taken[2]];
    }

    /**
     * @param  array<string, array{float, float}>  $at
     * @param  list<string>  $fixing
     * @param  array<string, array{array{float, float, float}, array{float, float, float}}>  $g
     * @return list<array<string, array{float, float}>> three columns of B
     */
    private static function fixing(array $at, PlacementWay $way, array $fixing, array $g): array
    {
        if ($way === PlacementWay::BaseLine) {
            [$p, $q] = $fixing;
            [$dx, $dy] = [$at[$q][0] - $at[$p][0], $at[$q][1] - $at[$p][1]];

            return [[$p => [1.0, 0.0]], [$p => [0.0, 1.0]], [$p => [$dy, -$dx], $q => [-$dy, $dx]]];
        }
        if (count($fixing) === 1) {
            [$hx, $hy] = $at[$fixing[0]];

            return [[$fixing[0] => [1.0, 0.0]], [$fixing[0] => [0.0, 1.0]], array_map(fn (array $p) => [-($p[1] - $hy), $p[0] - $hx], $at)];
        }
        $columns = [[], [], []];
        foreach ($fixing as $name) {
            foreach ([0, 1, 2] as $k) {
                $columns[$k][$name] = [$g[$name][0][$k], $g[$name][1][$k]];
            }
        }

        return $columns;
    }

    /** @param  array<string, array{float, float}>  $column */
    private function alongG(array $column, int $k): float
    {
        $sum = 0.0;
        foreach ($column as $name => [$x, $y]) {
            $sum += $x * $this->g[$name][0][$k] + $y * $this->g[$name][1][$k];
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
     * @param  array<string, array{float, float}>  $one
     * @param  array<string, array{float, float}>  $other
     */
    private static function inner(array $one, array $other): float
    {
        $sum = 0.0;
        foreach ($one as $name => [$x, $y]) {
            $sum += $x * $other[$name][0] + $y * $other[$name][1];
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
