<?php

declare(strict_types=1);

namespace Aequus\Plan\Place;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\Point;

/** An arch or low beam over a passage, its height given by points with straight lines between. */
final readonly class Arch
{
    /** @param  list<Point>  $profile x across the passage, y the height there; x grows */
    public function __construct(private array $profile)
    {
    }

    /** The least height left over a machine that stands from `left` over its width, ends included. */
    public function leastRoom(Length $left, Length $width, Length $height): Length
    {
        $right = $left->plus($width);
        $heights = [$this->heightAt($left), $this->heightAt($right)];
        foreach ($this->profile as $point) {
            if ($point->x->isLongerThan($left) && $point->x->isShorterThan($right)) {
                $heights[] = $point->y->nanometres;
            }
        }

        return Length::nanometres((int) round(min($heights)))->minus($height);
    }

    private function heightAt(Length $x): float
    {
        $points = $this->profile;
        for ($i = 1; $i < count($points) - 1 && $points[$i]->x->isShorterThan($x); $i++);
        [$p, $q] = [$points[$i - 1], $points[$i]];
        $share = ($x->nanometres - $p->x->nanometres) / ($q->x->nanometres - $p->x->nanometres);

        return $p->y->nanometres + $share * ($q->y->nanometres - $p->y->nanometres);
    }
}
