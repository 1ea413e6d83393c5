<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Cut;

use Aequus\Guide\Cut\CutBeforeStanding;

final class CutBeforeStandingWords
{
    public static function of(CutBeforeStanding $is): string
    {
        return match ($is) {
            CutBeforeStanding::CutOnTheTrestle => 'Cut {post} on the trestle',
            CutBeforeStanding::FootAsDug => 'From its foot to its top, the foot as its hole came out. It can’t be made longer: '
                .'measure from the same end twice, then cut and seal it.',
            CutBeforeStanding::FootToTop => 'from foot to top',
        };
    }
}
