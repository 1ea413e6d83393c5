<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Cut;

use Aequus\Guide\Cut\BuildFrame;

final class BuildFrameWords
{
    public static function of(BuildFrame $is): string
    {
        return match ($is) {
            BuildFrame::BuildFrame => 'Put up the frame: {count: # piece|# pieces}',
            BuildFrame::FromBelow => 'From below, each layer before the next. What is up is written down by row; what keeps posts in place comes '
                .'before what rests on it.',
        };
    }
}
