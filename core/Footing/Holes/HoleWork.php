<?php

declare(strict_types=1);

namespace Aequus\Footing\Holes;

use Aequus\Footing\Depths\PierTops;
use Aequus\Footing\Depths\PostTops;
use Aequus\Footing\Depths\RequiredDepth;
use Aequus\Footing\Materials\Concrete;
use Aequus\Footing\Materials\Foam;
use Aequus\Footing\Materials\Gravel;
use Aequus\Footing\Materials\Hole;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\Section;

/** What one hole takes with its way of holding: earth out, gravel, concrete, foam and earth in, and a post long enough. Volumes in mm³. */
final readonly class HoleWork
{
    public Length $depth;

    /** Earth as it lies in the ground. */
    public float $dug;

    /** The same, loosened. */
    public float $spoil;

    public float $gravel;

    public float $concrete;

    /** Of the concrete, what grips the post or its base and so weighs it down: a pad that lies loose under it does not. */
    public float $concreteOnPost;

    public float $foam;

    /** Earth that goes back in, tamped. */
    public float $earth;

    /** From its gravel to its top; null where there is none. */
    public ?Length $tube;

    /** From foot to top, before cutting. */
    public Length $post;

    /** Whether the post stands on a pad poured or laid for it. */
    public bool $hasPad;

    private Hole $hole;

    private function __construct(public Post $of, public bool $isDug, public Hold $hold, Plan $plan, HoleShape $shape, RequiredDepth $required, Length $bottom, Length $gravel, Length $foot, PostTops $tops)
    {
        $pier = $hold === Hold::Pier ? new PierTops($plan, $tops) : null;
        $this->depth = $required->need->ground->minus($hold->isDug() ? $bottom : $foot);
        $this->hole = Hole::of($shape, $this->depth);
        $this->post = $tops->of($of)->minus($pier === null ? $foot : $pier->foot());
        $this->tube = $pier?->top->minus($bottom->plus($gravel));
        $this->hasPad = $hold->isDug() && $hold !== Hold::Pier && $required->need->pad->isPositive();
        if (! $hold->isDug()) {
            [$this->dug, $this->spoil, $this->gravel, $this->concrete, $this->concreteOnPost, $this->foam, $this->earth] = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0];

            return;
        }
        [$this->dug, $this->spoil] = [$this->hole->volume(), $this->hole->looseSpoil()];
        $pad = $gravel->plus($required->need->pad);
        $collar = $this->depth->minus($plan->holding->collar ?? Holding::usualCollar($plan->notation));
        $collar = $collar->isShorterThan($pad) ? $pad : $collar;
        $fills = fn (Length $from, Length $to): float => Concrete::volume($this->hole, $from, $to, $plan->post, $foot->minus($bottom));
        $under = $fills(Length::zero(), $gravel);
        $round = $fills($pad, $this->depth);
        $tube = $this->tube === null || $pier === null ? 0.0 : Hole::cylinder($pier->rules->tube, $this->tube)->volume();
        $this->gravel = $under + ($hold === Hold::Gravel ? $round : 0.0);
        $this->foam = $hold === Hold::Foam ? $round : 0.0;
        $this->concrete = match ($hold) {
            Hold::Concrete => $fills($gravel, $this->depth),
            Hold::Collar => $fills($gravel, $pad) + $fills($collar, $this->depth),
            Hold::Pier => $tube,
            default => $fills($gravel, $pad),
        };
        $this->concreteOnPost = match ($hold) {
            Hold::Concrete => $round,
            Hold::Collar => $fills($collar, $this->depth),
            Hold::Pier => $tube,
            default => 0.0,
        };
        $this->earth = match ($hold) {
            Hold::Earth => $round,
            Hold::Collar => $fills($pad, $collar),
            Hold::Pier => $this->outsideTheTube($gravel, $pier?->rules->tube),
            default => 0.0,
        };
    }

    public static function planned(Plan $plan, Hold $hold, PostTops $tops, RequiredDepth $required): self
    {
        return new self($required->post, false, $hold, $plan, $plan->hole, $required, $required->bottom(), $required->need->gravel, $required->foot, $tops);
    }

    /** A hole dug too deep is brought up to its foot with gravel. */
    public static function asDug(Plan $plan, Hold $hold, PostTops $tops, HoleAsDug $hole): self
    {
        $shape = $hole->width === null ? $plan->hole : $plan->hole->dugTo($hole->width);

        return new self($hole->required->post, true, $hold, $plan, $shape, $hole->required, $hole->bottom, $hole->topOfGravel()->minus($hole->bottom), $hole->foot, $tops);
    }

    private function outsideTheTube(Length $from, ?Length $tube): float
    {
        return $tube === null ? 0.0 : Concrete::volume($this->hole, $from, $this->depth, Section::round($tube), $from);
    }
}
