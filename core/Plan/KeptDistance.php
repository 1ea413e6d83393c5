<?php

declare(strict_types=1);

namespace Aequus\Plan;

use Aequus\Measure\Length;

/** How near the nearest post comes to a neighbour. */
final readonly class KeptDistance
{
    public Post $nearest;

    /** From its nearest face; negative when the post stands across the line. */
    public Length $room;

    public bool $kept;

    public function __construct(public Neighbour $neighbour, Grid $grid, Section $post)
    {
        $room = null;
        $nearest = $grid->posts[0];
        foreach ($grid->posts as $one) {
            [$foot, $distance] = self::foot($one->at, $neighbour);
            $face = $distance->minus($distance->isZero() ? $post->across()->half() : $post->toward($one->at, $foot));
            if ($room === null || $face->isShorterThan($room)) {
                [$nearest, $room] = [$one, $face];
            }
        }
        $this->nearest = $nearest;
        $this->room = $room ?? Length::zero();
        $this->kept = ! $this->room->isShorterThan($neighbour->least);
    }

    /** @return array{Point, Length} the nearest place on the neighbour’s line, and how far it is */
    private static function foot(Point $post, Neighbour $neighbour): array
    {
        [$dx, $dy] = [$neighbour->to->x->minus($neighbour->from->x)->nanometres, $neighbour->to->y->minus($neighbour->from->y)->nanometres];
        [$x, $y] = [$post->x->minus($neighbour->from->x)->nanometres, $post->y->minus($neighbour->from->y)->nanometres];
        $along = max(0.0, min(1.0, ($x * (float) $dx + $y * (float) $dy) / ((float) $dx * $dx + (float) $dy * $dy)));
        $foot = new Point($neighbour->from->x->plus(Length::nanometres((int) round($along * $dx))), $neighbour->from->y->plus(Length::nanometres((int) round($along * $dy))));

        return [$foot, $post->distanceTo($foot)];
    }
}
