<?php

declare(strict_types=1);

namespace Aequus\Cut;

use Aequus\Measure\Length;

/** A beam that bears on wood, not on screws: let into the post, its lower edge on the shoulder. */
final readonly class Seat
{
    /** What is left of the post beside the notch must be at least half of it. */
    private const SHARE_LEFT = 0.5;

    /** Of the shoulder below the top mark: so high is the beam. */
    public Length $shoulderBelowTop;

    public Length $depth;

    public Length $left;

    public bool $leavesEnough;

    /** @throws CutRefused when the notch goes through the post, or beam or notch have no size */
    public function __construct(Length $post, Length $beamHeight, Length $depth)
    {
        if (! $beamHeight->isPositive() || ! $depth->isPositive() || ! $post->isLongerThan($depth)) {
            throw CutRefused::notchThroughThePost();
        }
        $this->shoulderBelowTop = $beamHeight;
        $this->depth = $depth;
        $this->left = $post->minus($depth);
        $this->leavesEnough = $this->left->inMillimetres() >= self::SHARE_LEFT * $post->inMillimetres();
    }
}
