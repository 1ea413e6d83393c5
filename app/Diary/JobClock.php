<?php

declare(strict_types=1);

namespace App\Diary;

use Aequus\Days\Forecast;
use Aequus\Days\Hands;
use Aequus\Days\OnEarth;
use Aequus\Days\WorkCalendar;
use Aequus\Diary\LoggedRates;
use Aequus\Diary\ToldWeather;
use Aequus\Site\SiteState;
use App\Models\Job;
use App\World\WeatherStation;
use DateTimeImmutable;
use DateTimeZone;

/**
 * The one clock of a job: who works and how fast, what the weather was and will be, and how late it is there. Days, stopping and starting again go by
 * it.
 */
final readonly class JobClock
{
    /** Days of which weather is asked for, ahead and behind. */
    public const KNOWN = 21;

    public DateTimeZone $zone;

    public Hands $hands;

    /** How fast people are, and whether the log told. */
    public LoggedRates $logged;

    public ToldWeather $told;

    /** From today on, as the station has it. */
    public Forecast $station;

    /** The same with what was written down. */
    public Forecast $forecast;

    /** Of the day, now. */
    public int $minute;

    public bool $isMadeUp;

    public function __construct(private SiteState $site, private Job $job, private WeatherStation $weather)
    {
        $this->zone = new DateTimeZone($job->zone);
        $hands = self::withOffset($site->plan->hands ?? self::usual(), $site->today, $this->zone);
        $this->logged = new LoggedRates($site, $hands->rates, $this->zone);
        $this->told = new ToldWeather($site->log);
        $this->hands = $hands->atRates($this->logged->rates())->heldBy($hands->holds->withDoubt());
        $this->station = $weather->forecast($site->today, self::KNOWN, $job->place);
        $this->forecast = $this->told->over($this->station);
        $now = $site->now->setTimezone($this->zone);
        $this->minute = 60 * (int) $now->format('G') + (int) $now->format('i');
        $this->isMadeUp = $weather->isMadeUp();
    }

    /** Two people, half past seven to five, Saturdays and Sundays off. */
    public static function usual(): Hands
    {
        return new Hands(2, 450, 1020, new WorkCalendar);
    }

    /**
     * The weather from a day that is over to the last one foretold; null where it lies too far back.
     *
     * @param  string  $from  as YYYY-MM-DD
     */
    public function since(string $from): ?Forecast
    {
        $ago = (int) (new DateTimeImmutable($from))->diff(new DateTimeImmutable($this->site->today))->days;

        return $ago > self::KNOWN ? null : $this->told->over($this->weather->forecast($from, $ago + self::KNOWN, $this->job->place));
    }

    /**
     * Whether somebody wrote down the weather of every day from one to another.
     *
     * @param  string  $from  as YYYY-MM-DD
     * @param  string  $to  as YYYY-MM-DD
     */
    public function isTold(string $from, string $to): bool
    {
        for ($day = new DateTimeImmutable($from); $day->format('Y-m-d') <= $to; $day = $day->modify('+1 day')) {
            if (! isset($this->told->days[$day->format('Y-m-d')])) {
                return false;
            }
        }

        return true;
    }

    private static function withOffset(Hands $hands, string $today, DateTimeZone $zone): Hands
    {
        $place = $hands->place;

        return $place === null ? $hands : $hands->at(new OnEarth(
            $place->latitude, $place->longitude, intdiv($zone->getOffset(new DateTimeImmutable("{$today} 12:00", $zone)), 60),
        ));
    }
}
