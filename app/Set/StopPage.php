<?php

declare(strict_types=1);

namespace App\Set;

use Aequus\Days\Comes;
use Aequus\Days\NightAhead;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Set\StopClock;
use Aequus\Guide\Set\StopNow;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use Aequus\Words\Names;
use App\Diary\JobClock;
use App\Type\ClockTime;
use App\Type\DayName;
use App\Type\Say;

/** What must be made safe now, by when, how long it takes, and what may still be filled, in words. */
final readonly class StopPage
{
    public StopNow $stop;

    public StopClock $clock;

    private NightAhead $night;

    public function __construct(SiteState $site, private JobClock $job)
    {
        $this->stop = new StopNow($site, $site->now);
        $this->night = new NightAhead($job->hands, $job->forecast, $job->minute);
        $this->clock = new StopClock($this->stop, $site, $job->hands, $job->forecast, $this->night);
    }

    /** How much time there is, in one line. */
    public function answer(): string
    {
        $parts = ['minutes' => $this->clock->total, 'people' => $this->clock->people];

        return match (true) {
            $this->clock->begin === null && ! $this->isKnown() => Say::text('night.stop.takes_unknown', ...$parts),
            $this->clock->begin === null => Say::text('night.stop.takes_nothing_comes', ...$parts, when: $this->moment($this->night->until)),
            $this->clock->over > 0 => Say::text('night.stop.takes_too_long', ...$parts, over: $this->clock->over),
            default => Say::text('night.stop.takes_begin_by', ...$parts, when: $this->moment($this->clock->begin)),
        };
    }

    public function isTooLong(): bool
    {
        return $this->clock->over > 0;
    }

    /** @return list<string> what comes before work begins again, the soonest first */
    public function comes(): array
    {
        $said = [];
        foreach ($this->night->comes as $what => $at) {
            $said[] = $at <= $this->night->now ? Say::text("night.stop.is_{$what}")
                : Say::text("night.stop.comes_{$what}", when: $this->moment($at), in: self::span($at - $this->night->now));
        }

        return [
            ...$said, ...($this->night->isDuskKnown ? [] : [Say::text('night.stop.no_dusk')]),
            ...($this->isKnown() ? [] : [Say::text('night.stop.not_known')]),
        ];
    }

    /** @return list<array{Move, string}> each with how long it takes */
    public function moves(): array
    {
        return array_map(
            fn (Move $move, int $minutes) => [$move, Say::text('night.stop.about', minutes: $minutes)], $this->stop->moves, $this->clock->minutes,
        );
    }

    /** What may still be filled, in one line. */
    public function fills(): string
    {
        return match (true) {
            $this->clock->mayFill !== [] => Say::text(
                'night.stop.ready_nothing_is_missing_only', join: self::labels($this->clock->mayFill), count: count($this->clock->mayFill),
            ).($this->isKnown() ? '' : ' '.Say::text('night.stop.look_yourself')),
            [...$this->clock->tooLate, ...$this->clock->heldPosts] !== [] => Say::text('night.stop.nothing_more'),
            default => Say::text(
                'night.stop.nothing',
                lack: Say::text($this->stop->lack === [] ? 'night.stop.no_hole_waits_for_its' : 'night.stop.of_what_is_due_something'),
            ),
        };
    }

    /** @return list<string> what is ready and still waits, and why */
    public function waits(): array
    {
        $holds = implode(' ', array_map(fn ($hold) => Say::text("night.stop.held_{$hold->value}"), $this->clock->holds));

        return [
            ...($this->clock->tooLate === [] ? [] : [Say::text('night.stop.too_late', posts: self::labels($this->clock->tooLate))]),
            ...($this->clock->heldPosts === [] ? [] : [Say::text('night.stop.held', posts: self::labels($this->clock->heldPosts), holds: $holds)]),
        ];
    }

    /** @return array<string, string> what others that are due still lack, by label */
    public function lacks(): array
    {
        return array_map(fn (array $missing) => implode('; ', array_map(Names::of(...), $missing)), $this->stop->lack);
    }

    /** Whether the weather until work begins again is known, by a station or by what somebody wrote down; what is made up is not. */
    public function isKnown(): bool
    {
        $last = $this->job->forecast->date(intdiv($this->night->until, 1440));

        return $this->night->isKnown && (! $this->job->isMadeUp || $this->job->isTold($this->job->forecast->date(0), $last));
    }

    /** @param  list<Post>  $posts */
    private static function labels(array $posts): string
    {
        return collect($posts)->map(fn (Post $post) => $post->label)->join(', ', ' and ');
    }

    private static function span(int $minutes): string
    {
        return $minutes < 120 ? Say::text('night.stop.minutes', minutes: $minutes)
            : Say::text('night.stop.hours', hours: intdiv($minutes, 60), minutes: $minutes % 60);
    }

    private function moment(int $moment): string
    {
        return ($moment < 1440 ? '' : DayName::of($this->job->forecast->date(intdiv($moment, 1440))).' ').ClockTime::of(max(0, $moment));
    }
}
