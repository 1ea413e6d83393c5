<?php

declare(strict_types=1);

namespace Aequus\Footing;

use Aequus\Logbook\HoleDug;
use Aequus\Logbook\Log;
use Aequus\Measure\Length;
use Aequus\Plan\FootingRules;
use Aequus\Plan\Plan;
use Aequus\Plan\Post;

/** What every hole of a job must reach, and how the dug ones came out. */
final readonly class Footings
{
    /** Null until rules are decided and the ground is read. */
    public ?Depths $depths;

    /** @var list<DepthNeed> of the posts whose ground is read; none until rules are decided */
    public array $needs;

    /** Why the decided rules can't be met; null when they can. */
    public ?FootingRefused $refused;

    /** @var array<string, HoleAsDug> by the value of the post's id, holes dug so far */
    public array $dug;

    /** @param  array<string, Length>  $ground by the value of the post's id */
    public function __construct(Plan $plan, Log $log, array $ground)
    {
        $depths = $refused = null;
        $needs = [];
        $posts = array_values(array_filter($plan->grid->posts, fn (Post $post) => isset($ground[$post->id->value])));
        if ($plan->footing !== null && $posts !== []) {
            $needs = array_map(fn (Post $post) => self::need($post, $ground[$post->id->value], $plan->footing, $plan->standing), $posts);
            try {
                $depths = Depths::by($plan->footing->mode, $needs, $plan->footing->askedPlane);
            } catch (FootingRefused $refused) {
                $depths = Depths::commonPlane($needs, null);
            }
        }
        $dug = [];
        foreach ($log->now(HoleDug::class) as $hole) {
            $required = $depths->required[$hole->post->value] ?? null;
            if ($required !== null && $plan->footing !== null) {
                $dug[$hole->post->value] = new HoleAsDug($required, $required->need->ground->minus($hole->depth), $plan->footing->leastGravel, $hole->width, $hole->found);
            }
        }
        [$this->depths, $this->refused, $this->dug, $this->needs] = [$depths, $refused, $dug, $needs];
    }

    public function required(Post $post): ?RequiredDepth
    {
        return $this->depths->required[$post->id->value] ?? null;
    }

    public function asDug(Post $post): ?HoleAsDug
    {
        return $this->dug[$post->id->value] ?? null;
    }

    /**
     * Every hole in a given order, as dug where it is dug and as planned where it is not.
     *
     * @param  list<Post>  $order
     * @return list<HoleWork>
     */
    public function work(Plan $plan, Fill $fill, array $order): array
    {
        $work = [];
        $tops = new PostTops($plan, $this->needs);
        foreach ($order as $post) {
            [$hole, $required] = [$this->asDug($post), $this->required($post)];
            if ($required !== null) {
                $work[] = $hole === null ? HoleWork::planned($plan, $fill, $tops, $required) : HoleWork::asDug($plan, $fill, $tops, $hole);
            }
        }

        return $work;
    }

    /**
     * Dug holes beside a post, in its row and its column, that met something.
     *
     * @param  list<Post>  $posts  of the whole job
     * @return list<HoleAsDug>
     */
    public function foundBeside(Post $post, array $posts): array
    {
        $nearest = [];
        foreach ($posts as $other) {
            [$x, $y] = [$other->at->x->nanometres <=> $post->at->x->nanometres, $other->at->y->nanometres <=> $post->at->y->nanometres];
            // Only straight along the row or the column, and only the first one that way.
            if (abs($x) + abs($y) === 1 && (! isset($nearest["{$x} {$y}"]) || $post->at->distanceTo($other->at)->isShorterThan($post->at->distanceTo($nearest["{$x} {$y}"]->at)))) {
                $nearest["{$x} {$y}"] = $other;
            }
        }
        $holes = array_map(fn (Post $other) => $this->asDug($other), array_values($nearest));

        return array_values(array_filter($holes, fn (?HoleAsDug $hole) => $hole?->found !== null));
    }

    /** Where the foot of a post stands or will stand. */
    public function foot(Post $post): ?Length
    {
        return $this->asDug($post)->foot ?? $this->required($post)?->foot;
    }

    private static function need(Post $post, Length $ground, FootingRules $rules, Length $standing): DepthNeed
    {
        return new DepthNeed(
            $post, $ground, $rules->finishedGrade ?? $ground, $rules->frost, $rules->margin,
            $rules->embedment->below($standing), $rules->pad, $rules->gravel, $rules->fillBeforeFirstFrost,
        );
    }
}
