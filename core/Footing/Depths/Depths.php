<?php

declare(strict_types=1);

namespace Aequus\Footing\Depths;

use Aequus\Measure\Length;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Posts\Post;

/** The depth of every hole: each to its own, or all feet on one level plane. */
final readonly class Depths
{
    /** @param  array<string, RequiredDepth>  $required by the value of the post's id */
    private function __construct(
        public array $required,
        /** The common level of all feet; null when each goes to its own. */
        public ?Length $plane,
        /** The post that sets the plane; null when the plane was asked for lower than any needs. */
        public ?Post $deepest,
    ) {
    }

    /** @param  list<DepthNeed>  $needs */
    public static function own(array $needs): self
    {
        $required = [];
        foreach ($needs as $need) {
            $highest = $need->highestFoot();
            $required[$need->post->id->value] = new RequiredDepth($need->post, $need, $highest, $highest->level, $highest->rule);
        }

        return new self($required, null, null);
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
            $required += self::commonPlane($group, null)->required;
        }

        return new self($required, null, null);
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
        $deepest = $own[array_key_first($own)];
        foreach ($own as $depth) {
            $deepest = $depth->foot->isShorterThan($deepest->foot) ? $depth : $deepest;
        }
        if ($asked !== null && $asked->isLongerThan($deepest->foot)) {
            throw FootingRefused::planeTooHigh($deepest->post);
        }
        $plane = $asked ?? $deepest->foot;
        $shared = $plane->isShorterThan($deepest->foot) ? DepthRule::Asked : DepthRule::CommonPlane;
        $required = array_map(fn (RequiredDepth $depth) => new RequiredDepth(
            $depth->post, $depth->need, $depth->highest, $plane,
            $depth->highest->level->equals($plane) ? $depth->highest->rule : $shared,
        ), $own);

        return new self($required, $plane, $shared === DepthRule::Asked ? null : $deepest->post);
    }
}
