<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Adjust\Statistics\NormalDistribution;
use Aequus\Adjust\Statistics\StudentT;
use Aequus\Measure\Guess;
use Aequus\Measure\Guesses;
use Aequus\Plan\Terms\Point;

/**
 * Ground that was read from one set-up only, compared with the plane that all the ground makes: a rod misread by a foot stands out. It asks,
 * it never drops. Deleted studentised residuals, as in Cook and Weisberg, Residuals and influence in regression (1982). Millimetres.
 */
final readonly class GroundTest
{
    private const FEWEST = 8;

    /** A slip that would hide at more than this makes the test worthless. */
    private const MOST_HIDDEN = 100.0;

    /** A spread less than this share of the other is a line. */
    private const LINE = 1e-3;

    /**
     * @param  ?string  $point  the one that stands out
     * @param  ?float  $above  how far it stands above what the others say
     * @param  list<Guess>  $guesses  at that
     * @param  list<string>  $realGround  read from two set-ups or more, and standing out: so is the ground there
     * @param  list<string>  $unchecked  read from one set-up only, where a slip could hide
     */
    private function __construct(
        public GroundDoubt $doubt,
        public ?string $point = null,
        public ?float $above = null,
        public ?float $studentised = null,
        public array $guesses = [],
        public array $realGround = [],
        public int $tested = 0,
        public ?float $critical = null,
        public ?float $roughness = null,
        public ?float $leastSlipSeen = null,
        public array $unchecked = [],
    ) {
    }

    /** @param  array<string, array{Point, float, int}>  $points  by name: where, how high, and from how many set-ups it was read */
    public static function of(array $points): self
    {
        $single = array_map(strval(...), array_keys(array_filter($points, fn (array $point) => $point[2] < 2)));
        $real = [];
        while (true) {
            $n = count($points);
            if ($n < self::FEWEST) {
                return new self(GroundDoubt::TooFew, realGround: $real, unchecked: $single);
            }
            $fit = self::fit($points);
            if ($fit === null) {
                return new self(GroundDoubt::OnOneLine, realGround: $real, unchecked: $single);
            }
            $m = count($single);
            if ($m === 0) {
                return new self(GroundDoubt::None, realGround: $real);
            }
            $critical = StudentT::quantile(1 - NormalDistribution::riskOfOne($m) / 2, $n - 4);
            [$most, $t] = ['', -1.0];
            foreach ($fit as $name => [$off, $leverage, $scatter]) {
                $size = $scatter > 0.0 ? abs($off) / ($scatter * sqrt(1 - $leverage)) : ($off === 0.0 ? 0.0 : INF);
                [$most, $t] = $size > $t ? [(string) $name, $size] : [$most, $t];
            }
            if ($t > $critical && $points[$most][2] >= 2) {
                $real[] = $most;
                unset($points[$most]);

                continue;
            }
            [$off, $leverage, $scatter] = $fit[$most];
            $open = $scatter / sqrt(1 - $leverage);
            if ($t > $critical) {
                $above = $off / (1 - $leverage);

                return new self(
                    GroundDoubt::Doubted, $most, $above, $t, (new Guesses)->ofMisfit($above, max(3.0, 3 * $open)), $real, $m, $critical, $scatter,
                    $critical * $open,
                );
            }
            $rough = $critical * $open > self::MOST_HIDDEN;

            return new self(
                $rough ? GroundDoubt::TooRough : GroundDoubt::None, null, null, null, [], $real, $m, $critical, $scatter, $critical * $open,
                $rough ? $single : [],
            );
        }
    }

    /**
     * @param  array<string, array{Point, float, int}>  $points
     * @return ?array<string, array{float, float, float}> by point: height less plane, its leverage, and the scatter of the others; null on one line
     */
    private static function fit(array $points): ?array
    {
        $n = count($points);
        $x = array_map(fn (array $p) => $p[0]->x->inMillimetres(), $points);
        $y = array_map(fn (array $p) => $p[0]->y->inMillimetres(), $points);
        $z = array_map(fn (array $p) => $p[1], $points);
        [$mx, $my, $mz] = [array_sum($x) / $n, array_sum($y) / $n, array_sum($z) / $n];
        $xx = $xy = $yy = $xz = $yz = 0.0;
        foreach ($z as $name => $height) {
            [$dx, $dy, $dz] = [$x[$name] - $mx, $y[$name] - $my, $height - $mz];
            [$xx, $xy, $yy, $xz, $yz] = [$xx + $dx * $dx, $xy + $dx * $dy, $yy + $dy * $dy, $xz + $dx * $dz, $yz + $dy * $dz];
        }
        $root = hypot(($xx - $yy) / 2, $xy);
        [$large, $small] = [($xx + $yy) / 2 + $root, ($xx + $yy) / 2 - $root];
        if (sqrt(max(0.0, $small)) <= self::LINE * sqrt($large)) {
            return null;
        }
        $determinant = $xx * $yy - $xy * $xy;
        [$b, $c] = [($xz * $yy - $yz * $xy) / $determinant, ($yz * $xx - $xz * $xy) / $determinant];
        $off = $leverages = [];
        foreach ($z as $name => $height) {
            [$dx, $dy] = [$x[$name] - $mx, $y[$name] - $my];
            $off[$name] = $height - $mz - $b * $dx - $c * $dy;
            $leverages[$name] = 1 / $n + ($yy * $dx * $dx - 2 * $xy * $dx * $dy + $xx * $dy * $dy) / $determinant;
        }
        $squares = array_sum(array_map(fn (float $e) => $e * $e, $off));
        $fit = [];
        foreach ($off as $name => $e) {
            $fit[$name] = [$e, $leverages[$name], sqrt(max(0.0, ($squares - $e * $e / (1 - $leverages[$name])) / ($n - 4)))];
        }

        return $fit;
    }
}
