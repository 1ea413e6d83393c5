<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;

/** A seat in a sloped member, level on its beam, with a vertical heel at its downhill end. */
final readonly class SeatCut
{
    /** Less than so much of the depth left is named: a rule of thumb. */
    private const SHARE_LEFT = 2 / 3;

    private const HAIR = 1e-9;

    public Length $heel;

    /** Taken out of the depth, square to the member. */
    public Length $notch;

    public Length $left;

    public bool $isBelowTwoThirds;

    /** @throws FrameRefused when it goes through the member */
    public function __construct(Length $width, float $slope, Length $depth)
    {
        [$wide, $deep] = [$width->inMillimetres(), $depth->inMillimetres()];
        $notch = $wide * sin(atan($slope));
        if ($notch >= $deep) {
            throw FrameRefused::because(FrameRefusal::SeatCutsThrough);
        }
        [$this->heel, $this->notch, $this->left] = [
            Length::millimetres($wide * $slope), Length::millimetres($notch), Length::millimetres($deep - $notch),
        ];
        $this->isBelowTwoThirds = ($deep - $notch) / $deep < self::SHARE_LEFT - self::HAIR;
    }
}
