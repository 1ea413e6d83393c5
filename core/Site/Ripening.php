<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Days\CureWait;
use Aequus\Days\Forecast;
use Aequus\Logbook\Set\FillStep;
use Aequus\Plan\Posts\Post;
use Aequus\Set\SetClock;
use DateTimeZone;

/** How far what was poured at one post has ripened in the weather that came, how cold it was on its first day, and when its braces may come off. */
final readonly class Ripening
{
    private const DAY = 1440;

    private const QUARTER = 15;

    /** Whether the weather is known from its fill on. */
    public bool $isKnown;

    /** Of what it needs, 0 to 1, by now. */
    public float $share;

    /** The coldest that came of the day after its fill, °C; null where nobody knows it. */
    public ?float $came;

    /** The coldest that is still to come of that day, as foretold; null where it is over, or nobody knows it. */
    public ?float $comes;

    /**
     * Local, as YYYY-MM-DDTHH:MM: the later of its clock and of the weather; by the weather alone where its clock stands still, null where nobody
     * knows that either.
     */
    public ?string $off;

    /** @param  ?Forecast  $since  the weather that came and comes; null where nobody knows it */
    public function __construct(SiteState $site, public Post $post, ?Forecast $since, DateTimeZone $zone)
    {
        $byClock = $site->clock($post)->off?->setTimezone($zone)->format('Y-m-d\TH:i');
        $done = $site->filling($post)->at(FillStep::Done)?->setTimezone($zone)->format('Y-m-d\TH:i');
        $from = $since === null || $done === null ? null : $since->moment($done);
        if ($since === null || $from === null || ! $since->knows($from)) {
            [$this->isKnown, $this->share, $this->came, $this->comes, $this->off] = [false, 0.0, null, null, $byClock];

            return;
        }
        $hours = SetClock::usualMinutes($site->plan->holdOf($post->id), $site->customs()) / 60;
        $wait = fn (int $until): CureWait => new CureWait(
            $since, $from, $hours, $site->customs()->cureDatum->celsius, $site->plan->hands->holds->kept ?? 0.0, $until,
        );
        $ends = $wait(PHP_INT_MAX)->ends;
        $moment = $since->moment($site->now->setTimezone($zone)->format('Y-m-d\TH:i'));
        $now = $wait($moment);
        [$this->isKnown, $this->share] = [true, $now->needed > 0.0 ? min(1.0, $now->maturity / $now->needed) : 1.0];
        $came = $comes = [];
        for ($at = $from; $at <= $from + self::DAY && $since->knows($at); $at += self::QUARTER) {
            $at <= $moment ? $came[] = $since->temperature($at) : $comes[] = $since->temperature($at);
        }
        [$this->came, $this->comes] = [$came === [] ? null : min($came), $comes === [] ? null : min($comes)];
        $this->off = max($byClock, $since->clock($ends === null ? $since->end() : (int) ceil($ends)));
    }
}
