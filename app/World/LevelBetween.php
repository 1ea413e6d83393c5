<?php

declare(strict_types=1);

namespace App\World;

use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Logbook\Level\LevelInstrument;
use Aequus\Measure\Length;
use Aequus\Site\SiteState;

/** What reads how much higher one point is than another: a spirit level on its board, a water level, a line level on a string, a phone on a board. */
interface LevelBetween extends StandIn
{
    /**
     * Second less first.
     *
     * @param  ?Length  $over  length of the board or of the string
     */
    public function between(SiteState $site, LevelPoint $from, LevelPoint $to, LevelInstrument $with, ?Length $over): Length;
}
