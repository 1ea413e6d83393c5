<?php

declare(strict_types=1);

namespace Aequus\Thing\Place;

use Aequus\Measure\Length;
use Aequus\Thing\Terms\ThingRefused;

/** How far an arm reaches out from its post, which changes with the height it is set to: known at some heights, straight between them. */
final readonly class Reach
{
    /**
     * @param  non-empty-list<array{Length, Length}>  $pairs  height and reach
     *
     * @throws ThingRefused when the heights do not rise
     */
    public function __construct(private array $pairs)
    {
        for ($i = 1; $i < count($pairs); $i++) {
            if (! $pairs[$i][0]->isLongerThan($pairs[$i - 1][0])) {
                throw ThingRefused::heightsDoNotRise();
            }
        }
    }

    /** @throws ThingRefused below the least height known, or above the greatest */
    public function at(Length $height): Length
    {
        foreach ($this->pairs as $i => [$known, $reach]) {
            if ($height->equals($known)) {
                return $reach;
            }
            if ($i > 0 && $height->isShorterThan($known)) {
                [$before, $reachBefore] = $this->pairs[$i - 1];
                if ($height->isShorterThan($before)) {
                    break;
                }
                $share = $height->minus($before)->nanometres / $known->minus($before)->nanometres;

                return $reachBefore->plus($reach->minus($reachBefore)->times($share));
            }
        }
        throw ThingRefused::noReachKnown($height, $this->pairs[0][0], $this->pairs[count($this->pairs) - 1][0]);
    }

    /** How far behind an edge the post’s centre stands, for the target to hang so far inside it at that height; below zero: inside. */
    public function centreBehind(Length $height, Length $inside): Length
    {
        return $this->at($height)->minus($inside);
    }

    /** How far inside the edge the target hangs at a height, from a post that stands so far behind it. */
    public function inside(Length $height, Length $centreBehind): Length
    {
        return $this->at($height)->minus($centreBehind);
    }
}
