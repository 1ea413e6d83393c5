<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;

/** Boards side by side over a width, with a gap between: how many, and how wide the first and the last are. */
final readonly class BoardsAcross
{
    /** A ripped board is no narrower than this share of a whole one. */
    private const NARROWEST = 3;

    public int $count;

    public Length $first;

    public Length $last;

    /** How many of the two are narrower than a board. */
    public int $ripped;

    /** @throws FrameRefused when a width has no size, or first and last would both be slivers */
    public function __construct(Length $across, Length $width, Length $gap)
    {
        if (! $across->isPositive() || ! $width->isPositive() || $gap->isNegative()) {
            throw FrameRefused::because(FrameRefusal::NotPositive);
        }
        [$w, $g] = [$width->nanometres, $gap->nanometres];
        $count = intdiv($across->nanometres + $g + $w + $g - 1, $w + $g);
        $last = $across->nanometres - ($count - 1) * ($w + $g);
        $first = $w;
        if ($count === 1) {
            $first = $last;
        } elseif (self::NARROWEST * $last < $w) {
            $first = $last = intdiv($across->nanometres - ($count - 2) * $w - ($count - 1) * $g, 2);
            if (self::NARROWEST * $first < $w) {
                throw FrameRefused::because(FrameRefusal::FirstAndLastTooNarrow);
            }
        }
        [$this->count, $this->first, $this->last] = [$count, Length::nanometres($first), Length::nanometres($last)];
        $this->ripped = $count === 1 ? (int) ($first < $w) : (int) ($first < $w) + (int) ($last < $w);
    }
}
