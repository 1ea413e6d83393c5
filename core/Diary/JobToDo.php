<?php

declare(strict_types=1);

namespace Aequus\Diary;

use Aequus\Clear\Conflict;
use Aequus\Clear\NoticePeriod;
use Aequus\Days\Forecast;
use Aequus\Days\Task;
use Aequus\Days\WorkCalendar;
use Aequus\Footing\Holes\FillWork;
use Aequus\Footing\Holes\HoleWork;
use Aequus\Frame\FrameOnPosts;
use Aequus\Frame\Frames;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Clear\NoticeAsked;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Diary\Awaited;
use Aequus\Logbook\Set\FillStep;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Posts\Post;
use Aequus\Set\SetClock;
use Aequus\Site\Outstanding;
use Aequus\Site\Ripening;
use Aequus\Site\SiteState;
use DateTimeZone;

/**
 * What is left of a job, kind by kind, read from the same state as the next move. Holes are taken as deep as the plan’s rules have them, one whose
 * ground is not read as deep as the others.
 */
final readonly class JobToDo
{
    /** @var list<ToDo> what nothing is left of is left out */
    public array $all;

    /** Beyond all days whose weather is told. */
    private const NEVER = '9999-12-31T00:00';

    /** Full working days that marks usually take, where they were not asked for yet. */
    private const USUAL_NOTICE = 3;

    /** The first work that nobody begins before something is settled; null where nothing is open. What comes after it is left out with it. */
    public ?Task $held;

    /** @var list<Post> that keep it: a hole into a no-dig band, a post out of plumb or short */
    public array $heldBy;

    /** What nobody named a day for, or what failed, where that keeps it; null where something else does, or nothing. */
    public ?Awaited $waitsFor;

    public Outstanding $outstanding;

    /** @var list<Task> in which work is done */
    private array $order;

    /** Whether holes are still to be dug and nobody asked for utility marks. */
    public bool $asksForMarks;

    /** Whether what goes into the holes sets. */
    public bool $isPoured;

    /** Hours at 20 °C until what was poured may be cut and loaded. */
    public float $cure;

    /** @param  ?Forecast  $since  the weather from the oldest fill that is not hard on, see filledOn; null where nobody knows it */
    public function __construct(private SiteState $site, DateTimeZone $zone, private ?Forecast $since = null)
    {
        $posts = $site->plan->grid->posts;
        $work = [];
        foreach ($site->footing->work($site->walk()) as $hole) {
            $work[$hole->of->label] = $hole;
        }
        $isSet = fn (Post $post): bool => $site->standing($post)->set;
        $isFilled = fn (Post $post): bool => $site->isFilled($post);
        $cuts = $site->log->newest(PostCut::class);
        $undug = array_values(array_filter($posts, fn (Post $post) => $site->footing->asDug($post) === null && ! $isSet($post)));
        $unfilled = array_values(array_filter($posts, fn (Post $post) => ! $isFilled($post)));
        $poured = $site->unstripped();
        $this->asksForMarks = $undug !== [] && $site->clear->notice === null;
        $this->isPoured = array_filter($posts, fn (Post $post) => $site->plan->holdOf($post->id)->isPoured()) !== [];
        $this->cure = max(
            [0, ...array_map(fn (Post $post) => SetClock::usualMinutes($site->plan->holdOf($post->id), $site->customs()), $posts)],
        ) / 60;
        $frame = array_sum(array_map(
            fn (FrameOnPosts $one) => count($one->pieces) - count($one->up()), Frames::decided($site->plan, $site->log)->all,
        ));
        $isOnPiers = $site->plan->holding?->ofJob === Hold::Pier;
        $this->order = Task::inOrder($isOnPiers);
        $set = $this->counted(
            Task::SetPosts, array_filter($posts, fn (Post $post) => ! $isSet($post)), $isOnPiers ? $this->hardAt($poured, $zone) : null,
        );
        $fill = new ToDo(Task::Fill, (new FillWork($site->plan, $work))->of($unfilled), count($unfilled));
        $strip = $isOnPiers ? 0 : count([...$poured, ...($this->isPoured ? $unfilled : [])]);
        $this->outstanding = new Outstanding($site);
        [$held, $heldBy] = $this->unsettled();
        $waitsFor = $this->undated($held);
        [$this->held, $this->heldBy, $this->waitsFor] = $waitsFor === null ? [$held, $heldBy, null] : [$waitsFor->thing->holds(), [], $waitsFor];
        $left = array_values(array_filter(array_map($this->asBooked(...), [
            $this->counted(Task::Stake, UnprovedStakes::of($site)),
            $this->counted(
                Task::ReadGround,
                array_filter(
                    $posts, fn (Post $post) => ! isset($site->level->ground[$post]) && $site->footing->asDug($post) === null && ! $isSet($post),
                ),
            ),
            new ToDo(Task::Dig, $this->metres($undug, $work), count($undug), $this->digFrom()),
            ...($isOnPiers ? [$fill, $set] : [$set, $fill]),
            // Where the tops shall be is decided before that; until then they are left as the next move has them.
            $this->counted(
                Task::CutTops, array_filter($posts, fn (Post $post) => ! $this->isCutFirst() && ! isset($cuts[$post])), $this->hardAt($poured, $zone),
            ),
            new ToDo(Task::TakeBracesOff, (float) $strip, $strip, $this->hardAt($poured, $zone)),
            new ToDo(Task::BuildFrame, (float) $frame, (int) $frame, $this->hardAt($poured, $zone)),
        ]), fn (ToDo $one) => $one->pieces > 0 && ($this->held === null || $this->comesBefore($one->task, $this->held))));
        $this->all = $this->isOver($left) ? [] : $left;
    }

    public function comesBefore(Task $one, Task $other): bool
    {
        return array_search($one, $this->order, true) < array_search($other, $this->order, true);
    }

    /**
     * Handed over, and only what the next move does not ask for was never written down: braces that came off, pieces that are up.
     *
     * @param  list<ToDo>  $left
     */
    private function isOver(array $left): bool
    {
        return $this->site->handedOver() !== null
            && array_filter($left, fn (ToDo $one) => ! in_array($one->task, [Task::TakeBracesOff, Task::BuildFrame], true)) === [];
    }

    /** @param  array<Post>  $posts */
    private function counted(Task $task, array $posts, ?string $notBefore = null): ToDo
    {
        return new ToDo($task, (float) count($posts), count($posts), $notBefore);
    }

    /** What holds the first work for which nobody named a day; null where posts hold an earlier one, or the same. */
    private function undated(?Task $held): ?Awaited
    {
        foreach ($this->order as $task) {
            if ($held !== null && ! $this->comesBefore($task, $held)) {
                return null;
            }
            $first = $this->outstanding->before($task, $this->site->today)[0] ?? null;
            if ($first !== null && $first->from($this->site->today) === null) {
                return $first;
            }
        }

        return null;
    }

    /** Not before what others bring or look at is there as booked. */
    private function asBooked(ToDo $one): ToDo
    {
        $from = $this->outstanding->before($one->task, $this->site->today)[0] ?? null;
        $from = $from?->from($this->site->today);

        return $from === null || ($one->notBefore !== null && $one->notBefore > $from) ? $one
            : new ToDo($one->task, $one->amount, $one->pieces, $from);
    }

    /** @return array{?Task, list<Post>} */
    private function unsettled(): array
    {
        $site = $this->site;
        $out = array_values(array_filter($site->plan->grid->posts, fn (Post $post) => $site->standing($post)->set && ! $site->standing($post)->lean->isUnread()
            && $site->standing($post)->isOut() && $site->decided(DecisionAbout::AcceptLean, $post) === null));
        $intoABand = array_filter(
            array_map(fn (Conflict $conflict) => $conflict->post, $site->clear->conflicts), fn (Post $post) => $site->footing->asDug($post) === null,
        );
        $loose = array_filter($out, fn (Post $post) => ! $site->isFilled($post));
        foreach ([[Task::Dig, $intoABand], [Task::Fill, $loose], [Task::CutTops, [...$out, ...$site->shortPosts()]]] as [$task, $posts]) {
            if ($posts !== []) {
                return [$task, array_values(array_unique($posts, SORT_REGULAR))];
            }
        }

        return [null, []];
    }

    /** The day marks run out; where nobody asked for them, as if that were done today. */
    public function digFrom(): string
    {
        return ($this->site->clear->notice ?? new NoticePeriod(
            new NoticeAsked($this->site->today, self::USUAL_NOTICE, ''),
            new WorkCalendar(holidays: $this->site->plan->hands->calendar->holidays ?? []),
        ))->runsOut;
    }

    private function isCutFirst(): bool
    {
        return $this->site->customs()->build->isCutFirst();
    }

    /**
     * @param  list<Post>  $posts
     * @param  array<string, HoleWork>  $work  by the labels of the posts whose depth is known
     */
    private function metres(array $posts, array $work): float
    {
        $of = fn (HoleWork $hole): float => DigWork::of($hole->depth, usual: $this->site->plan->holding?->site->soil);
        $known = array_map($of, array_values($work));
        $usual = $known === [] ? 1.0 : array_sum($known) / count($known);

        return array_sum(array_map(fn (Post $post) => isset($work[$post->label]) ? $of($work[$post->label]) : $usual, $posts));
    }

    /**
     * When the last of what is poured already may be loaded, as its clock has it.
     *
     * @param  list<Post>  $poured
     */
    private function hardAt(array $poured, DateTimeZone $zone): ?string
    {
        $last = null;
        foreach ($poured as $post) {
            // Filled so cold that its clock stands still, and nobody knows the weather since: no day can be named.
            $last = max($last, (new Ripening($this->site, $post, $this->since, $zone))->off ?? self::NEVER);
        }

        return $last;
    }

    /** The day of the oldest fill whose braces are still on, local as YYYY-MM-DD; today where there is none. */
    public static function filledOn(SiteState $site, DateTimeZone $zone): string
    {
        $days = [$site->today];
        foreach ($site->plan->grid->posts as $post) {
            $done = $site->filling($post)->at(FillStep::Done);
            $days = $done === null || $site->filling($post)->isStripped() ? $days : [...$days, $done->setTimezone($zone)->format('Y-m-d')];
        }

        return min($days);
    }
}
