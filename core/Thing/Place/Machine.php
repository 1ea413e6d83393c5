<?php

declare(strict_types=1);

namespace Aequus\Thing\Place;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\Point;
use Aequus\Thing\Terms\ThingRefused;

/** What must get in, seen from the side with all that hangs on it: straight between points, from the end that goes in first. */
final readonly class Machine
{
    /** Null where only its highest is known: it then counts as high as that all along. */
    public ?Length $long;

    /** @var non-empty-list<Point> x along from its front, y the height there */
    private array $points;

    /**
     * @param  list<Point>  $profile  from 0 on, each further along; empty where it is not known
     *
     * @throws ThingRefused when it does not go along from 0, or its highest point is not the height given
     */
    public function __construct(public Length $high, array $profile)
    {
        foreach ($profile as $i => $point) {
            if ($i === 0 ? ! $point->x->isZero() : ! $point->x->isLongerThan($profile[$i - 1]->x)) {
                throw ThingRefused::profileNotAlong();
            }
        }
        if ($profile !== []) {
            $highest = Length::nanometres(max(array_map(fn (Point $point) => $point->y->nanometres, $profile)));
            if (count($profile) < 2 || ! $highest->equals($high)) {
                throw ThingRefused::profileDisagrees($highest, $high);
            }
        }
        $this->points = $profile === [] ? [new Point(Length::zero(), $high)] : $profile;
        $this->long = $profile === [] ? null : $profile[count($profile) - 1]->x;
    }

    /**
     * Where it comes nearest to a roof that rises evenly from above the place where its front stops. Roof and machine are straight between the
     * points, so it is at one of them.
     *
     * @param  Length  $low  underside of the roof over the low row of posts
     * @param  Length  $stop  from the centre of that row to the machine’s front
     * @param  Length  $rise  of the roof over the run
     * @param  Length  $run  from the centre of the low row to that of the high one, between which all of it stands
     * @return array{Length, Length} the room left, below zero where it would touch; and how far from its front
     */
    public function nearest(Length $low, Length $stop, Length $rise, Length $run): array
    {
        $nearest = null;
        foreach ($this->points as $point) {
            $share = $stop->plus($point->x)->inMillimetres() / $run->inMillimetres();
            $room = $low->plus($rise->times($share))->minus($point->y);
            $nearest = $nearest === null || $room->isShorterThan($nearest[0]) ? [$room, $point->x] : $nearest;
        }

        return $nearest;
    }

    /** @return list<Point> from the ground at its front round to the ground at its end; none where only its highest is known */
    public function outline(): array
    {
        return $this->long === null ? [] : [new Point(Length::zero(), Length::zero()), ...$this->points, new Point($this->long, Length::zero())];
    }
}
