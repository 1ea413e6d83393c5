<?php

declare(strict_types=1);

namespace App\Set;

use Aequus\Guide\Set\StartAgain;
use Aequus\Logbook\Set\FillStep;
use Aequus\Measure\Temperature;
use Aequus\Plan\Posts\Post;
use Aequus\Site\Ripening;
use Aequus\Site\SiteState;
use App\Diary\JobClock;
use App\Type\Say;
use Carbon\CarbonImmutable;

/** What the night, or longer, did to what was left fresh, open or braced, in words. */
final readonly class StartPage
{
    public StartAgain $start;

    /** From which the weather is looked at, as YYYY-MM-DD. */
    private string $from;

    public function __construct(private SiteState $site, private JobClock $job)
    {
        $longest = CarbonImmutable::parse($site->today)->subDays(JobClock::KNOWN)->format('Y-m-d');
        $this->from = max($longest, StartAgain::from($site, $job->zone));
        $this->start = new StartAgain($site, $job->since($this->from), $job->zone, $job->hands->holds);
    }

    /** What it comes to, in one line. */
    public function answer(): string
    {
        return Say::text(match (true) {
            ! $this->start->isAnythingLeft => 'night.start.nothing_left',
            $this->isMadeUp() => 'night.start.made_up',
            $this->start->isAllAsLeft() => 'night.start.all_as_left',
            default => 'night.start.look_first',
        });
    }

    /** Where nobody knows the weather since, in words; empty where it is known everywhere. */
    public function unknown(): string
    {
        return $this->start->unknown === [] ? '' : Say::text(
            'night.start.unknown', posts: collect($this->start->unknown)->map(fn (Post $post) => $post->label)->unique()->join(', ', ' and '),
        );
    }

    /** Whether days that matter were made up by a station that ships with this: then nothing is called well. */
    private function isMadeUp(): bool
    {
        return $this->job->isMadeUp && ! $this->job->isTold($this->from, $this->site->today);
    }

    /** Of which days nobody wrote down the weather, in words: what the station has stands for them; empty where of none that matters. */
    public function unknownWeather(): string
    {
        $untold = [];
        for ($day = CarbonImmutable::parse($this->from); $day->format('Y-m-d') <= $this->site->today; $day = $day->addDay()) {
            $untold = isset($this->job->told->days[$day->format('Y-m-d')]) ? $untold : [...$untold, $day->format('j M')];
        }
        $count = count($untold);

        return $count === 0 || ! $this->start->isAnythingLeft ? '' : Say::text('night.start.untold', days: $count < 4
            ? collect($untold)->join(', ', ' and ')
                : Say::text('night.start.days_between', count: $count, first: $untold[0], last: $untold[$count - 1]));
    }

    /** @return list<array{string, string, string, string, string}> of what is poured: post, filled, the coldest of its first day, how ripe, and when its braces may come off */
    public function rows(): array
    {
        return array_map(fn (Ripening $one) => [
            $one->post->label,
            $this->when($this->site->filling($one->post)->at(FillStep::Done)?->setTimezone($this->job->zone)->format('Y-m-d\TH:i')),
            $one->came === null ? Say::text('night.start.not_known')
                : Temperature::celsius(round($one->came, 1))->write($this->site->plan->notation->unit),
            $one->isKnown ? Say::text('night.start.share', percent: (int) floor(100 * $one->share)) : Say::text('night.start.not_known'),
            $one->off === null || $this->site->clock($one->post)->standsStill() ? Say::text('night.start.stands_still') : $this->when($one->off),
        ], $this->start->ripenings);
    }

    private function when(?string $local): string
    {
        return $local === null ? Say::text('night.start.not_known') : CarbonImmutable::parse($local)->format('j M G:i');
    }
}
