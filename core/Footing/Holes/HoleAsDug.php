<?php

declare(strict_types=1);

namespace Aequus\Footing\Holes;

use Aequus\Footing\Depths\RequiredDepth;
use Aequus\Logbook\Footing\Finding;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\Soil;

/** A hole as it was dug against what it must reach, and what becomes of foot and gravel when it came out short or deep. */
final readonly class HoleAsDug
{
    public bool $deepEnough;

    /** How far the clean bottom is above where it must be; zero when deep enough. */
    public Length $shortBy;

    public Length $overDugBy;

    /** The gravel that fits under pad and post, no thinner than its least. */
    public Length $gravel;

    /** Where the foot of the post comes to stand. */
    public Length $foot;

    public Length $footRisesBy;

    /** Whether every rule still holds with the foot there. */
    public bool $footAllowed;

    /**
     * @param  Length  $bottom height of the clean bottom
     * @param  ?Length  $width  where it came out other than planned
     * @param  ?Soil  $soil  at the foot, where somebody looked
     */
    public function __construct(
        public RequiredDepth $required, public Length $bottom, Length $leastGravel, public ?Length $width = null, public ?Finding $found = null,
        public ?Soil $soil = null,
    ) {
        $above = $bottom->minus($required->bottom());
        $this->deepEnough = ! $above->isPositive();
        $this->shortBy = $this->deepEnough ? Length::zero() : $above;
        $this->overDugBy = $this->deepEnough ? $above->magnitude() : Length::zero();
        $thinned = $required->need->gravel->minus($this->shortBy);
        $this->gravel = $thinned->isShorterThan($leastGravel) ? $leastGravel : $thinned;
        $lowestFoot = $bottom->plus($this->gravel)->plus($required->need->pad);
        $this->foot = $this->deepEnough ? $required->foot : $lowestFoot;
        $this->footRisesBy = $this->foot->minus($required->foot);
        $this->footAllowed = ! $this->foot->isLongerThan($required->highest->level);
    }

    /** Where a pad, or the tube of a pier, stands: on its gravel, with a hole dug too deep brought up by more of it. */
    public function topOfGravel(): Length
    {
        return $this->bottom->plus($this->gravel)->plus($this->overDugBy);
    }

    /** Deep enough as dug, or with thinner gravel, or with the foot a little higher yet within every rule. */
    public function serves(): bool
    {
        return $this->deepEnough || $this->footAllowed;
    }
}
