<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

use Aequus\Measure\Length;
use Aequus\Measure\TapeConditions;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Square\Network\PlanNetwork;

/** Two tapes crossing: what each must show at every post when they are hooked to the two ends of the base line. */
final readonly class HoldNumbers
{
    /** Where the two tapes cross flatter than this, degrees, a small error along a tape becomes a large one of the stake. */
    private const FLAT = 30.0;

    public Post $p;

    public Post $q;

    /** @var list<HoldNumber> every post but the two ends, in plan order */
    public array $posts;

    /** @var ByPost<HoldNumber> */
    private ByPost $byPost;

    /** @param  ?TapeConditions  $conditions  how the tapes are held while setting out; null for level, at their own pull, at 20 °C */
    public function __construct(Plan $plan, ?TapeConditions $conditions = null)
    {
        [$p, $q] = array_map(fn (string $id) => $plan->grid->find(PostId::of($id)) ?? $plan->grid->posts[0], (new PlanNetwork($plan))->base);
        $posts = [];
        foreach ($plan->grid->posts as $post) {
            if ($post->id->equals($p->id) || $post->id->equals($q->id)) {
                continue;
            }
            [$fromP, $fromQ] = [$p->at->distanceTo($post->at), $q->at->distanceTo($post->at)];
            $angle = self::angle($fromP->inMillimetres(), $fromQ->inMillimetres(), $p->at->distanceTo($q->at)->inMillimetres());
            $posts[] = new HoldNumber(
                $post, TapeCorrection::holdMark($fromP, Length::zero(), $conditions), TapeCorrection::holdMark($fromQ, Length::zero(), $conditions),
                $angle, $angle < self::FLAT || $angle > 180 - self::FLAT,
            );
        }
        [$this->p, $this->q, $this->posts] = [$p, $q, $posts];
        $this->byPost = ByPost::indexed($posts, fn (HoldNumber $number) => $number->post);
    }

    /** Null for the two stakes that the tapes are hooked to. */
    public function numberOf(Post $post): ?HoldNumber
    {
        return $this->byPost[$post] ?? null;
    }

    /** The last in plan order; null where there are only the two. */
    public function furthest(): ?HoldNumber
    {
        return $this->posts[count($this->posts) - 1] ?? null;
    }

    /** Between the two tapes at the stake, degrees, by the law of cosines. */
    private static function angle(float $fromP, float $fromQ, float $apart): float
    {
        return rad2deg(acos(max(-1.0, min(1.0, ($fromP ** 2 + $fromQ ** 2 - $apart ** 2) / (2 * $fromP * $fromQ)))));
    }
}
