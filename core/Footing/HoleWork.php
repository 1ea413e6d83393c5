<?php

declare(strict_types=1);

namespace Aequus\Footing;

use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Post;

/** What one hole takes: earth out, gravel and concrete in, and a post long enough. Volumes in mm³. */
final readonly class HoleWork
{
    public Length $depth;

    /** Earth as it lies in the ground. */
    public float $dug;

    /** The same, loosened. */
    public float $spoil;

    public float $gravel;

    public float $concrete;

    /** From foot to top, before cutting. */
    public Length $post;

    private function __construct(public Post $of, public bool $isDug, Plan $plan, Fill $fill, RequiredDepth $required, Length $bottom, Length $gravel, Length $foot, PostTops $tops, ?Length $width = null)
    {
        $this->depth = $required->need->ground->minus($bottom);
        $hole = Hole::cylinder($width ?? $plan->holeDiameter, $this->depth);
        [$this->dug, $this->spoil] = [$hole->volume(), $hole->looseSpoil()];
        $pad = $gravel->plus($required->need->pad);
        $footAbove = $foot->minus($bottom);
        $fills = fn (Length $from, Length $to): float => Concrete::volume($hole, $from, $to, $plan->post, $footAbove);
        $this->concrete = $fills($gravel, $fill === Fill::Concrete ? $this->depth : $pad);
        $this->gravel = $fills(Length::zero(), $gravel) + ($fill === Fill::Gravel ? $fills($pad, $this->depth) : 0.0);
        $this->post = $tops->of($of)->minus($foot);
    }

    public static function planned(Plan $plan, Fill $fill, PostTops $tops, RequiredDepth $required): self
    {
        return new self($required->post, false, $plan, $fill, $required, $required->bottom(), $required->need->gravel, $required->foot, $tops);
    }

    /** A hole dug too deep is brought up to its foot with gravel. */
    public static function asDug(Plan $plan, Fill $fill, PostTops $tops, HoleAsDug $hole): self
    {
        return new self($hole->required->post, true, $plan, $fill, $hole->required, $hole->bottom, $hole->gravel->plus($hole->overDugBy), $hole->foot, $tops, $hole->width);
    }
}
