<?php

declare(strict_types=1);

namespace Aequus\Footing;

use Aequus\Footing\Depths\DepthNeed;
use Aequus\Footing\Depths\DepthRule;
use Aequus\Footing\Depths\Depths;
use Aequus\Footing\Depths\FootingRefused;
use Aequus\Footing\Depths\PierTops;
use Aequus\Footing\Depths\PostTops;
use Aequus\Footing\Depths\RequiredDepth;
use Aequus\Footing\Holding\HoldAdviser;
use Aequus\Footing\Holding\Pier;
use Aequus\Footing\Holes\HoleAsDug;
use Aequus\Footing\Holes\HoleWork;
use Aequus\Footing\Holes\SoilSurprise;
use Aequus\Logbook\Book\Decision;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Log;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\WoodCare;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;

/** What every hole of a job must reach, and how the dug ones came out. */
final readonly class Footings
{
    /** Null until rules are decided and the ground is read. */
    public ?Depths $depths;

    /** @var list<DepthNeed> of the posts whose ground is read; none until rules are decided */
    public array $needs;

    /** Why the decided rules can't be met; null when they can. */
    public ?FootingRefused $refused;

    /** @var ByPost<HoleAsDug> holes dug so far and judged against what they must reach */
    public ByPost $dug;

    /** @var ByPost<Length> how deep every dug hole is, those too that nothing judges yet */
    private ByPost $measured;

    /** @param  ByPost<Length>  $ground  heights */
    public function __construct(private Plan $plan, Log $log, ByPost $ground)
    {
        $depths = $refused = null;
        $needs = [];
        $posts = array_values(array_filter($plan->grid->posts, fn (Post $post) => isset($ground[$post])));
        if ($plan->footing !== null && $posts !== []) {
            $needs = array_map(
                fn (Post $post) => self::need(
                    $plan, $plan->footing, $post, $ground[$post], self::waived($log, $post),
                    self::lesserEmbedment($plan, $log, $post),
                ),
                $posts,
            );
            try {
                $depths = Depths::by($plan->footing->mode, $needs, $plan->footing->askedPlane);
            } catch (FootingRefused $refused) {
                $depths = Depths::commonPlane($needs, null);
            }
            $depths = $depths->withWholeTubes($plan, new PostTops($plan, $needs));
        }
        $holes = $log->newest(HoleDug::class);
        $dug = [];
        foreach ($holes as $post => $hole) {
            $required = $depths->required[$post] ?? null;
            if ($required !== null && $plan->footing !== null) {
                $dug[] = new HoleAsDug(
                    $required, $required->need->ground->minus($hole->depth), $plan->footing->leastGravel, $hole->width, $hole->found,
                    $hole->soilAtTheFoot(),
                );
            }
        }
        $this->dug = ByPost::indexed($dug, fn (HoleAsDug $hole) => $hole->required->post);
        $this->measured = $holes->map(fn (HoleDug $hole) => $hole->depth);
        [$this->depths, $this->refused, $this->needs] = [$depths, $refused, $needs];
    }

    public function required(Post $post): ?RequiredDepth
    {
        return $this->depths->required[$post] ?? null;
    }

    public function asDug(Post $post): ?HoleAsDug
    {
        return $this->dug[$post] ?? null;
    }

    /** From the ground beside it to its bottom, as measured; null where nothing is dug. Known without rules or heights, when it can’t be judged. */
    public function measured(Post $post): ?Length
    {
        return $this->measured[$post] ?? null;
    }

    /**
     * From today's ground to where digging ends, as the rules ask. A driven post, alike to the first that was driven, goes so deep that its top comes
     * level with that one's, or stands to it as the tops were decided; never less than its own rule asks.
     */
    public function toReach(Post $post): ?Length
    {
        $required = $this->required($post);
        $asked = $required?->holeDepth();
        $first = $this->plan->holdOf($post->id) === Hold::Driven ? $this->firstDriven() : null;
        if ($required === null || $asked === null || $first === null || $first->required->post->id->equals($post->id)) {
            return $asked;
        }
        $lead = $first->required->post;
        $higher = $this->plan->tops === null ? Length::zero() : $this->plan->tops->topOf($post)->minus($this->plan->tops->topOf($lead));
        $alike = $required->need->ground->minus($first->bottom)->minus($higher);

        return $alike->isLongerThan($asked) ? $alike : $asked;
    }

    /** The first driven post in the book, which leads the tops of all others; null before. */
    public function firstDriven(): ?HoleAsDug
    {
        foreach ($this->dug as $hole) {
            if ($this->plan->holdOf($hole->required->post->id) === Hold::Driven) {
                return $hole;
            }
        }

        return null;
    }

    /** @return list<array{Post, ?RequiredDepth, ?HoleAsDug}> every post of the plan, what its hole must be and how it was dug */
    public function inPlan(): array
    {
        return array_map(fn (Post $post) => [$post, $this->required($post), $this->asDug($post)], $this->plan->grid->posts);
    }

    /**
     * Every hole in a given order, as dug where it is dug and as planned where it is not.
     *
     * @param  list<Post>  $order
     * @param  ?Hold  $instead  a way to hold all of them; null for the ways decided
     * @return list<HoleWork>
     */
    public function work(array $order, ?Hold $instead = null): array
    {
        $work = [];
        $tops = new PostTops($this->plan, $this->needs);
        foreach ($order as $post) {
            [$hole, $required, $hold] = [$this->asDug($post), $this->required($post), $instead ?? $this->plan->holdOf($post->id)];
            if ($required !== null) {
                $work[] = $hole === null ? HoleWork::planned($this->plan, $hold, $tops, $required)
                    : HoleWork::asDug($this->plan, $hold, $tops, $hole);
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
            if (abs($x) + abs($y) === 1
                && (! isset($nearest["{$x} {$y}"]) || $post->at->distanceTo($other->at)->isShorterThan(
                    $post->at->distanceTo($nearest["{$x} {$y}"]->at),
                ))) {
                $nearest["{$x} {$y}"] = $other;
            }
        }
        $holes = array_map(fn (Post $other) => $this->asDug($other), array_values($nearest));

        return array_values(array_filter($holes, fn (?HoleAsDug $hole) => $hole?->found !== null));
    }

    /** @return list<SoilSurprise> holes whose soil is softer than was assumed, or for which another way of holding is best; none where nothing was assumed */
    public function surprises(): array
    {
        if ($this->plan->holding === null) {
            return [];
        }
        $site = $this->plan->holding->site;
        $surprises = [];
        foreach ($this->dug as $hole) {
            if ($hole->soil === null || $hole->soil === $site->soil) {
                continue;
            }
            $best = HoldAdviser::best($site->onSoil($hole->soil));
            $better = $best === HoldAdviser::best($site) || $best === $this->plan->holdOf($hole->required->post->id) ? null : $best;
            if ($better !== null || $hole->soil->isSofterThan($site->soil)) {
                $surprises[] = new SoilSurprise($hole, $site->soil, $hole->soil, $better);
            }
        }

        return $surprises;
    }

    /** Where the foot of a post stands or will stand: in its hole, or on its pier. */
    public function foot(Post $post): ?Length
    {
        $inTheHole = $this->asDug($post)->foot ?? $this->required($post)?->foot;

        return $inTheHole !== null && $this->plan->holdOf($post->id) === Hold::Pier
            ? (new PierTops($this->plan, new PostTops($this->plan, $this->needs)))->foot() : $inTheHole;
    }

    /**
     * How far up from its foot the wood of a post must be treated, charred or coated: a hand above the finished ground or today’s, whichever is
     * higher. Null where it is not buried wood, nothing is done to it, or its depth is not known.
     */
    public function treatedUpTo(Post $post): ?Length
    {
        $holding = $this->plan->holding;
        $foot = $this->foot($post);
        $need = $this->required($post)?->need;
        if ($holding === null || ! $holding->site->wood || $holding->customs->wood === WoodCare::Nothing || ! $holding->holdOf($post->id)->isBuried()
            || $foot === null || $need === null) {
            return null;
        }
        $line = $need->finishedGrade->isLongerThan($need->ground) ? $need->finishedGrade : $need->ground;

        return $line->minus($foot)->plus($this->plan->notation->system()->hand);
    }

    /** @return list<DepthRule> rules knowingly left aside at a post, there alone or for all posts */
    private static function waived(Log $log, Post $post): array
    {
        $waived = [];
        foreach ($log->now(Decision::class) as $decision) {
            $rule = match ($decision->about) {
                DecisionAbout::WaiveFrost => DepthRule::Frost,
                DecisionAbout::WaiveLocalMinimum => DepthRule::LocalMinimum,
                DecisionAbout::WaiveMakerMinimum => DepthRule::MakerMinimum,
                default => null,
            };
            if ($rule !== null && ($decision->post === null || $decision->post->equals($post->id))) {
                $waived[] = $rule;
            }
        }

        return $waived;
    }

    /**
     * What a post must stand in the ground where its least embedment was left aside: as typed, or a quarter of it where nobody typed. Null: it was
     * not.
     */
    private static function lesserEmbedment(Plan $plan, Log $log, Post $post): ?Length
    {
        $lesser = null;
        foreach ($log->now(Decision::class) as $decision) {
            if ($decision->about === DecisionAbout::WaiveEmbedment && ($decision->post === null || $decision->post->equals($post->id))) {
                $lesser = $decision->lesser ?? LeastEmbedment::share(0.25)->below($plan->standing);
            }
        }

        return $lesser;
    }

    /** @param  list<DepthRule>  $waived */
    private static function need(Plan $plan, FootingRules $rules, Post $post, Length $ground, array $waived, ?Length $lesser): DepthNeed
    {
        // A driven post stands on nothing but the ground.
        [$pad, $gravel] = $plan->holdOf($post->id)->isDug() ? [$rules->pad, $rules->gravel] : [Length::zero(), Length::zero()];

        return new DepthNeed(
            $post, $ground, $rules->finishedGrade ?? $ground, $rules->frost, $rules->margin, $lesser
                ?? $rules->embedment->below($plan->standing), $pad, $gravel,
            $rules->fillBeforeFirstFrost, $rules->least->asTheThingAsks($plan->ownDepth), $plan->roleOf($post), $waived,
        );
    }
}
