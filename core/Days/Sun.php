<?php

declare(strict_types=1);

namespace Aequus\Days;

use DateTimeImmutable;
use DateTimeZone;

/**
 * Sunrise and sunset of one day by the low-precision position of the sun (Astronomical Almanac), taken once at noon of the clock: within a minute to
 * 60° of latitude. Minutes after local midnight; they may lie below 0 or above a day.
 */
final readonly class Sun
{
    /** Of its upper edge at the horizon, refraction with it, degrees from overhead. */
    private const ZENITH = 90.833;

    /** Of the sun over the equator, radians. */
    public float $declination;

    public float $equationOfTime;

    /** When it stands highest. */
    public float $noon;

    public Light $light;

    public ?float $rises;

    public ?float $sets;

    /** @param  string  $day  as YYYY-MM-DD */
    public function __construct(string $day, OnEarth $place)
    {
        $utc = new DateTimeZone('UTC');
        $since = (new DateTimeImmutable("{$day} 12:00", $utc))->getTimestamp() - (new DateTimeImmutable('2000-01-01 12:00', $utc))->getTimestamp();
        $days = $since / 86400 - $place->offset / 1440;
        $mean = 280.460 + 0.9856474 * $days;
        $anomaly = deg2rad(357.528 + 0.9856003 * $days);
        $along = deg2rad($mean + 1.915 * sin($anomaly) + 0.020 * sin(2 * $anomaly));
        $tilt = deg2rad(23.439 - 0.0000004 * $days);
        $this->declination = asin(sin($tilt) * sin($along));
        $ascension = rad2deg(atan2(cos($tilt) * sin($along), cos($along)));
        $apart = fmod($mean - $ascension, 360.0);
        $this->equationOfTime = 4 * ($apart - 360.0 * round($apart / 360.0));
        $this->noon = 720 - 4 * $place->longitude - $this->equationOfTime + $place->offset;
        $latitude = deg2rad($place->latitude);
        $quotient = (cos(deg2rad(self::ZENITH)) - sin($latitude) * sin($this->declination)) / (cos($latitude) * cos($this->declination));
        $this->light = match (true) {
            $quotient > 1.0 => Light::PolarNight, $quotient < -1.0 => Light::PolarDay, default => Light::Rises
        };
        $half = $this->light === Light::Rises ? 4 * rad2deg(acos($quotient)) : null;
        [$this->rises, $this->sets] = [$half === null ? null : $this->noon - $half, $half === null ? null : $this->noon + $half];
    }
}
