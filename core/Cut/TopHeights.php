<?php

declare(strict_types=1);

namespace Aequus\Cut;

use Aequus\Measure\Length;

/** Heights that come from above or from two grounds. */
final class TopHeights
{
    /**
     * The post top under a stack of boards, joists and beams: finished surface less clearance less every thickness.
     *
     * @param  list<Length>  $thicknesses
     */
    public static function topUnder(Length $finished, Length $clearance, array $thicknesses): Length
    {
        return $finished->minus($clearance)->minus(Length::sum($thicknesses));
    }

    /** A mark at a height above the mean of the grounds at both ends. */
    public static function aboveMeanGround(Length $height, Length $ground1, Length $ground2): Length
    {
        return $height->plus($ground1->plus($ground2)->half());
    }
}
