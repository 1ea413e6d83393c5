<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Footing\Depths\PostTops;
use Aequus\Footing\Holes\HoleWork;
use Aequus\Footing\Materials\Bag;
use Aequus\Footing\Materials\Hole;
use Aequus\Level\LevelReadings;
use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Kind\Known;
use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Measure\Guesses;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Square\Network\PlanNetwork;

/** What a site knows, for the questions that an entry raises. */
final readonly class KnownSite implements Known
{
    private const WASTE = 1.1;

    public function __construct(private SiteState $site, private bool $isCorrection = false)
    {
    }

    public function plan(): Plan
    {
        return $this->site->plan;
    }

    public function guesses(): Guesses
    {
        return (new PlanNetwork($this->site->plan))->guesses();
    }

    public function farBeyond(Length $planned): Length
    {
        return $this->site->square->farBeyond($planned);
    }

    public function isCorrection(): bool
    {
        return $this->isCorrection;
    }

    public function isLevelled(): bool
    {
        return ! $this->site->level->ground->isEmpty();
    }

    public function expectedRod(LevelPoint $point, string $setUp): ?Length
    {
        $level = $this->site->level;
        $height = $point->post === null || $point->feature->value !== 'ground' ? $level->heightOf($point) : $level->ground[$point->post]
            ?? $this->meanGround();
        $beam = $level->beam(LevelReadings::SET_UP.$setUp);

        return $height === null || $beam === null ? null : $beam->minus($height);
    }

    public function expectedDifference(LevelPoint $from, LevelPoint $to): ?Length
    {
        [$one, $other] = [$this->site->level->heightOf($from), $this->site->level->heightOf($to)];

        return $one === null || $other === null ? null : $other->minus($one);
    }

    public function neededDepth(PostId $post): ?Length
    {
        $post = $this->post($post);

        return $post === null ? null : $this->site->footing->toReach($post);
    }

    public function dugDepth(PostId $post): ?Length
    {
        return $this->site->log->latest(HoleDug::class, $post)?->depth;
    }

    public function expectedBags(PostId $post): ?float
    {
        $found = $this->post($post);
        $required = $found === null ? null : $this->site->footing->required($found);
        if ($found === null) {
            return null;
        }
        $bag = Bag::of($this->site->plan->notation->unit, $this->site->plan->notation->system()->smallestBag);
        if ($required === null) {
            // Nobody knows yet how deep: as deep as it was dug, else as deep as any auger reaches.
            $most = Hole::of($this->site->plan->hole, $this->dugDepth($post) ?? Length::millimetres(HoleDug::DEEPEST));

            return $most->between(Length::zero(), $most->depth) * self::WASTE / $bag->yield;
        }
        $hold = $this->site->plan->holdOf($post);
        $tops = new PostTops($this->site->plan, $this->site->footing->needs);
        $hole = $this->site->footing->asDug($found);
        $work = $hole === null
            ? HoleWork::planned($this->site->plan, $hold, $tops, $required) : HoleWork::asDug($this->site->plan, $hold, $tops, $hole);

        return $work->concrete * self::WASTE / $bag->yield;
    }

    public function isSet(PostId $post): bool
    {
        return ($this->site->standing[$post] ?? null)?->set === true;
    }

    public function isFilled(PostId $post): bool
    {
        $post = $this->post($post);

        return $post !== null && $this->site->isFilled($post);
    }

    public function isCut(PostId $post): bool
    {
        $post = $this->post($post);

        return $post !== null && $this->site->cut->isCut($post);
    }

    public function isHard(PostId $post): bool
    {
        $post = $this->post($post);

        return $post === null || ! $this->site->filling($post)->isBegun() || $this->site->clock($post)->isHard($this->site->now);
    }

    public function shortPosts(): array
    {
        return array_map(fn (Post $post) => $post->id, $this->site->shortPosts());
    }

    public function cutMark(PostId $post): ?Length
    {
        $post = $this->post($post);

        return $post === null ? null : $this->site->cut->mark($post)?->aboveDatumLine();
    }

    public function topMeasured(PostId $post): ?Length
    {
        return $this->site->log->latest(TopMeasured::class, $post)?->aboveDatumLine;
    }

    public function today(): string
    {
        return $this->site->today;
    }

    public function isUnfinished(): bool
    {
        return $this->site->lacking() !== [];
    }

    public function madeUp(): int
    {
        return count($this->site->log->madeUp());
    }

    private function meanGround(): ?Length
    {
        $heights = $this->site->level->ground->map(fn (Length $height) => $height->inMillimetres())->all();

        return $heights === [] ? null : Length::millimetres(array_sum($heights) / count($heights));
    }

    private function post(PostId $id): ?Post
    {
        return $this->site->plan->grid->find($id);
    }
}
