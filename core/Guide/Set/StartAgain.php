<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Days\Forecast;
use Aequus\Days\HoldRules;
use Aequus\Days\WeatherHour;
use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostSet;
use Aequus\Plan\Posts\Post;
use Aequus\Site\Phase;
use Aequus\Site\Ripening;
use Aequus\Site\SiteState;
use DateTimeImmutable;
use DateTimeZone;

/** What the weather since did to what was left fresh, open or braced, and what is done about it before work goes on. */
final readonly class StartAgain
{
    private const DAY = 1440;

    /** @var list<Move> in the order in which they are done */
    public array $moves;

    /** @var list<Ripening> of what was poured and has its braces on, or nobody stands on yet */
    public array $ripenings;

    /** @var list<Post> fresh, open or braced since a time whose weather nobody knows */
    public array $unknown;

    /** Whether anything was left fresh, open or braced. */
    public bool $isAnythingLeft;

    private int $now;

    /**
     * @param  ?Forecast  $since  the weather from the day of SiteState’s oldest on, see from(), as far as anybody knows it
     * @param  HoldRules  $rules  the limits at which weather stops work
     */
    public function __construct(private SiteState $site, private ?Forecast $since, private DateTimeZone $zone, private HoldRules $rules)
    {
        $this->now = $since === null ? 0 : $since->moment($this->local($site->now));
        $this->ripenings = array_map(fn (Post $post) => new Ripening($site, $post, $since, $zone), $site->unstripped());
        $holes = self::openHoles($site);
        $braced = self::braced($site);
        $frozen = $this->posts(fn (Ripening $one) => $this->isFrozen($one));
        $frostComes = $this->posts($this->willFreeze(...));
        $mayStrip = $this->posts(
            fn (Ripening $one) => ! $this->isFrozen($one) && $one->off !== null && $one->off <= $this->local($site->now)
                && $site->clock($one->post)->mayStrip($site->now),
        );
        $this->unknown = [
            ...$this->posts(fn (Ripening $one) => ! $one->isKnown),
            ...array_values(array_filter($holes, fn (Post $post) => ! $this->knows(self::dugAt($site, $post)))),
            ...array_values(array_filter($braced, fn (Post $post) => ! $this->knows(self::readAt($site, $post)))),
        ];
        $this->isAnythingLeft = [...$this->ripenings, ...$holes, ...$braced] !== [];
        $blown = array_filter(
            $braced, fn (Post $post) => $this->came(self::readAt($site, $post), fn (WeatherHour $hour) => $hour->gust > $rules->gust),
        );
        $wet = array_filter($holes, fn (Post $post) => $this->came(self::dugAt($site, $post), fn (WeatherHour $hour) => $hour->rain > $rules->rain));
        $cold = array_filter($holes, fn (Post $post) => $this->fellBelow(self::dugAt($site, $post), $rules->frost));
        $this->moves = [
            ...self::move(AfterTheNight::LookAtTheFill, AfterTheNight::FrozeWhenFresh, $frozen),
            ...self::move(AfterTheNight::CoverTheFill, AfterTheNight::FrostOnItsFirstDay, $frostComes),
            ...self::move(AfterTheNight::ReadPlumbAgain, AfterTheNight::GustsSinceItWasRead, array_values($blown), EntryKind::Plumb),
            ...self::move(AfterTheNight::EmptyTheHoles, AfterTheNight::RainSinceDug, array_values($wet), EntryKind::Hole),
            ...self::move(AfterTheNight::LookForFrozenGround, AfterTheNight::FrostInTheHoles, array_values($cold)),
            ...self::move(AfterTheNight::BracesMayComeOff, AfterTheNight::HardByClockAndWeather, $mayStrip, EntryKind::Filled),
        ];
    }

    /** Whether there is nothing to look at before work goes on: only where the weather is known. */
    public function isAllAsLeft(): bool
    {
        return $this->unknown === [] && array_filter($this->moves, fn (Move $move) => ! $move->is(AfterTheNight::BracesMayComeOff)) === [];
    }

    /** The oldest day whose weather matters to what is left fresh, open or braced, local as YYYY-MM-DD; today where nothing is. */
    public static function from(SiteState $site, DateTimeZone $zone): string
    {
        $local = fn (DateTimeImmutable $at): string => $at->setTimezone($zone)->format('Y-m-d');
        $fills = array_map(fn (Post $post) => $site->filling($post)->at(FillStep::Done), $site->unstripped());
        $times = array_filter(
            [
                ...$fills, ...array_map(fn (Post $post) => self::dugAt($site, $post), self::openHoles($site)),
                ...array_map(fn (Post $post) => self::readAt($site, $post), self::braced($site)),
            ],
        );

        return min([$site->today, ...array_map($local, $times)]);
    }

    /** @return list<Post> dug, and nothing stands in them */
    private static function openHoles(SiteState $site): array
    {
        return array_values(array_filter(
            $site->walk(),
            fn (Post $post) => $site->footing->measured($post) !== null && ! $site->standing($post)->set && ! $site->filling($post)->isBegun(),
        ));
    }

    /** @return list<Post> that stand, and what holds them is not in or not hard */
    private static function braced(SiteState $site): array
    {
        return array_values(array_filter(
            $site->walk(),
            fn (Post $post) => $site->standing($post)->set && $site->plan->holdOf($post->id)->isDug()
                && ! ($site->isFilled($post) && $site->clock($post)->isHard($site->now)),
        ));
    }

    private static function dugAt(SiteState $site, Post $post): ?DateTimeImmutable
    {
        return $site->log->newestEntry(HoleDug::class, $post->id)?->measuredAt();
    }

    /** When its plumb was read last, or it was set. */
    private static function readAt(SiteState $site, Post $post): ?DateTimeImmutable
    {
        return ($site->log->newestEntry(PlumbReading::class, $post->id) ?? $site->log->newestEntry(PostSet::class, $post->id))?->measuredAt();
    }

    private function isFrozen(Ripening $one): bool
    {
        return $one->came !== null && $one->came < $this->rules->frost - $this->rules->kept;
    }

    /** Whether it may come so cold on the rest of its first day, the forecast doubted as everywhere. */
    private function willFreeze(Ripening $one): bool
    {
        return $one->comes !== null && $one->comes < $this->rules->frost - $this->rules->kept + $this->rules->doubt(self::DAY);
    }

    private function knows(?DateTimeImmutable $at): bool
    {
        return $at !== null && $this->since !== null && $this->since->knows($this->since->moment($this->local($at)));
    }

    /** @param  callable(WeatherHour): bool  $is */
    private function came(?DateTimeImmutable $from, callable $is): bool
    {
        return $from !== null && $this->since !== null && $this->knows($from)
            && array_filter($this->since->touched($this->since->moment($this->local($from)), $this->now), $is) !== [];
    }

    private function fellBelow(?DateTimeImmutable $from, float $celsius): bool
    {
        return $from !== null && $this->since !== null && $this->knows($from)
            && $this->since->isBelow($this->since->moment($this->local($from)), $this->now, $celsius);
    }

    private function local(DateTimeImmutable $at): string
    {
        return $at->setTimezone($this->zone)->format('Y-m-d\TH:i');
    }

    /**
     * @param  callable(Ripening): bool  $is
     * @return list<Post>
     */
    private function posts(callable $is): array
    {
        return array_map(fn (Ripening $one) => $one->post, array_values(array_filter($this->ripenings, $is)));
    }

    /**
     * @param  list<Post>  $posts
     * @return list<Move> none where it concerns no post
     */
    private static function move(AfterTheNight $do, AfterTheNight $why, array $posts, ?EntryKind $asks = null): array
    {
        return $posts === [] ? [] : [new Move(Phase::Set, Fact::of($do), [Fact::of($why)], posts: $posts, asks: $asks)];
    }
}
