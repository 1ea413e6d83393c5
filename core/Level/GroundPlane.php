<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Measure\Length;
use Aequus\Measure\Slope;

/** The level plane that lies closest to the ground, by least squares; where all points stand in one line, the slope along it. */
final readonly class GroundPlane
{
    private const IN_LINE = 1e-9;

    /**
     * @param  Slope  $fall  downhill, never negative
     * @param  ?float  $direction  downhill, radians from +x toward +y in [0, 2π); null on level ground
     * @param  list<Length>  $residuals  plane less height, in the order given
     */
    private function __construct(
        public Slope $fall,
        public ?float $direction,
        public array $residuals,
        public bool $onOneLine,
    ) {
    }

    /** @param  non-empty-list<GroundPoint>  $points */
    public static function fit(array $points): self
    {
        $n = count($points);
        $x = array_map(fn (GroundPoint $p) => $p->at->x->inMillimetres(), $points);
        $y = array_map(fn (GroundPoint $p) => $p->at->y->inMillimetres(), $points);
        $z = array_map(fn (GroundPoint $p) => $p->height->inMillimetres(), $points);
        [$mx, $my, $mz] = [array_sum($x) / $n, array_sum($y) / $n, array_sum($z) / $n];
        $xx = $xy = $yy = $xz = $yz = 0.0;
        for ($i = 0; $i < $n; $i++) {
            [$dx, $dy, $dz] = [$x[$i] - $mx, $y[$i] - $my, $z[$i] - $mz];
            [$xx, $xy, $yy] = [$xx + $dx * $dx, $xy + $dx * $dy, $yy + $dy * $dy];
            [$xz, $yz] = [$xz + $dx * $dz, $yz + $dy * $dz];
        }
        $determinant = $xx * $yy - $xy * $xy;
        $onOneLine = $determinant <= self::IN_LINE * ($xx + $yy) ** 2;
        if ($onOneLine) {
            // The direction of the line is the larger column of the scatter; the slope is taken along it.
            [$ux, $uy] = $xx >= $yy ? [$xx, $xy] : [$xy, $yy];
            $size = hypot($ux, $uy);
            $along = $size > 0 ? ($xz * $ux + $yz * $uy) / $size / ($xx + $yy) : 0.0;
            [$b, $c] = $size > 0 ? [$along * $ux / $size, $along * $uy / $size] : [0.0, 0.0];
        } else {
            [$b, $c] = [($xz * $yy - $yz * $xy) / $determinant, ($yz * $xx - $xz * $xy) / $determinant];
        }
        $residuals = [];
        for ($i = 0; $i < $n; $i++) {
            $residuals[] = Length::millimetres($mz + $b * ($x[$i] - $mx) + $c * ($y[$i] - $my) - $z[$i]);
        }
        $fall = hypot($b, $c);
        $direction = $fall > 1e-12 ? fmod(atan2(-$c, -$b) + 2 * M_PI, 2 * M_PI) : null;

        return new self(Slope::ratio($fall), $direction, $residuals, $onOneLine);
    }
}
