<?php

declare(strict_types=1);

namespace App\Drawing\Drawn;

/** Finds each label a place where it covers nothing that was placed before it. */
final class Labels
{
    private const GAP = 2.0;

    /** Drawing units of a cell by which what is taken is found again. */
    private const CELL = 60.0;

    /** @var list<array{float, float, float, float}> left, top, right, bottom of everything that must stay free */
    private array $taken = [];

    /** @var array<int, array<int, list<int>>> places in that list, by the row and column of every cell they reach into */
    private array $cells = [];

    /** @var list<DrawnLabel> */
    public array $placed = [];

    public function __construct(private readonly float $width, private readonly float $height)
    {
    }

    /** Keeps a place free of labels. */
    public function keepFree(float $x, float $y, float $half): void
    {
        $this->take([$x - $half, $y - $half, $x + $half, $y + $half]);
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
        $this->take($box);
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
        foreach ($this->near($box) as $i) {
            [$left, $top, $right, $bottom] = $this->taken[$i];
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

    /** @param  array{float, float, float, float}  $box */
    private function take(array $box): void
    {
        $this->taken[] = $box;
        foreach (self::across($box[1], $box[3]) as $row) {
            foreach (self::across($box[0], $box[2]) as $column) {
                $this->cells[$row][$column][] = count($this->taken) - 1;
            }
        }
    }

    /**
     * @param  array{float, float, float, float}  $box
     * @return list<int> what could touch it, each once
     */
    private function near(array $box): array
    {
        $near = [];
        foreach (self::across($box[1], $box[3]) as $row) {
            foreach (self::across($box[0], $box[2]) as $column) {
                foreach ($this->cells[$row][$column] ?? [] as $i) {
                    $near[$i] = $i;
                }
            }
        }

        return array_values($near);
    }

    /** @return list<int> the cells from one place to another, with the gap that is kept on both sides */
    private static function across(float $from, float $to): array
    {
        return range((int) floor(($from - self::GAP) / self::CELL), (int) floor(($to + self::GAP) / self::CELL));
    }
}
