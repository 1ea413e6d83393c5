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

    /** Whether posts are cut before they stand. */
    public function isCutFirst(): bool
    {
        return $this === self::BeamsFirst || $this === self::FramesTilted;
    }
}
