<?php

declare(strict_types=1);

namespace App\Drawing;

use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Point;

/** Fits a plan onto paper: y runs up on the site and down on the screen. */
final readonly class Frame
{
    public const WIDTH = 720;

    private const MARGIN = 76;

    private const TALLEST = 500;

    private float $scale;

    private float $left;

    public float $height;

    public function __construct(Plan $plan)
    {
        $width = max(1.0, $plan->grid->columns->length()->inMillimetres());
        $depth = $plan->grid->rows->length()->inMillimetres();
        $least = $plan->holeDiameter->inMillimetres() * 6;
        $this->scale = min((self::WIDTH - 2 * self::MARGIN) / max($width, $least), (self::TALLEST - 2 * self::MARGIN) / max($depth, $least));
        $this->left = (self::WIDTH - $width * $this->scale) / 2;
        $this->height = round(max($depth * $this->scale, 60) + 2 * self::MARGIN, 1);
    }

    public function x(Length $x): float
    {
        return round($this->left + $x->inMillimetres() * $this->scale, 1);
    }

    public function y(Length $y): float
    {
        return round($this->height - self::MARGIN - $y->inMillimetres() * $this->scale, 1);
    }

    public function size(Length $length): float
    {
        return round($length->inMillimetres() * $this->scale, 1);
    }

    public function point(Point $point): string
    {
        return $this->x($point->x).','.$this->y($point->y);
    }
}
