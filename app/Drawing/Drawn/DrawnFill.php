<?php

declare(strict_types=1);

namespace App\Drawing\Drawn;

/** A rectangle of one material in a section, in drawing units. */
final readonly class DrawnFill
{
    /** @param  string  $material  gravel, pad, concrete, earth, foam, tube, base or timber */
    public function __construct(public string $material, public float $x, public float $y, public float $width, public float $height)
    {
    }

    /** As wide to both sides of a middle, between two heights on the drawing. */
    public static function about(string $material, float $middle, float $half, float $top, float $bottom): self
    {
        return new self($material, round($middle - $half, 1), round($top, 1), round(2 * $half, 1), round(max(0.0, $bottom - $top), 1));
    }
}
