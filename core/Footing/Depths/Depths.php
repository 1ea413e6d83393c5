<?php

declare(strict_types=1);

namespace Aequus\Footing\Depths;

use Aequus\Measure\Length;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;

/** The depth of every hole: each to its own, or all feet on one level plane. */
final readonly class Depths
{
    /** @param  ByPost<RequiredDepth>  $required */
    private function __construct(
        public ByPost $required,
        /** The common level of all feet; null when each goes to its own. */
        public ?Length $plane,
        /** The post that sets the plane; null when the plane was asked for lower than any needs. */
        public ?Post $deepest,
    ) {
    }

    /** @param  list<DepthNeed>  $needs */
    public static function own(array $needs): self
    {
        return new self(self::byPost(array_map(function (DepthNeed $need): RequiredDepth {
            $highest = $need->highestFoot();

            return new RequiredDepth($need->post, $need, $highest, $highest->level, $highest->rule);
        }, $needs)), null, null);
    }

    /**
     * As a mode has it.
     *
     * @param  non-empty-list<DepthNeed>  $needs
     * @param  ?Length  $asked  a plane lower than the rules need; for one common plane
     *
     * @throws FootingRefused when the plane asked for is higher than a post allows
     */
    public static function by(DepthMode $mode, array $needs, ?Length $asked = null): self
    {
        return match ($mode) {
            DepthMode::Own => self::own($needs),
            DepthMode::CommonPlane => self::commonPlane($needs, $asked),
            DepthMode::StepsByColumn => self::steps(self::lines($needs, fn (Post $post) => $post->at->x->nanometres)),
            DepthMode::StepsByRow => self::steps(self::lines($needs, fn (Post $post) => $post->at->y->nanometres)),
        };
    }

    /**
     * The same, with the hole of every pier so deep that its tube stands as it is sold, where that was decided. A tube longer than all that are sold
     * changes nothing: whoever buys is told.
     *
     * @param  ?Hold  $instead  a way to hold all posts; null for the ways decided
     */
    public function withWholeTubes(Plan $plan, PostTops $tops, ?Hold $instead = null): self
    {
        $piers = new PierTops($plan, $tops);
        if (! $piers->rules->standWhole) {
            return $this;
        }
        $over = fn (RequiredDepth $one): Length => ($instead ?? $plan->holdOf($one->post->id)) === Hold::Pier
            ? $piers->rules->overOf($piers->top->minus($one->topOfGravel())) ?? Length::zero() : Length::zero();
        $required = $this->required->map(fn (RequiredDepth $one) => $one->deeper($over($one)));
        $feet = array_unique(array_map(fn (RequiredDepth $one) => $one->foot->nanometres, $required->all()));
        $isPlane = $this->plane !== null && count($feet) === 1;

        return new self($required, $isPlane ? Length::nanometres((int) reset($feet)) : null, $isPlane ? $this->deepest : null);
    }

    /**
     * @param  non-empty-list<DepthNeed>  $needs
     * @param  callable(Post): int  $line
     * @return non-empty-list<non-empty-list<DepthNeed>>
     */
    private static function lines(array $needs, callable $line): array
    {
        $lines = [];
        foreach ($needs as $need) {
            $lines[$line($need->post)][] = $need;
        }

        return array_values($lines);
    }

    /**
     * Several level planes, one for each group: posts of a group are cut alike, and the feet go down the slope in steps.
     *
     * @param  non-empty-list<non-empty-list<DepthNeed>>  $groups
     */
    public static function steps(array $groups): self
    {
        $required = [];
        foreach ($groups as $group) {
            $required = [...$required, ...self::commonPlane($group, null)->required->all()];
        }

        return new self(self::byPost($required), null, null);
    }

    /**
     * @param  list<RequiredDepth>  $required
     * @return ByPost<RequiredDepth>
     */
    private static function byPost(array $required): ByPost
    {
        return ByPost::indexed($required, fn (RequiredDepth $one) => $one->post);
    }

    /**
     * @param  non-empty-list<DepthNeed>  $needs
     * @param  ?Length  $asked  a plane lower than the rules need
     *
     * @throws FootingRefused when the plane asked for is higher than a post allows
     */
    public static function commonPlane(array $needs, ?Length $asked): self
    {
        $own = self::own($needs)->required;
        $deepest = $own[$needs[0]->post];
        foreach ($own as $depth) {
            $deepest = $depth->foot->isShorterThan($deepest->foot) ? $depth : $deepest;
        }
        if ($asked !== null && $asked->isLongerThan($deepest->foot)) {
            throw FootingRefused::planeTooHigh($deepest->post);
        }
        $plane = $asked ?? $deepest->foot;
        $shared = $plane->isShorterThan($deepest->foot) ? DepthRule::Asked : DepthRule::CommonPlane;
        $required = $own->map(fn (RequiredDepth $depth) => new RequiredDepth(
            $depth->post, $depth->need, $depth->highest, $plane,
            $depth->highest->level->equals($plane) ? $depth->highest->rule : $shared,
        ));

        return new self($required, $plane, $shared === DepthRule::Asked ? null : $deepest->post);
    }
}
