<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Days\Forecast;
use Aequus\Days\Hands;
use Aequus\Days\NightAhead;
use Aequus\Days\Task;
use Aequus\Days\WeatherHold;
use Aequus\Days\Work;
use Aequus\Days\WorkKind;
use Aequus\Footing\Holes\FillWork;
use Aequus\Guide\Move\Move;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;

/**
 * How long it takes to make all safe, whether that is done before what comes, and what may still be filled in the time that is left. Moments are
 * minutes from today’s first midnight.
 */
final readonly class StopClock
{
    /**
     * Minutes of one person: for covers over one fill or one hole, a second pair of braces or a post laid down, and for bags and tools. Rules of
     * thumb.
     */
    private const COVER = 5;

    private const BRACE = 15;

    private const STOW = 20;

    /** @var list<int> minutes that each move of the stop takes, in its order */
    public array $minutes;

    /** All of them. */
    public int $total;

    /** When it must be begun; null where nothing comes. */
    public ?int $begin;

    /** By how many minutes it is too long for the time there is; zero where it is not. */
    public int $over;

    /** @var list<Post> that lack nothing, and are full and covered in time, in weather that holds no pour: one after the other */
    public array $mayFill;

    /** @var list<Post> that lack nothing, but would not be full and covered before all is to be safe */
    public array $tooLate;

    /** @var list<Post> that lack nothing, but the weather holds */
    public array $heldPosts;

    /** @var list<WeatherHold> what holds those */
    public array $holds;

    public int $people;

    private FillWork $work;

    private float $rate;

    public function __construct(StopNow $stop, SiteState $site, Hands $hands, Forecast $forecast, NightAhead $night)
    {
        $this->people = $people = max(1, $hands->on($forecast->date(0)));
        $this->work = new FillWork($site->plan, $site->footing->work($site->walk()));
        $this->rate = $hands->rates[Task::Fill->value] ?? Task::Fill->usualRate();
        $this->minutes = array_map(fn (Move $move) => (int) ceil($this->ofOne($move) / $people), $stop->moves);
        $this->total = array_sum($this->minutes);
        $this->begin = $night->safeBy === null ? null : $night->safeBy - $this->total;
        $this->over = $this->begin === null ? 0 : max(0, $night->now - $this->begin);
        $may = $late = $held = $holds = [];
        [$at, $covers] = [$night->now, $this->total];
        foreach ($stop->mayFill as $post) {
            $ends = $at + (int) ceil($this->fill([$post]) / $people);
            $kind = $site->plan->holdOf($post->id)->isPoured() ? WorkKind::Pour : WorkKind::Other;
            $holding = $hands->holds->at(new Work('fill', $kind, 1.0, 1.0), $at, $ends, $forecast);
            $with = $covers + (int) ceil(self::COVER / $people);
            if ($holding !== []) {
                [$held, $holds] = [[...$held, $post], [...$holds, ...$holding]];
            } elseif ($night->safeBy !== null && $ends + $with > $night->safeBy) {
                $late[] = $post;
            } else {
                [$may, $at, $covers] = [[...$may, $post], $ends, $with];
            }
        }
        [$this->mayFill, $this->tooLate, $this->heldPosts, $this->holds] = [$may, $late, $held, array_values(array_unique($holds, SORT_REGULAR))];
    }

    /** Minutes of one person. */
    private function ofOne(Move $move): float
    {
        return match ($move->do->is) {
            BeforeTheNight::FinishWhatIsBegun => $this->fill($move->posts) + self::COVER * count($move->posts),
            BeforeTheNight::BraceOrLayDown => self::BRACE * count($move->posts),
            BeforeTheNight::LeaveBracesOn, BeforeTheNight::CoverTheHoles => self::COVER * count($move->posts),
            default => self::STOW,
        };
    }

    /** @param  list<Post>  $posts */
    private function fill(array $posts): float
    {
        return 60 * $this->work->of($posts) / $this->rate;
    }
}
