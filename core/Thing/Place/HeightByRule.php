<?php

declare(strict_types=1);

namespace Aequus\Thing\Place;

use Aequus\Measure\Length;

/** Where a post must end so that what sits on it comes to the height a rule asks for. All heights above zero of the job. */
final readonly class HeightByRule
{
    /** Of what the rule speaks of. */
    public Length $feature;

    /** Of the post. */
    public Length $top;

    /**
     * @param  Length  $surface  height of the road, floor or court below it
     * @param  Length  $height  over that
     * @param  Length  $above  from the post’s top up to what the rule speaks of; below zero where it hangs below
     */
    public function __construct(public Length $surface, public Length $height, Length $above)
    {
        $this->feature = $surface->plus($height);
        $this->top = $this->feature->minus($above);
    }

    /** The height over the surface that a post gives which ends where it ends. */
    public static function asSet(Length $surface, Length $top, Length $above): Length
    {
        return $top->plus($above)->minus($surface);
    }
}
