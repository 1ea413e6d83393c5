<?php

declare(strict_types=1);

namespace Aequus\Cut;

use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\Side;

/** Where one post is cut: above the datum line struck on it, on each face its own height when the top slopes. */
final readonly class CutMark
{
    /**
     * @param  Length  $top  height of the finished top at the post's centre
     * @param  Length  $datumLine  height of the line struck on this post
     * @param  ?Length  $topNow  height of its top before the cut; null until measured
     */
    public function __construct(
        public Post $post,
        public Length $top,
        public Length $datumLine,
        public ?Length $topNow,
        private Section $section,
        private Slope $alongX,
        private Slope $alongY,
    ) {
    }

    public function aboveDatumLine(): Length
    {
        return $this->top->minus($this->datumLine);
    }

    public function onFace(Side $face): Length
    {
        $slope = $face->isAlongX() ? $this->alongX : $this->alongY;

        return $this->aboveDatumLine()->plus($slope->over($this->section->along($face)->half()->times($face->sign())));
    }

    /** What comes off; negative when the post is short by that much; null until its top is measured. */
    public function cutOff(): ?Length
    {
        return $this->topNow?->minus($this->top);
    }

    public function isShort(): bool
    {
        return $this->cutOff()?->isNegative() ?? false;
    }
}
