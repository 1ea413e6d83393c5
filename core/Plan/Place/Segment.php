<?php

declare(strict_types=1);

namespace Aequus\Plan\Place;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\Point;

/** A straight piece between two places on the plan. */
final readonly class Segment
{
    public function __construct(public Point $from, public Point $to)
    {
    }

    /**
     * The pieces of a line with corners.
     *
     * @param  list<Point>  $points
     * @return list<self>
     */
    public static function pieces(array $points): array
    {
        $pieces = [];
        for ($i = 1; $i < count($points); $i++) {
            $pieces[] = new self($points[$i - 1], $points[$i]);
        }

        return $pieces;
    }

    public function nearest(Point $point): Point
    {
        [$px, $py, $dx, $dy] = $this->inMillimetres();
        [$x, $y] = [$point->x->inMillimetres() - $px, $point->y->inMillimetres() - $py];
        $square = $dx ** 2 + $dy ** 2;
        $t = $square > 0 ? max(0.0, min(1.0, ($x * $dx + $y * $dy) / $square)) : 0.0;

        return new Point($this->from->x->plus(Length::millimetres($t * $dx)), $this->from->y->plus(Length::millimetres($t * $dy)));
    }

    public function distanceTo(Point $point): Length
    {
        return $point->distanceTo($this->nearest($point));
    }

    /** Between the nearest places of two pieces; zero where they cross. */
    public function distanceToPiece(self $other): Length
    {
        if ($this->crosses($other)) {
            return Length::zero();
        }
        $least = null;
        foreach ([
            $this->distanceTo($other->from), $this->distanceTo($other->to), $other->distanceTo($this->from), $other->distanceTo($this->to),
        ] as $distance) {
            $least = $least === null || $distance->isShorterThan($least) ? $distance : $least;
        }

        return $least;
    }

    public function crosses(self $other): bool
    {
        return $this->side($other->from) * $this->side($other->to) < 0 && $other->side($this->from) * $other->side($this->to) < 0;
    }

    /** 1 left of the way along it, −1 right of it, 0 on it. */
    private function side(Point $point): int
    {
        [$px, $py, $dx, $dy] = $this->inMillimetres();

        return $dx * ($point->y->inMillimetres() - $py) - $dy * ($point->x->inMillimetres() - $px) <=> 0.0;
    }

    /** @return array{float, float, float, float} where it begins, and how far it goes */
    private function inMillimetres(): array
    {
        return [
            $this->from->x->inMillimetres(), $this->from->y->inMillimetres(),
            $this->to->x->minus($this->from->x)->inMillimetres(), $this->to->y->minus($this->from->y)->inMillimetres(),
        ];
    }
}
