<?php

declare(strict_types=1);

namespace Aequus\Thing\Panel;

use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Thing\Terms\ThingRefused;

/** Whether a plumb panel goes between two posts as they really stand and lean, and by how much it must be trimmed. */
final readonly class PanelAsBuilt
{
    /** The narrowest width over the height of the panel. */
    public Length $available;

    /** On each side; below zero where the panel is too wide. */
    public Length $gap;

    /** Off the width of the panel; zero where it fits. Instead one post that still moves may go by as much. */
    public Length $trim;

    public Length $afterTrim;

    /** @var array{leftBottom: Length, leftTop: Length, rightBottom: Length, rightTop: Length} what is left open at the four corners after the trim */
    public array $gapsAfterTrim;

    /**
     * @param  Length  $clear  between the posts’ faces at the ground
     * @param  Slope  $left  lean of the left post along the row, toward the right positive
     * @param  Slope  $right  of the right post, the same way
     * @param  Length  $bottom  of the panel above the ground
     * @param  Length  $leastGap  on each side
     *
     * @throws ThingRefused when the posts leave no room at all
     */
    public function __construct(
        Length $clear, Slope $left, Slope $right, Length $bottom, Length $height, Length $width, Length $cleat, Length $leastGap,
    ) {
        $top = $bottom->plus($height);
        [$leftBottom, $leftTop] = [$bottom->times($left->ratio), $top->times($left->ratio)];
        [$rightBottom, $rightTop] = [$clear->plus($bottom->times($right->ratio)), $clear->plus($top->times($right->ratio))];
        $from = $leftBottom->isLongerThan($leftTop) ? $leftBottom : $leftTop;
        $to = $rightBottom->isShorterThan($rightTop) ? $rightBottom : $rightTop;
        $this->available = $to->minus($from);
        if (! $this->available->isPositive()) {
            throw ThingRefused::postsCross();
        }
        $this->gap = $this->available->minus($width)->half()->minus($cleat);
        $this->trim = $this->gap->isShorterThan($leastGap) ? $leastGap->minus($this->gap)->times(2) : Length::zero();
        $this->afterTrim = $width->minus($this->trim);
        // The panel hangs in the middle of what is clear.
        $panel = $from->plus($to)->minus($this->afterTrim)->half();
        $far = $panel->plus($this->afterTrim);
        $this->gapsAfterTrim = [
            'leftBottom' => $panel->minus($leftBottom)->minus($cleat), 'leftTop' => $panel->minus($leftTop)->minus($cleat),
            'rightBottom' => $rightBottom->minus($far)->minus($cleat), 'rightTop' => $rightTop->minus($far)->minus($cleat),
        ];
    }

    public function fits(): bool
    {
        return $this->trim->isZero();
    }
}
