<?php

declare(strict_types=1);

namespace Aequus\Footing\Holding;

use Aequus\Footing\Depths\FootingRefused;
use Aequus\Footing\Depths\PostTops;
use Aequus\Footing\Depths\RequiredDepth;
use Aequus\Footing\Holes\HoleAsDug;
use Aequus\Footing\Materials\Hole;
use Aequus\Measure\Length;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;

/** One pier in a form tube, from its gravel up to the height common to all, with a base and a post on it. */
final readonly class Pier
{
    /** Of the tube, from the gravel to its top. */
    public Length $tube;

    public Length $aboveGround;

    /** From the base up to where the top will be cut. */
    public Length $post;

    /** mm³ */
    public float $concrete;

    private function __construct(public Post $of, Length $from, Length $top, PierRules $rules, RequiredDepth $required, Length $postTop)
    {
        $this->tube = $top->minus($from);
        $this->aboveGround = $top->minus($required->need->finishedGrade);
        $this->post = $postTop->minus($top)->minus($rules->standoff);
        $this->concrete = Hole::cylinder($rules->tube, $this->tube)->volume();
    }

    /**
     * @param  list<RequiredDepth>  $required
     * @param  Length  $top  common height of all piers above zero
     * @param  ?ByPost<HoleAsDug>  $dug  the others are taken as planned
     * @return list<self>
     *
     * @throws FootingRefused when the tube is too narrow for its base, or a pier would end in the ground
     */
    public static function all(array $required, PostTops $tops, Length $top, PierRules $rules, ?ByPost $dug = null): array
    {
        if (self::anchorShift($rules)->isNegative()) {
            throw FootingRefused::tubeTooNarrow();
        }
        $piers = [];
        foreach ($required as $depth) {
            if (! $top->isLongerThan($depth->need->finishedGrade)) {
                throw FootingRefused::pierInTheGround($depth->post);
            }
            $from = ($dug[$depth->post] ?? null)?->topOfGravel() ?? $depth->topOfGravel();
            $pier = new self($depth->post, $from, $top, $rules, $depth, $tops->topOf($depth->post));
            if (! $pier->post->isPositive()) {
                throw FootingRefused::pierAboveThePost($depth->post);
            }
            $piers[] = $pier;
        }

        return $piers;
    }

    /**
     * How far the anchor may still shift off the middle of the pier with its edge distance kept, whichever way; the corners of a square base reach
     * furthest.
     */
    public static function anchorShift(PierRules $rules): Length
    {
        return $rules->tube->minus($rules->base->times(M_SQRT2))->half()->minus($rules->edge);
    }
}
