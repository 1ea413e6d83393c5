<?php

declare(strict_types=1);

namespace Aequus\Diary;

use Aequus\Logbook\Footing\SoilLayer;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\Soil;

/**
 * How much work a hole is: metres, more where the soil is hard or it is deep. The factors are rules of thumb; rates learned from the log put them
 * right for a site.
 */
final class DigWork
{
    /** Metres beyond which a digger is lifted out, or the handle is at the ground: each counts so much more. */
    private const DEEP = 1.0;

    private const DEEP_COUNTS = 1.5;

    /**
     * @param  list<SoilLayer>  $soils  as met, from the top down; none where nobody looked
     * @param  ?Soil  $usual  of the site; null where nobody said
     * @return float metres of a hole in loam
     */
    public static function of(Length $depth, array $soils = [], ?Soil $usual = null): float
    {
        $deep = $depth->inMillimetres() / 1000;
        $work = $at = 0.0;
        foreach ($soils as $layer) {
            $to = min($deep, $layer->to->inMillimetres() / 1000);
            $work += self::between($at, max($at, $to)) * self::hard($layer->soil);
            $at = max($at, $to);
        }
        $last = $soils === [] ? $usual : $soils[count($soils) - 1]->soil;

        return $work + self::between($at, $deep) * self::hard($last);
    }

    private static function between(float $from, float $to): float
    {
        $deep = max(0.0, $to - max($from, self::DEEP));

        return $to - $from + $deep * (self::DEEP_COUNTS - 1);
    }

    private static function hard(?Soil $soil): float
    {
        return match ($soil) {
            Soil::Sand => 0.8,
            null, Soil::SiltyOrClayeySand => 1.0,
            Soil::Clay => 1.2,
            Soil::SiltyOrClayeyGravel, Soil::Gravel, Soil::SandyGravelOrGravel => 1.4,
            Soil::FoliatedRock => 4.0,
            Soil::Bedrock => 10.0,
        };
    }
}
