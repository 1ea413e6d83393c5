<?php

declare(strict_types=1);

namespace Aequus\Footing\Depths;

use Aequus\Measure\Length;
use Aequus\Plan\Footing\LeastDepths;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostRole;

/** What bears on the depth of one hole. Heights are above the benchmark’s zero. */
final readonly class DepthNeed
{
    /**
     * @param  Length  $ground  today's true ground
     * @param  Length  $finishedGrade  the ground when all is done
     * @param  Length  $embedment  least length in the finished ground
     * @param  ?PostRole  $role  why it stands firmer; null where it does not
     * @param  list<DepthRule>  $waived  rules knowingly left aside for this post
     */
    public function __construct(
        public Post $post,
        public Length $ground,
        public Length $finishedGrade,
        public Length $frost,
        public Length $margin,
        public Length $embedment,
        public Length $pad,
        public Length $gravel,
        public bool $fillBeforeFirstFrost = false,
        public LeastDepths $least = new LeastDepths,
        public ?PostRole $role = null,
        public array $waived = [],
    ) {
    }

    /**
     * The highest the foot of the post may stand, with the rule that says so; of equal rules the first named governs. Where every rule is waived,
     * frost still says.
     */
    public function highestFoot(): HighestFoot
    {
        $asked = array_values(array_filter($this->feet(), fn (HighestFoot $foot) => ! $this->isWaived($foot->rule)));
        $highest = $asked[0] ?? $this->feet()[0];
        foreach ($asked as $other) {
            $highest = $other->level->isShorterThan($highest->level) ? $other : $highest;
        }

        return $highest;
    }

    /** Whether less than a quarter of the post would have to stand in the ground. */
    public function isShallow(Length $aboveGrade): bool
    {
        return $this->embedment->times(3)->isShorterThan($aboveGrade);
    }

    public function isWaived(DepthRule $rule): bool
    {
        return in_array($rule, $this->waived, true);
    }

    /** @return non-empty-list<HighestFoot> what each rule allows, waived or not */
    public function feet(): array
    {
        $lower = $this->ground->isShorterThan($this->finishedGrade) ? $this->ground : $this->finishedGrade;
        $winterGround = $this->fillBeforeFirstFrost ? $this->finishedGrade : $lower;
        $feet = [
            new HighestFoot($winterGround->minus($this->frost)->minus($this->margin)->plus($this->pad), DepthRule::Frost),
            new HighestFoot($this->finishedGrade->minus($this->embedment), DepthRule::Embedment),
        ];
        $below = [
            [DepthRule::EmbedmentToday, $lower, $this->least->today],
            [DepthRule::LocalMinimum, $this->finishedGrade, $this->least->local],
            [DepthRule::MakerMinimum, $this->finishedGrade, $this->least->maker],
            [DepthRule::Thing, $this->finishedGrade, $this->least->thing],
            [DepthRule::Sideways, $this->finishedGrade, $this->least->sideways],
            [
                DepthRule::Role, $this->finishedGrade,
                $this->role === null || $this->least->forRole === null ? null : $this->embedment->plus($this->least->forRole),
            ],
        ];
        foreach ($below as [$rule, $from, $length]) {
            if ($length?->isPositive()) {
                $feet[] = new HighestFoot($from->minus($length), $rule);
            }
        }

        return $feet;
    }
}
