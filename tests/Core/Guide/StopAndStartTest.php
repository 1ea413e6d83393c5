<?php

declare(strict_types=1);

namespace Tests\Core\Guide;

use Aequus\Days\DayWarmth;
use Aequus\Days\Forecast;
use Aequus\Days\Hands;
use Aequus\Days\HoldRules;
use Aequus\Days\NightAhead;
use Aequus\Days\WeatherHold;
use Aequus\Days\WeatherHour;
use Aequus\Days\WorkCalendar;
use Aequus\Footing\Materials\Bag;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Set\StartAgain;
use Aequus\Guide\Set\StopClock;
use Aequus\Guide\Set\StopNow;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\CheckRoute;
use Aequus\Logbook\Set\CrossChecked;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PointOfNoReturn;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Logbook\Set\ReadyItem;
use Aequus\Logbook\Set\SeenReady;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Side;
use Aequus\Site\SiteState;
use DateTimeImmutable;
use DateTimeZone;
use PHPUnit\Framework\TestCase;
use Tests\Builds;
use Tests\Told;

/** One clock for the evening and the morning: what is safe in time, and what the night did. Six posts in concrete, Monday 2026-05-04 at noon. */
final class StopAndStartTest extends TestCase
{
    private const NOON = '2026-05-04 12:00';

    private const MORNING = '2026-05-05 07:00';

    public function test_all_takes_its_minutes_and_is_begun_in_time(): void
    {
        // A fill that is begun: its bags, five in an hour, and its cover. A fresh fill 5 minutes, two posts in open holes 15 each, two open holes 5 each, tools 20; by two people.
        $site = $this->site($this->half(), self::NOON);
        $clock = $this->clock($site, [14 => new WeatherHour(gust: 12.0)]);
        $bags = $site->footing->work($site->walk())[0]->concrete / Bag::ofPlan($site->plan)->yield;
        $this->assertSame((int) ceil((60 * $bags / 5 + 5) / 2), $clock->minutes[0]);
        $this->assertSame(['Finish what is begun', 'Leave braces on, cover the fresh fill', 'Brace both ways, or lay it down', 'Cover the holes'], array_map(
            fn (Move $move) => Told::do($move), array_slice((new StopNow($site, $site->now))->moves, 0, 4),
        ));
        $this->assertSame([3, 15, 5, 10], array_slice($clock->minutes, 1));
        $this->assertSame($clock->total, array_sum($clock->minutes));
        $this->assertSame(14 * 60 - $clock->total, $clock->begin);
        $this->assertSame(0, $clock->over);
        $alone = $this->clock($site, [14 => new WeatherHour(gust: 12.0)], people: 1);
        $this->assertSame([5, 30, 10, 20], array_slice($alone->minutes, 1));
        $this->assertEqualsWithDelta(2 * $clock->minutes[0], $alone->minutes[0], 1);
        $slow = $this->clock($site, [14 => new WeatherHour(gust: 12.0)], rates: ['fill' => 2.5]);
        $this->assertGreaterThan(1.8 * $clock->minutes[0] - 5, $slow->minutes[0], 'by the log they fill half as fast');
    }

    public function test_too_little_time_is_told_in_minutes(): void
    {
        $site = $this->site($this->half(), self::NOON);
        $clock = $this->clock($site, [12 => new WeatherHour(thunder: true)]);
        $this->assertSame($clock->total, $clock->over, 'the storm is there');
        $this->assertNull($this->clock($site, [], hoursEnd: 700)->begin, 'nothing comes that is known');
    }

    public function test_only_what_is_full_and_covered_in_time_may_still_be_filled(): void
    {
        $site = $this->site([...$this->standing(), ...$this->ready()], self::NOON);
        $labels = fn (array $posts) => array_map(fn (Post $post) => $post->label, $posts);
        $all = $this->clock($site, [19 => new WeatherHour(gust: 12.0)]);
        $this->assertSame($labels((new StopNow($site, $site->now))->mayFill), $labels($all->mayFill));
        $this->assertNotSame([], $all->mayFill);
        $this->assertSame([], [...$all->tooLate, ...$all->heldPosts]);
        $first = $this->clock($site, [14 => new WeatherHour(gust: 12.0)]);
        $this->assertNotSame([], $first->tooLate);
        // One after the other, and each fill asks for three more minutes of covers.
        $each = (int) ceil(60 * $site->footing->work($site->walk())[0]->concrete / Bag::ofPlan($site->plan)->yield / 5 / 2);
        $this->assertCount(intdiv(120 - $first->total, $each + 3), $first->mayFill);
        $this->assertSame($labels($all->mayFill), $labels([...$first->mayFill, ...$first->tooLate]));
        $this->assertSame([], $this->clock($site, [13 => new WeatherHour(gust: 12.0)])->mayFill, 'covers and tools take the hour');
    }

    public function test_what_the_weather_holds_is_not_filled_though_nothing_is_missing(): void
    {
        $site = $this->site([...$this->standing(), ...$this->ready()], self::NOON);
        $frost = $this->clock($site, [], least: -2.0);
        $this->assertSame([[], [], [WeatherHold::FrostAfterThePour]], [$frost->mayFill, $frost->tooLate, $frost->holds]);
        $this->assertCount(6, $frost->heldPosts);
        $this->assertSame([WeatherHold::NotKnown], $this->clock($site, [], days: 1)->holds, 'nobody knows the night');
    }

    public function test_a_warm_still_night_leaves_nothing_to_look_at(): void
    {
        $start = $this->start($this->half());
        $this->assertTrue($start->isAllAsLeft() && $start->isAnythingLeft);
        $this->assertSame([], $this->does($start));
        $this->assertSame(['B1'], array_map(fn ($one) => $one->post->label, $start->ripenings));
        $empty = $this->start([]);
        $this->assertFalse($empty->isAnythingLeft);
    }

    public function test_each_harm_of_a_night_is_told_at_its_posts(): void
    {
        $this->assertSame(['Look at the fill: it came to freezing' => ['B1'], 'Cover the fill, warm' => ['B1'], 'Look for frozen ground' => ['C2', 'B2']], $this->does($this->start($this->half(), least: -1.0)));
        $this->assertSame(['Read plumb again' => ['A1', 'B1', 'C1', 'A2']], $this->does($this->start($this->half(), [27 => new WeatherHour(gust: 10.1)])));
        $this->assertSame(['Bail out the holes' => ['C2', 'B2']], $this->does($this->start($this->half(), [27 => new WeatherHour(rain: 1.1)])));
        $this->assertSame([], $this->does($this->start($this->half(), [27 => new WeatherHour(rain: 1.0, gust: 10.0)])), 'just on the limits');
        $this->assertSame([], $this->does($this->start($this->half(), [6 => new WeatherHour(rain: 9.0, gust: 20.0)])), 'before anything was dug or read');
        $this->assertSame([], $this->does($this->start($this->half(), [32 => new WeatherHour(rain: 9.0, gust: 20.0)])), 'it has not come yet');
    }

    public function test_what_was_looked_at_since_is_told_no_more(): void
    {
        $again = [...$this->plumb('A1'), new HoleDug($this->id('B2'), Length::millimetres(1100))];
        $storm = [27 => new WeatherHour(rain: 5.0, gust: 15.0)];
        $this->assertSame(['Read plumb again' => ['B1', 'C1', 'A2'], 'Bail out the holes' => ['C2']], $this->does($this->start($this->half(), $storm, later: $again)));
    }

    public function test_frost_to_come_on_the_first_day_is_covered_before_and_braces_come_off_by_both_clocks(): void
    {
        // Filled at half past eight: at seven of the next day the night is over, the evening after the first day does not count.
        $late = [...$this->standing(), new PostFilled($this->id('A1'), FillStep::Done)];
        $evening = $this->start($late, least: 0.6, at: '2026-05-04 20:00');
        $this->assertSame(['Cover the fill, warm' => ['A1']], $this->does($evening), 'a degree colder than foretold would freeze it');
        $this->assertSame(['Cover the fill, warm' => ['A1']], $this->does($this->start($late, least: -1.0, at: '2026-05-04 20:00')), 'it has not frozen yet');
        $warm = $this->start($late, at: '2026-05-05 09:30', least: 14.0, greatest: 26.0);
        $this->assertSame(['Braces may come off' => ['A1']], $this->does($warm));
        $this->assertTrue($warm->isAllAsLeft());
        $this->assertSame([], $this->does($this->start($late, at: '2026-05-05 09:30', least: 6.0, greatest: 12.0)), 'its clock knows no cold, the weather does');
        $this->assertSame([], $this->does($this->start([...$late, new PostFilled($this->id('A1'), FillStep::StillWet)], at: '2026-05-05 09:30', least: 14.0, greatest: 26.0)), 'found wet');
    }

    /** A frost this evening is not hidden by a harder one that is foretold for the night, nor a doubtful night by a cold morning that is over. */
    public function test_frost_that_came_and_frost_to_come_are_told_each_by_itself(): void
    {
        $since = fn (float $now, float $next): Forecast => new Forecast('2026-05-04', [new DayWarmth($now, $now + 0.2), new DayWarmth($next, $next + 0.2), new DayWarmth(9.0, 12.0)]);
        $start = fn (float $now, float $next, string $at = '16:00'): StartAgain => new StartAgain($this->site([...$this->standing(), new PostFilled($this->id('A1'), FillStep::Done)], "2026-05-04 {$at}"), $since($now, $next), new DateTimeZone('UTC'), (new HoldRules)->withDoubt());
        $this->assertSame(['Look at the fill: it came to freezing', 'Cover the fill, warm'], array_keys($this->does($start(-0.5, -4.0))));
        $this->assertSame(['Cover the fill, warm'], array_keys($this->does($start(0.3, 0.6))), 'so far it did not freeze, and a degree colder it may');
        $this->assertSame(['Look at the fill: it came to freezing'], array_keys($this->does($start(-0.5, 9.0, '21:00'))));
    }

    public function test_blankets_keep_frost_out_and_ripeness_is_a_share_of_the_hours_at_twenty_degrees(): void
    {
        $since = new Forecast('2026-05-04', array_fill(0, 5, new DayWarmth(-2.0, 12.0)));
        $kept = new StartAgain($this->site([...$this->standing(), new PostFilled($this->id('A1'), FillStep::Done)], self::MORNING), $since, new DateTimeZone('UTC'), (new HoldRules)->keptWarmer(3.0));
        $this->assertNotContains('Look at the fill: it came to freezing', array_keys($this->does($kept)));
        $steady = $this->start([...$this->standing(), new PostFilled($this->id('A1'), FillStep::Done)], least: 20.0, greatest: 20.0, at: '2026-05-04 20:30');
        $this->assertEqualsWithDelta(0.5, $steady->ripenings[0]->share, 0.03, 'twelve of twenty-four hours');
        $this->assertSame(20.0, $steady->ripenings[0]->came);
    }

    public function test_where_nobody_knows_the_weather_nothing_is_all_as_left(): void
    {
        $labels = array_map(fn (Post $post) => $post->label, $this->start($this->half(), from: '2026-05-05')->unknown);
        sort($labels);
        $this->assertSame(['A1', 'A2', 'B1', 'B1', 'B2', 'C1', 'C2'], $labels, 'a fill and its braces by themselves');
        $this->assertFalse($this->start($this->half(), from: '2026-05-05')->isAllAsLeft());
        $this->assertSame('2026-05-04', StartAgain::from($this->site($this->half(), self::MORNING), new DateTimeZone('UTC')));
        $this->assertSame('2026-05-05', StartAgain::from($this->site([], self::MORNING), new DateTimeZone('UTC')));
    }

    /** @return array<string, list<string>> labels by what is done */
    private function does(StartAgain $start): array
    {
        $does = [];
        foreach ($start->moves as $move) {
            $does[Told::do($move)] = array_map(fn (Post $post) => $post->label, $move->posts);
        }

        return $does;
    }

    /**
     * @param  list<Payload>  $book
     * @param  array<int, WeatherHour>  $hours
     * @param  list<Payload>  $later  written down at six in the morning
     */
    private function start(
        array $book, array $hours = [], float $least = 8.0, float $greatest = 18.0, string $at = self::MORNING, string $from = '2026-05-04', array $later = [],
    ): StartAgain {
        $since = new Forecast($from, array_fill(0, 5, new DayWarmth($least, $greatest)), $hours);

        return new StartAgain($this->site($book, $at, $later), $since, new DateTimeZone('UTC'), (new HoldRules)->withDoubt());
    }

    /**
     * @param  array<int, WeatherHour>  $hours
     * @param  array<string, float>  $rates
     */
    private function clock(SiteState $site, array $hours, int $people = 2, float $least = 8.0, int $days = 5, array $rates = [], int $hoursEnd = 1140): StopClock
    {
        $hands = new Hands($people, 450, $hoursEnd, new WorkCalendar, rates: $rates);
        $forecast = new Forecast('2026-05-04', array_fill(0, max(1, $days), new DayWarmth($least, 18.0)), $hours);

        return new StopClock(new StopNow($site, $site->now), $site, $hands, $forecast, new NightAhead($hands, $forecast, 720));
    }

    /**
     * Written down from eight on, a minute each.
     *
     * @param  list<Payload>  $book
     * @param  list<Payload>  $later
     */
    private function site(array $book, string $now, array $later = []): SiteState
    {
        $all = [
            new NoticeAsked('2026-04-20', 3, ''), ...Builds::readings($this->plan()), new BenchmarkChosen('sill', Length::zero()), new RodReading(null, Length::millimetres(1500)),
            ...array_map(fn (Post $post) => new RodReading($post->id, Length::millimetres(1500)), $this->plan()->grid->posts), ...$book,
        ];
        $entries = array_map(fn (Payload $payload, int $i) => Builds::entry($payload, $i + 1), $all, array_keys($all));
        foreach ($later as $payload) {
            $entries[] = Builds::entry($payload, count($entries) + 1, null, '2026-05-05 06:00 UTC');
        }

        return SiteState::derive($this->plan(), $entries, substr($now, 0, 10), null, new DateTimeImmutable("{$now} UTC"));
    }

    /** @return list<Payload> A1 begun, B1 filled, C1 and A2 in open holes, B2 and C2 dug */
    private function half(): array
    {
        return [
            ...array_slice($this->standing(), 0, 4 * 4), new HoleDug($this->id('B2'), Length::millimetres(1100)), new HoleDug($this->id('C2'), Length::millimetres(1100)),
            new PostFilled($this->id('A1'), FillStep::Started), new PostFilled($this->id('B1'), FillStep::Done),
        ];
    }

    /** @return list<Payload> four of each post */
    private function standing(): array
    {
        $book = [];
        foreach (['A1', 'B1', 'C1', 'A2', 'B2', 'C2'] as $label) {
            array_push($book, new HoleDug($this->id($label), Length::millimetres(1100)), new PostSet($this->id($label)), ...$this->plumb($label));
        }

        return $book;
    }

    /** @return list<Payload> */
    private function ready(): array
    {
        return [
            ...array_map(fn (ReadyItem $item) => new SeenReady($item, null), ReadyItem::cases()),
            new CrossChecked(PointOfNoReturn::Pour, CheckRoute::OtherTape, Length::zero()),
        ];
    }

    private function plan(): Plan
    {
        return Builds::plan()->withFooting(new FootingRules(
            Length::millimetres(900), Length::millimetres(100), LeastEmbedment::length(Length::millimetres(600)),
            Length::millimetres(100), Length::millimetres(100), Length::millimetres(50), DepthMode::Own,
        ));
    }

    private function id(string $label): PostId
    {
        return $this->plan()->grid->labelled($label)->id;
    }

    /** @return list<PlumbReading> */
    private function plumb(string $label): array
    {
        return [
            PlumbReading::gap($this->id($label), Side::MinusY, Side::PlusX, Length::zero(), Length::millimetres(1200), Stage::HoleOpen),
            PlumbReading::gap($this->id($label), Side::PlusX, Side::PlusY, Length::zero(), Length::millimetres(1200), Stage::HoleOpen),
        ];
    }
}
