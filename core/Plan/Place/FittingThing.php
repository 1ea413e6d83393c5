<?php

declare(strict_types=1);

namespace Aequus\Plan\Place;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\Section;

/** A thing against the opening it must pass or fill. */
final readonly class FittingThing
{
    public ClearOpening $opening;

    /** Left over beside the thing and its margins; below zero by how much the opening is too small. */
    public Length $spare;

    /** From the centre of the first post to the middle of what is clear, mm. */
    public float $middle;

    public function __construct(public MustFit $thing, public Post $from, public Post $to, Section $near, Section $far)
    {
        $halves = [$near->toward($from->at, $to->at), $far->toward($to->at, $from->at)];
        $this->opening = new ClearOpening($from->at->distanceTo($to->at), $halves, [$thing->fixed], $thing->width, $thing->margin);
        $this->middle = $halves[0]->inMillimetres() + $this->opening->opening->inMillimetres() / 2;
        $this->spare = $this->opening->opening->minus($this->opening->needed);
    }

    /** Whether it passes, and where it is to be fixed also that the gap is not too wide. */
    public function fits(): bool
    {
        return $this->opening->passes && ! $this->isTooWide();
    }

    public function isTooWide(): bool
    {
        return $this->thing->most !== null && $this->opening->opening->minus($this->thing->width)->isLongerThan($this->thing->most);
    }
}
