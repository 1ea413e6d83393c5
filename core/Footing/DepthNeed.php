<?php

declare(strict_types=1);

namespace Aequus\Footing;

use Aequus\Measure\Length;
use Aequus\Plan\Post;

/** What bears on the depth of one hole. Heights are above the benchmark’s zero. */
final readonly class DepthNeed
{
    /**
     * @param  Length  $ground  today's true ground
     * @param  Length  $finishedGrade  the ground when all is done
     * @param  Length  $embedment  least length in the finished ground
     * @param  ?Length  $embedmentToday  least length in today's ground, where there is such a rule
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
        public ?Length $embedmentToday = null,
    ) {
    }

    /** The highest the foot of the post may stand, with the rule that says so; of equal rules the first named governs. */
    public function highestFoot(): HighestFoot
    {
        $lower = $this->ground->isShorterThan($this->finishedGrade) ? $this->ground : $this->finishedGrade;
        $winterGround = $this->fillBeforeFirstFrost ? $this->finishedGrade : $lower;
        $highest = new HighestFoot($winterGround->minus($this->frost)->minus($this->margin)->plus($this->pad), DepthRule::Frost);
        $others = [new HighestFoot($this->finishedGrade->minus($this->embedment), DepthRule::Embedment)];
        if ($this->embedmentToday !== null && $this->embedmentToday->isPositive()) {
            $others[] = new HighestFoot($lower->minus($this->embedmentToday), DepthRule::EmbedmentToday);
        }
        foreach ($others as $other) {
            $highest = $other->level->isShorterThan($highest->level) ? $other : $highest;
        }

        return $highest;
    }
}
