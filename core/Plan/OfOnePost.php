<?php

declare(strict_types=1);

namespace Aequus\Plan;

use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Footing\Firmer;
use Aequus\Plan\Grid\Gauge;
use Aequus\Plan\Grid\Gauges;
use Aequus\Plan\Grid\GridLine;
use Aequus\Plan\Grid\Mark;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Posts\PostRole;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\Closeness;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Terms\SideNames;

/** What a plan says of one post: its part, how close and how firm it must stand, what it measures, how it is held, and what its sides are called. */
trait OfOnePost
{
    /** What stands off a line by less stands in it, mm. */
    private const IN_LINE = 1.0;

    /** How close a post must stand to its place. */
    public function closenessAt(PostId $post): Closeness
    {
        $part = $this->partOf($post);

        return $part === null ? $this->tolerances->closeness($this->runAt($post) !== null) : ($part->closeness ?? $this->tolerances->closeness());
    }

    /** The closest that any post of the job must stand. */
    public function closest(): Length
    {
        $closest = $this->tolerances->squareness;
        foreach ($this->parts as $part) {
            $closest = $part->closeness?->across->isShorterThan($closest) ? $part->closeness->across : $closest;
        }

        return $closest;
    }

    /** Along the one row that a post stands in, a unit vector; null in a grid and at a corner. */
    public function runAt(PostId $post): ?Vector
    {
        $part = $this->partOf($post);

        return match (true) {
            $part !== null => $part->runAt($post),
            count($this->grid->rows->lines) === 1 && count($this->grid->columns->lines) > 1 => new Vector(1.0, 0.0),
            count($this->grid->columns->lines) === 1 && count($this->grid->rows->lines) > 1 => new Vector(0.0, 1.0),
            default => null,
        };
    }

    /** What the four sides of a post are called; a pole has no faces, and is told by those of the job. */
    public function sidesOf(PostId $post): SideNames
    {
        return $this->post->round ? $this->sides : ($this->partOf($post)->sides ?? $this->sides);
    }

    /** By how much the sides of a post are turned out of those of the job, radians. */
    public function turnOf(PostId $post): float
    {
        return $this->post->round ? 0.0 : ($this->partOf($post)?->faceTurn() ?? 0.0);
    }

    /** A post as it measures, turned as its faces are. */
    public function sectionOf(Post $post): Section
    {
        return (($this->isHeavy($post) ? $this->heavy : null) ?? $this->post)->turned($this->turnOf($post->id));
    }

    /**
     * The stoutest post on one line of the first grid: a string along the faces clears it.
     *
     * @param  Side  $across  the line
     */
    public function stoutestOn(GridLine $line, Side $across): Section
    {
        $sections = $this->heavy === null ? [] : array_map($this->sectionOf(...), $this->postsOn($line, $across));
        usort($sections, fn (Section $one, Section $other) => $other->along($across)->nanometres <=> $one->along($across)->nanometres);

        return $sections[0] ?? $this->post;
    }

    /** The stoutest that any post of the job may be: what every hole must take. */
    public function stoutest(): Section
    {
        return $this->heavy?->across()->isLongerThan($this->post->across()) ? $this->heavy : $this->post;
    }

    /**
     * Both faces and the centre of the first post on each line of the first grid, from one zero, the centre of the first line.
     *
     * @param  Side  $axis  along which the tape runs
     * @return non-empty-list<Mark>
     */
    public function marks(Side $axis): array
    {
        $lines = $axis->isAlongX() ? $this->grid->columns : $this->grid->rows;
        $first = fn (int $i): ?Post => $this->postsOn($lines->lines[$i], $axis)[0] ?? null;

        return $lines->spacing()->marks(fn (int $i): Length => ($first($i) === null ? $this->post : $this->sectionOf($first($i)))->along($axis));
    }

    /** @return list<Post> of the first grid, those whose place across the line is that of the line, nearest the base line first */
    private function postsOn(GridLine $line, Side $across): array
    {
        return array_values(array_filter(
            $this->grid->atCrossings(), fn (Post $post) => ($across->isAlongX() ? $post->at->x : $post->at->y)->equals($line->at),
        ));
    }

    /** Whether a post is one of the heavier ones. */
    public function isHeavy(Post $post): bool
    {
        return $this->heavy !== null && in_array($this->roleOf($post), [PostRole::Corner, PostRole::Gate, PostRole::Anchor], true);
    }

    /** How one post is held; until that is decided as usual for how long it shall stand. */
    public function holdOf(PostId $post): Hold
    {
        return $this->holding?->holdOf($post) ?? Hold::usualFor($this->work->lasting, $this->kind->standsOnPiers());
    }

    /** Why a post must stand firmer: as named, or because it stands at a corner of the outline; null for the others. Two posts have no corner. */
    public function roleOf(Post $post): ?PostRole
    {
        $corners = ($this->footing->firmer ?? Firmer::CornersAndNamed) === Firmer::CornersAndNamed && count($this->grid->posts) > 2;

        return $this->footing->roles[$post] ?? match (true) {
            $this->isGatePost($post->id) => PostRole::Gate,
            $corners && $this->isCorner($post) => PostRole::Corner,
            default => null,
        };
    }

    /** Whether a gate hangs on it, or shuts against it. */
    private function isGatePost(PostId $post): bool
    {
        foreach ([...$this->fit->things, ...($this->partOf($post)?->leaves() ?? [])] as $thing) {
            if ($thing->isLeaf && ($post->equals($thing->from) || $post->equals($thing->to))) {
                return true;
            }
        }

        return false;
    }

    /** Whether it stands at a corner or an end: of the first grid, or of the part that it belongs to. */
    public function isCorner(Post $post): bool
    {
        $part = $this->partOf($post->id);
        if ($part !== null) {
            return $part->isCorner($post->id) && $this->goesOnFrom($part, $post) === null;
        }
        $atEnd = fn (Length $at, Length $length): bool => $at->isZero() || $at->equals($length);

        return $atEnd($post->at->x, $this->grid->columns->length()) && $atEnd($post->at->y, $this->grid->rows->length());
    }

    /** The post of something else that a row goes on from in line, no further off than its widest bay: there it has no end. */
    private function goesOnFrom(Part $part, Post $end): ?Post
    {
        [$run, $bay] = [$part->runAt($end->id), $part->largest];
        if ($run === null || $bay === null) {
            return null;
        }
        foreach ($this->grid->posts as $other) {
            $off = $other->at->inMillimetres()->minus($end->at->inMillimetres());
            $near = $off->length() <= $bay->inMillimetres() + self::IN_LINE && abs($off->cross($run)) < self::IN_LINE;
            if ($near && $this->partOf($other->id) !== $part) {
                return $other;
            }
        }

        return null;
    }

    /** @return list<Gauge> the boards that whoever works alone holds between two posts, the joint of a row that goes on with them */
    public function gauges(): array
    {
        $lines = [];
        foreach ($this->parts as $part) {
            foreach ($part->lines as $line) {
                $before = $this->goesOnFrom($part, $line[0]);
                $after = $this->goesOnFrom($part, $line[count($line) - 1]);
                $lines[] = [...($before === null ? [] : [$before]), ...$line, ...($after === null ? [] : [$after])];
            }
        }

        return Gauges::of($this->grid, $this->sectionOf(...), $lines);
    }

    /** @return list<Post> the posts at the corners of the first grid’s outline, going round; four where none is left out */
    public function corners(): array
    {
        $at = fn (bool $farX, bool $farY): array => array_filter(
            $this->grid->atCrossings(),
            fn (Post $post) => $this->isCorner($post) && $post->at->x->isPositive() === $farX && $post->at->y->isPositive() === $farY,
        );

        return array_values([...$at(false, false), ...$at(true, false), ...$at(true, true), ...$at(false, true)]);
    }

    /** The part that a post belongs to; null in the first grid. */
    public function partOf(PostId $post): ?Part
    {
        foreach ($this->parts as $part) {
            if (str_starts_with($post->value, "{$part->id}.")) {
                return $part;
            }
        }

        return null;
    }
}
