<?php

declare(strict_types=1);

namespace App\Drawing\Drawn;

/** Finds each label a place where it covers nothing that was placed before it. */
final class Labels
{
    private const GAP = 2.0;

    /** @var list<array{float, float, float, float}> left, top, right, bottom of everything that must stay free */
    private array $taken = [];

    /** @var list<DrawnLabel> */
    public array $placed = [];

    public function __construct(private readonly float $width, private readonly float $height)
    {
    }

    /** Keeps a place free of labels. */
    public function keepFree(float $x, float $y, float $half): void
    {
        $this->taken[] = [$x - $half, $y - $half, $x + $half, $y + $half];
    }

    /**
     * Puts a label beside a point, at the first of eight places round it that is free, else further out; where none is, where it covers least.
     *
     * @param  string  $plain  the text as it will be read, for its length
     * @param  string  $typeset  the same as pieces of an SVG text
     * @param  float  $away  from the point, drawing units
     */
    public function beside(float $x, float $y, string $plain, string $typeset, string $class, float $away, float $size = 15.0): void
    {
        [$w, $h] = [self::widthOf($plain, $size), $size];
        $best = null;
        foreach ([1.0, 1.7, 2.6, 3.8] as $far) {
            $out = $away * $far;
            $low = 0.35 * $h;
            $places = [
                [$x + 0.75 * $out, $y + 0.75 * $out + $h, 'start'], [$x - 0.75 * $out, $y + 0.75 * $out + $h, 'end'],
                [$x + 0.75 * $out, $y - 0.75 * $out, 'start'], [$x - 0.75 * $out, $y - 0.75 * $out, 'end'],
                [$x + $out + 2, $y + $low, 'start'], [$x - $out - 2, $y + $low, 'end'], [$x, $y + $out + $h, 'middle'], [$x, $y - $out - 3, 'middle'],
            ];
            foreach ($places as [$left, $base, $anchor]) {
                $box = self::box($left, $base, $anchor, $w, $h);
                $cover = $this->covers($box, $best === null ? INF : $best[0]);
                if ($best === null || $cover < $best[0]) {
                    $best = [$cover, $left, $base, $anchor, $box];
                }
                if ($cover <= 0.0) {
                    break 2;
                }
            }
        }
        [, $left, $base, $anchor, $box] = $best;
        $this->taken[] = $box;
        $this->placed[] = new DrawnLabel(round($left, 1), round($base, 1), $anchor, $typeset, $class, $box);
    }

    /** Condensed figures are about as wide as half their height. */
    public static function widthOf(string $plain, float $size): float
    {
        return mb_strlen($plain) * 0.48 * $size;
    }

    /** @return array{float, float, float, float} */
    private static function box(float $left, float $base, string $anchor, float $w, float $h): array
    {
        $from = match ($anchor) {
            'end' => $left - $w, 'middle' => $left - $w / 2, default => $left
        };

        return [$from, $base - 0.8 * $h, $from + $w, $base + 0.2 * $h];
    }

    /**
     * @param  array{float, float, float, float}  $box
     * @param  float  $enough  beyond which it does not matter how much
     */
    private function covers(array $box, float $enough): float
    {
        $cover = $box[0] < 0 || $box[1] < 0 || $box[2] > $this->width || $box[3] > $this->height ? 1e6 : 0.0;
        foreach ($this->taken as [$left, $top, $right, $bottom]) {
            if ($cover >= $enough) {
                return $cover;
            }
            if ($left - self::GAP >= $box[2] || $box[0] >= $right + self::GAP || $top - self::GAP >= $box[3] || $box[1] >= $bottom + self::GAP) {
                continue;
            }
            $cover += (min($box[2], $right) - max($box[0], $left) + self::GAP) * (min($box[3], $bottom) - max($box[1], $top) + self::GAP);
        }

        return $cover;
    }
}
