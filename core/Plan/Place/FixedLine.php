<?php

declare(strict_types=1);

namespace Aequus\Plan\Place;

use Aequus\Measure\Length;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;

/**
 * Something on the site that will not move, as a straight line on the plan: a wall, a building, a boundary, a string. Either the grid runs
 * parallel to it and is held by it, or it only keeps a distance from it.
 */
final readonly class FixedLine
{
    /** Of the one line that plans had before lines had ids. */
    public const FIRST_ID = 'line-1';

    /** Of the wall that answers put on the site. */
    public const ANSWERED = 'answered';

    /**
     * @param  string  $id  the same through all revisions: readings are kept by it
     * @param  ?Length  $least  from it to the nearest face of any post, where the grid only keeps a distance; null where the grid runs parallel to it
     *
     * @throws PlanRefused when both points are one, or the distance is negative
     */
    public function __construct(
        public string $id,
        public string $name,
        public Point $from,
        public Point $to,
        public FixedKind $kind = FixedKind::Wall,
        public ?Length $least = null,
    ) {
        if ($from->distanceTo($to)->isZero()) {
            throw PlanRefused::fixedLineWithoutLength();
        }
        if ($least !== null && $least->isNegative()) {
            throw PlanRefused::neighbourNegative($name);
        }
    }

    /**
     * Along one side of the grid, so far beyond its outer row of posts at either end.
     *
     * @param  Length  $near  at the end of that row where the numbers begin
     *
     * @throws PlanRefused when the distance is negative
     */
    public static function beside(string $id, string $name, Grid $grid, Side $side, Length $near, Length $far, FixedKind $kind, ?Length $least): self
    {
        [$along, $across] = $side->isAlongX() ? [$grid->rows->length(), $grid->columns->length()] : [$grid->columns->length(), $grid->rows->length()];
        $reach = $along->isZero() ? Length::millimetres(1000) : $along;
        $row = $side->sign() > 0 ? $across : Length::zero();
        $at = fn (Length $off): Length => $row->plus($off->times($side->sign()));
        $point = fn (Length $a, Length $off): Point => $side->isAlongX() ? new Point($at($off), $a) : new Point($a, $at($off));

        return new self($id, $name, $point(Length::zero(), $near), $point($reach, $far), $kind, $least);
    }

    /** The same line, counted from a zero that lies elsewhere. */
    public function countedFrom(Point $zero): self
    {
        $at = fn (Point $point): Point => new Point($point->x->minus($zero->x), $point->y->minus($zero->y));

        return new self($this->id, $this->name, $at($this->from), $at($this->to), $this->kind, $this->least);
    }

    /** Whether the grid must run parallel to it, so that it holds the layout. */
    public function binds(): bool
    {
        return $this->least === null;
    }

    /** How far a place lies off the line by the plan, left of its direction positive. */
    public function off(Point $at): Length
    {
        [$dx, $dy] = [$this->to->x->minus($this->from->x)->inMillimetres(), $this->to->y->minus($this->from->y)->inMillimetres()];

        return Length::millimetres(
            ($dx * $at->y->minus($this->from->y)->inMillimetres() - $dy * $at->x->minus($this->from->x)->inMillimetres()) / hypot($dx, $dy),
        );
    }

    /** How far along the line a place lies, from its first point. */
    public function along(Point $at): Length
    {
        [$dx, $dy] = [$this->to->x->minus($this->from->x)->inMillimetres(), $this->to->y->minus($this->from->y)->inMillimetres()];

        return Length::millimetres(
            ($dx * $at->x->minus($this->from->x)->inMillimetres() + $dy * $at->y->minus($this->from->y)->inMillimetres()) / hypot($dx, $dy),
        );
    }

    /** A distance off the line as a signed one, left positive: toward the side on which the plan has the stake. */
    public function offAsPlanned(Point $stake, Length $distance): Length
    {
        return $this->off($stake)->isNegative() ? $distance->negated() : $distance;
    }

    /** @return list<Post> those nearest to it first, and in the order along it where they are as near */
    public function nearest(Grid $grid): array
    {
        $posts = $grid->posts;
        usort(
            $posts,
            fn (Post $one, Post $other) => [$this->row($one), $this->along($one->at)->nanometres] <=> [
                $this->row($other), $this->along($other->at)->nanometres,
            ],
        );

        return $posts;
    }

    /** Posts at most a hand apart off the line stand in one row to it. */
    private function row(Post $post): int
    {
        return intdiv($this->off($post->at)->magnitude()->nanometres, Length::millimetres(100)->nanometres);
    }

    /** From the nearest face of a post to it; below zero where the post stands across it. */
    public function room(Post $post, Section $section): Length
    {
        $foot = (new Segment($this->from, $this->to))->nearest($post->at);
        $distance = $post->at->distanceTo($foot);

        // A post on the line itself is judged square to it.
        $square = new Point($post->at->x->minus($this->to->y->minus($this->from->y)), $post->at->y->plus($this->to->x->minus($this->from->x)));

        return $distance->minus($section->toward($post->at, $distance->isZero() ? $square : $foot));
    }
}
