<?php

declare(strict_types=1);

namespace Aequus\Set;

use Aequus\Measure\Length;

/** Spacing at the tops, spacing at the ground and the plumb of two neighbours: any two tell the third, so all three must agree. */
final readonly class SpacingCheck
{
    /** A tape between two posts is good to so much, mm (standard deviation). */
    private const TAPE = 2.0;

    /** A slope read with a level of 4 ft, as rise over run. */
    private const SLOPE = 0.5 / 1200;

    /** 99.9 % of honest readings agree within so many standard deviations. */
    private const ALLOWED = 3.29;

    /** What the tops should be apart, by the ground and the leans. */
    public Length $expected;

    /** Tape at the tops less that. */
    public Length $off;

    public Length $allowed;

    public bool $agrees;

    /**
     * @param  Length  $ground  from centre to centre
     * @param  Length  $top  the same at the tops
     */
    public function __construct(public StandingPost $from, public StandingPost $to, public Length $ground, public Length $top)
    {
        [$dx, $dy] = [$to->post->at->x->minus($from->post->at->x)->inMillimetres(), $to->post->at->y->minus($from->post->at->y)->inMillimetres()];
        $far = hypot($dx, $dy);
        $along = fn (StandingPost $post): float => (
            $post->lean->slopeX * $dx + $post->lean->slopeY * $dy
        ) / $far * $post->topAboveGrade()->inMillimetres();
        $this->expected = $ground->plus(Length::millimetres($along($to) - $along($from)));
        $this->off = $top->minus($this->expected);
        $lean = self::SLOPE * hypot($from->topAboveGrade()->inMillimetres(), $to->topAboveGrade()->inMillimetres());
        $this->allowed = Length::millimetres(self::ALLOWED * sqrt(2 * self::TAPE ** 2 + $lean ** 2));
        $this->agrees = ! $this->off->magnitude()->isLongerThan($this->allowed);
    }
}
