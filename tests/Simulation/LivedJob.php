<?php

declare(strict_types=1);

namespace Tests\Simulation;

use Aequus\Days\CureWait;
use Aequus\Days\DayWarmth;
use Aequus\Days\Forecast;
use Aequus\Days\Hands;
use Aequus\Days\Task;
use Aequus\Days\WeatherHold;
use Aequus\Days\Work;
use Aequus\Days\WorkKind;
use Aequus\Diary\JobDays;
use Aequus\Diary\JobToDo;
use Aequus\Frame\Frames;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Entry;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Frame\MembersUp;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Kind\Stage;
use Aequus\Logbook\Level\BenchmarkChosen;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PlumbReading;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Side;
use Aequus\Set\SetClock;
use Aequus\Site\SiteState;
use DateTimeImmutable;
use DateTimeZone;
use LogicException;
use Tests\Builds;

/**
 * A builder who looks at the days each morning, does what stands on today in that order until it gets dark, and writes it down. He sees what weather there is, not
 * what will come: for that he has a forecast that errs the more the further ahead. Whatever he gets done at his true pace, he gets done.
 */
final class LivedJob
{
    private const QUARTER = 15;

    private const DAY = 1440;

    /** @var list<Entry> */
    private array $entries = [];

    /** @var array<string, float> done of a unit that is not finished, by the task */
    private array $begun = [];

    /** @var list<string> what was done under a hold, or before it was hard */
    public array $broken = [];

    public ?int $finishedOn = null;

    /** @var list<array{int, Work}> moments of what was poured */
    private array $poured = [];

    public function __construct(private Plan $plan, private Hands $hands, private LivedWorld $world, private int $seed)
    {
        $this->write(new NoticeAsked($this->world->first, 3, ''), 0);
    }

    public function live(): self
    {
        for ($day = 0; $day < LivedWorld::LONGEST - 3 && $this->finishedOn === null; $day++) {
            $date = $this->world->weather->date($day);
            if ($this->hands->calendar->isWorked($date) && ! in_array($date, $this->world->lost, true)) {
                $this->day($day);
            } elseif ($this->state($day * self::DAY + 420)->all === []) {
                $this->finishedOn = $day;
            }
        }
        $this->checkThePours();

        return $this;
    }

    private function day(int $day): void
    {
        $at = $day * self::DAY + $this->hands->from;
        $until = $day * self::DAY + $this->hands->to;
        while ($at < $until) {
            $toDo = $this->state($at);
            if ($toDo->all === []) {
                $this->finishedOn = $day;

                return;
            }
            $hands = $this->hands->heldBy($this->hands->holds->withDoubt());
            $days = JobDays::soonest($toDo, $hands, $this->foretold($day), $at - $day * self::DAY);
            $next = null;
            foreach ($days->planned as $task => $works) {
                foreach ($works as $work) {
                    if ($work->parts[0][0] < self::DAY) {
                        $next ??= [Task::from($task), $work->work, $day * self::DAY + $work->parts[0][0]];
                    }
                }
            }
            if ($next === null) {
                return;
            }
            $worked = $this->work($next[0], $next[1], max($at, $next[2]), $until, $day, $toDo);
            if ($worked <= $at) {
                return;
            }
            $at = $worked;
        }
    }

    /** @return int when he lets go of it: done, held by what he sees, or by the evening */
    private function work(Task $task, Work $work, int $at, int $until, int $day, JobToDo $toDo): int
    {
        $left = array_values(array_filter($toDo->all, fn ($one) => $one->task === $task))[0];
        $unit = $left->amount / max(1, $left->pieces);
        $rate = $this->world->hands($this->hands)->rates[$task->value] * max(1, $work->people);
        $foretold = $this->hands->holds->withDoubt();
        for ($pieces = $left->pieces; $pieces > 0 && $at < $until; $at += self::QUARTER) {
            $seen = array_filter($this->hands->holds->at($work, $at, $at + self::QUARTER, $this->world->weather), fn (WeatherHold $hold) => $hold !== WeatherHold::FrostAfterThePour);
            if ($seen !== [] || $foretold->at($work, $at - $day * self::DAY, $at - $day * self::DAY + self::QUARTER, $this->foretold($day)) !== []) {
                return $at;
            }
            if ($work->kind === WorkKind::Pour) {
                $this->poured[] = [$at, $work];
            }
            $this->begun[$task->value] = ($this->begun[$task->value] ?? 0.0) + $rate * self::QUARTER / 60;
            while ($pieces > 0 && $this->begun[$task->value] >= $unit - 1e-9) {
                $this->begun[$task->value] -= $unit;
                $pieces--;
                $this->writeDown($task, $at + self::QUARTER, $pieces);
            }
        }

        return $at;
    }

    /** What one unit of a task leaves in the book. */
    private function writeDown(Task $task, int $at, int $left): void
    {
        $site = $this->site($at);
        $post = $this->next($site, $task);
        match ($task) {
            Task::Stake => $left > 0 ? null : array_map(fn (Payload $reading) => $this->write($reading, $at), Builds::readings($this->plan)),
            Task::ReadGround => $this->ground($site, $post, $at),
            Task::Dig => $this->write(new HoleDug($post->id, $site->footing->required($post)->holeDepth()), $at),
            Task::SetPosts => $this->set($post, $at),
            Task::Fill => $this->write(new PostFilled($post->id, FillStep::Done, null, round($this->world->weather->temperature($at), 1)), $at),
            Task::TakeBracesOff => $this->load($site, $post, $at, new PostFilled($post->id, FillStep::Stripped)),
            Task::CutTops => $this->load($site, $post, $at, new PostCut($post->id)),
            Task::BuildFrame => $this->raise($site, $at),
        };
    }

    private function ground(SiteState $site, Post $post, int $at): void
    {
        if ($site->log->latest(BenchmarkChosen::class) === null) {
            $this->write(new BenchmarkChosen('sill', Length::zero()), $at);
            $this->write(new RodReading(null, Length::millimetres(1500)), $at);
        }
        $this->write(new RodReading($post->id, Length::millimetres(1500)), $at);
    }

    private function set(Post $post, int $at): void
    {
        $this->write(new PostSet($post->id), $at);
        foreach ([Side::PlusX, Side::PlusY] as $face) {
            $this->write(PlumbReading::gap($post->id, $face, $face, Length::zero(), Length::millimetres(1000), Stage::HoleOpen), $at);
        }
    }

    private function load(SiteState $site, Post $post, int $at, Payload $payload): void
    {
        $this->checkItIsHard($site, $post, $at, $payload::class);
        $this->write($payload, $at);
    }

    private function raise(SiteState $site, int $at): void
    {
        foreach (Frames::decided($this->plan, $site->log)->all as $frame) {
            foreach ($frame->pieces as $piece) {
                if (! in_array($piece, $frame->up(), true)) {
                    foreach ($frame->footprint->posts as $post) {
                        $this->checkItIsHard($site, $post, $at, MembersUp::class);
                    }
                    $this->write(new MembersUp($frame->footprint->key, $piece->layer->kind, $piece->number, $piece->number), $at);

                    return;
                }
            }
        }
    }

    /** By the weather that really came, nights counted. */
    private function checkItIsHard(SiteState $site, Post $post, int $at, string $what): void
    {
        $done = $site->filling($post)->at(FillStep::Done);
        $hours = SetClock::usualMinutes($this->plan->holdOf($post->id), $site->customs()) / 60;
        if ($hours > 0.0) {
            $from = $done === null ? PHP_INT_MAX : $this->world->weather->moment($done->format('Y-m-d\TH:i'));
            $ripe = (new CureWait($this->world->weather, min($from, $at), $hours, kept: $this->hands->holds->kept))->ends ?? INF;
            // A forecast that errs by a degree or two is off by hours: a tenth of the wait is no hold broken.
            if ($done === null || $at < $ripe - 0.1 * ($ripe - $from)) {
                $this->broken[] = "{$what} at {$post->label} before it was hard, {$this->world->weather->clock($at)}";
            }
        }
    }

    private function checkThePours(): void
    {
        foreach ($this->poured as [$at, $work]) {
            foreach ($this->hands->holds->at($work, $at, $at + self::QUARTER, $this->world->weather) as $hold) {
                $this->broken[] = "{$hold->value} at {$this->world->weather->clock($at)}";
            }
        }
    }

    /** The first post that still needs it. */
    private function next(SiteState $site, Task $task): Post
    {
        foreach ($this->plan->grid->posts as $post) {
            $isLeft = match ($task) {
                Task::ReadGround => ! isset($site->level->ground[$post]),
                Task::Dig => $site->footing->asDug($post) === null,
                Task::SetPosts => ! $site->standing($post)->set,
                Task::Fill => ! $site->isFilled($post),
                Task::TakeBracesOff => ! $site->filling($post)->isStripped(),
                Task::CutTops => ! isset($site->log->newest(PostCut::class)[$post]),
                default => true,
            };
            if ($isLeft) {
                return $post;
            }
        }

        throw new LogicException("Nothing of {$task->value} is left.");
    }

    /** The true weather, off by up to 0.4 °C today and half a degree more each day ahead; rain and gusts as they come, hours early or late. */
    private function foretold(int $day): Forecast
    {
        static $kept = [];
        $key = "{$this->seed} {$this->world->first} {$day}";
        if (! isset($kept[$key])) {
            $days = $hours = [];
            for ($ahead = 0; $ahead < 21; $ahead++) {
                $true = $this->world->weather->days[min($day + $ahead, LivedWorld::LONGEST - 1)];
                $off = min(2.9, 0.4 + 0.5 * $ahead) * (2 * crc32("{$this->seed} {$day} {$ahead}") / 0xFFFFFFFF - 1);
                $days[] = new DayWarmth($true->least + $off, $true->greatest + $off);
                $late = $ahead === 0 ? 0 : crc32("late {$this->seed} {$day} {$ahead}") % (2 * $ahead + 1) - $ahead;
                foreach ($this->world->weather->touched(min($day + $ahead, LivedWorld::LONGEST - 1) * self::DAY, (min($day + $ahead, LivedWorld::LONGEST - 1) + 1) * self::DAY) as $hour => $weather) {
                    $hours[max(0, 24 * $ahead + $hour + $late)] = $weather;
                }
            }
            $kept = [$key => new Forecast($this->world->weather->date($day), $days, $hours)];
        }

        return $kept[$key];
    }

    private function state(int $at): JobToDo
    {
        $day = intdiv($at, self::DAY);
        // What came is known, what comes is foretold.
        $since = new Forecast($this->world->first, [...array_slice($this->world->weather->days, 0, $day), ...$this->foretold($day)->days]);

        return new JobToDo($this->site($at), new DateTimeZone('UTC'), $since);
    }

    private function site(int $at): SiteState
    {
        $clock = $this->world->weather->clock($at);

        return SiteState::derive($this->plan, $this->entries, substr($clock, 0, 10), now: new DateTimeImmutable("{$clock} UTC"));
    }

    private function write(Payload $payload, int $at): void
    {
        $sequence = count($this->entries) + 1;
        $this->entries[] = new Entry($sequence, "lived-{$sequence}", $payload, 1, str_replace('T', ' ', $this->world->weather->clock($at)).':00', 'Builder');
    }
}
