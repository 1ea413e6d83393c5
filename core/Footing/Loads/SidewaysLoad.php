<?php

declare(strict_types=1);

namespace Aequus\Footing\Loads;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Section;

/**
 * How deep a post must stand to hold a load from the side (International Building Code, 1807.3.2). An engineer has the last word. Loads in
 * lb at allowable-stress level, lengths of the formula in ft.
 */
final readonly class SidewaysLoad
{
    /** Beyond this the formula is not made for. */
    private const DEEPEST_FEET = 12.0;

    public bool $valid;

    private function __construct(public float $feet)
    {
        $this->valid = $feet <= self::DEEPEST_FEET;
    }

    /**
     * Nothing holds the post at the ground: d³ − K·d − 1.09·h·K = 0 with K = 7.02·P / (s·b), the code’s d = ½A(1 + √(1 + 4.36·h/A)) solved.
     *
     * @param  float  $pounds  P
     * @param  Length  $height  h, of the load above grade
     * @param  float  $soil  s, lb/ft² per ft
     */
    public static function freeAtGrade(float $pounds, Length $height, Section $post, float $soil): self
    {
        $k = 7.02 * $pounds / ($soil * self::width($post));
        $h = $height->inFeet();
        // The positive root lies above √K; from far out Newton comes down to it without overshooting.
        $d = 2 * sqrt($k) + (1.09 * $h * $k) ** (1 / 3);
        for ($i = 0; $i < 100; $i++) {
            $step = ($d ** 3 - $k * $d - 1.09 * $h * $k) / (3 * $d ** 2 - $k);
            $d -= $step;
            if (abs($step) < 1e-12) {
                break;
            }
        }

        return new self($d);
    }

    /** A slab or paving holds the post at the ground: d³ = 4.25·P·h / (s·b). */
    public static function heldAtGrade(float $pounds, Length $height, Section $post, float $soil): self
    {
        return new self((4.25 * $pounds * $height->inFeet() / ($soil * self::width($post))) ** (1 / 3));
    }

    /** b of the formula, ft: the diameter of a round post, the diagonal of a square one. */
    public static function width(Section $post): float
    {
        return $post->across()->inFeet();
    }

    public function depth(): Length
    {
        return Length::feet($this->feet);
    }
}
