<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** In which order the posts are stood. */
enum BuildOrder: string implements Custom
{
    case CornersStringsBetween = 'corners';
    case RowByRow = 'rows';
    case BeamsFirst = 'beams_first';
    case FramesTilted = 'frames';

    public function suits(): string
    {
        return match ($this) {
            self::CornersStringsBetween => 'straight rows: the string between two set corners leads all others',
            self::RowByRow => 'few people, long fences, ground that is walked once',
            self::BeamsFirst => 'tops that must be level to the mark; posts are cut to the beam and hang plumb by themselves',
            self::FramesTilted => 'a crew and a flat yard: joints are cut at bench height',
        };
    }

    public function speaksAgainst(): string
    {
        return match ($this) {
            self::CornersStringsBetween => 'every hole must be open before the first between is stood',
            self::RowByRow => 'an error at one end is found at the other',
            self::BeamsFirst => 'the beam is held up on props until the last post is filled',
            self::FramesTilted => 'a heavy lift: weigh it first, nobody under it, ropes on both sides',
        };
    }

    /** Whether posts are cut before they stand. */
    public function isCutFirst(): bool
    {
        return $this === self::BeamsFirst || $this === self::FramesTilted;
    }
}
