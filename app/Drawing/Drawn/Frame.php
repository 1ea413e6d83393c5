<?php

declare(strict_types=1);

namespace App\Drawing\Drawn;

use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Point;

/** Fits a plan onto paper: y runs up on the site and down on the screen. */
final readonly class Frame
{
    public const WIDTH = 720;

    private const MARGIN = 90;

    /** Where something stands outside the posts, it takes part of the margin with it. */
    private const MARGIN_AROUND = 40;

    private const TALLEST = 500;

    /** Smallest scale at which a label of 17 units reads as 12 px, and how wide a finger is, px. */
    private const READABLE = 0.75;

    private const FINGER = 44.0;

    private const WIDEST = 1800;

    /** How wide the drawing is on a phone, px, so that labels are read and posts are hit. */
    public int $onPhone;

    /** Round the middle of a post, in drawing units: where a finger hits it there. */
    public float $reach;

    private float $scale;

    private float $left;

    public float $height;

    private float $around;

    /** The least x and y of any post, mm. */
    private Vector $from;

    private float $margin;

    /** @param  ?Length  $around  room to keep on every side for what stands outside the posts */
    public function __construct(Plan $plan, ?Length $around = null)
    {
        $this->around = max($around?->inMillimetres() ?? 0.0, self::forFixedLines($plan));
        // Further parts may reach beyond the first grid on any side.
        $places = array_map(fn (Post $post) => $post->at->inMillimetres(), $plan->grid->added);
        [$this->from, $to] = Vector::extent(
            [Vector::zero(), new Vector($plan->grid->columns->length()->inMillimetres(), $plan->grid->rows->length()->inMillimetres()), ...$places],
        );
        $width = max(1.0, $to->x - $this->from->x + 2 * $this->around);
        $depth = $to->y - $this->from->y + 2 * $this->around;
        $this->margin = $around === null && $this->around === 0.0 ? self::MARGIN : self::MARGIN_AROUND;
        $least = $plan->hole->width->inMillimetres() * 6;
        $this->scale = min((self::WIDTH - 2 * $this->margin) / max($width, $least), (self::TALLEST - 2 * $this->margin) / max($depth, $least));
        $this->left = (self::WIDTH - $width * $this->scale) / 2;
        $gaps = array_map($this->size(...), [...$plan->grid->columns->spacing()->gaps(), ...$plan->grid->rows->spacing()->gaps()]);
        $this->onPhone = (int) min(
            self::WIDEST, max(self::WIDTH * self::READABLE, self::FINGER / max(1.0, min([self::WIDTH, ...$gaps])) * self::WIDTH),
        );
        $this->reach = round(self::FINGER / 2 * self::WIDTH / $this->onPhone, 1);
        $this->height = round(max($depth * $this->scale, 60) + 2 * $this->margin, 1);
    }

    /** What is fixed on the site belongs on the drawing, as long as the posts stay the main thing; mm. */
    private static function forFixedLines(Plan $plan): float
    {
        $grid = max(1000.0, $plan->grid->columns->length()->inMillimetres(), $plan->grid->rows->length()->inMillimetres());
        $around = 0.0;
        foreach ($plan->fixedLines() as $line) {
            $off = $line->off($line->nearest($plan->grid)[0]->at)->magnitude()->inMillimetres();
            $around = max($around, $off <= $grid ? $off + $grid / 20 : 0.0);
        }

        return $around;
    }

    public function x(Length $x): float
    {
        return round($this->left + ($x->inMillimetres() - $this->from->x + $this->around) * $this->scale, 1);
    }

    public function y(Length $y): float
    {
        return round($this->height - $this->margin - ($y->inMillimetres() - $this->from->y + $this->around) * $this->scale, 1);
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
