<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

use Aequus\Measure\Length;
use Aequus\Square\Network\SquareRefused;

/** Two tapes pulled over the same two distances: a worn hook shows alike on both, a stretched tape more on the longer one. */
final readonly class TapeComparison
{
    /** Shown too much at any length by the second tape, against the first. */
    public Length $constant;

    /** Shown too much per length. */
    public float $perLength;

    /**
     * @param  Length  $short  as the first tape reads it
     * @param  Length  $shortBySecond  as the second tape reads it
     *
     * @throws SquareRefused when both distances are about the same, so that the two can’t be told apart
     */
    public function __construct(Length $short, Length $shortBySecond, Length $long, Length $longBySecond)
    {
        $apart = $long->minus($short);
        if ($apart->nanometres <= 0.25 * max(1, $long->nanometres)) {
            throw SquareRefused::comparedOverOneLength();
        }
        [$atShort, $atLong] = [$shortBySecond->minus($short), $longBySecond->minus($long)];
        $this->perLength = $atLong->minus($atShort)->nanometres / $apart->nanometres;
        $this->constant = $atShort->minus($short->times($this->perLength));
    }

    /** What the second tape must show so that the first would show this. */
    public function onSecond(Length $onFirst): Length
    {
        return $onFirst->plus($this->constant)->plus($onFirst->times($this->perLength));
    }
}
