<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Vector;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Part\PartKind;
use Aequus\Plan\Place\FixedKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Point;

/**
 * The posts that one frame stands on, in axes of their own: those of the job for its first grid, those of a part for a grid of it, and along the row
 * for each straight piece of one. Millimetres.
 */
final readonly class Footprint
{
    /** @var list<PostLine> lines of two posts or more, along the beams */
    public array $lines;

    /**
     * @param  list<Post>  $posts
     * @param  string  $part  id of the part it is of; empty for the first grid
     * @param  string  $key  the same, with which straight piece of it from 0
     * @param  bool  $alongX  whether its beams run along its own x
     * @param  Vector  $zero  where its own zero lies on the axes of the job
     * @param  float  $turn  radians, counter-clockwise
     */
    private function __construct(
        public array $posts, public string $part, public string $key, public bool $alongX, private Vector $zero, private float $turn,
    ) {
        $lines = [];
        foreach ($posts as $post) {
            $lines[(int) round($this->across($post->at) * 1e3)][] = $post;
        }
        ksort($lines);
        $found = [];
        foreach ($lines as $line) {
            usort($line, fn (Post $a, Post $b) => $this->along($a->at) <=> $this->along($b->at));
            if (count($line) > 1) {
                $found[] = new PostLine(
                    $line, $this->along($line[0]->at), $this->along($line[count($line) - 1]->at), $this->across($line[0]->at), count($found) + 1,
                );
            }
        }
        $this->lines = $found;
    }

    /** Across the beams: away from the middle of all lines. */
    public function outward(PostLine $line): int
    {
        return $line->across * 2 <= $this->lines[0]->across + $this->lines[count($this->lines) - 1]->across ? -1 : 1;
    }

    public static function ofGrid(Plan $plan, FrameRules $rules): self
    {
        return new self($plan->grid->atCrossings(), '', '', $rules->alongX, Vector::zero(), 0.0);
    }

    /** @return list<self> one for a grid, one for each straight piece of a row with its corners, none for single posts */
    public static function ofPart(Part $part, FrameRules $rules): array
    {
        return match ($part->kind) {
            PartKind::Grid => [new self(
                $part->posts, $part->id, "{$part->id}.0", $rules->alongX, $part->origin->inMillimetres(), deg2rad($part->turn),
            )],
            PartKind::Row => self::pieces($part),
            PartKind::Spots => [],
        };
    }

    /** @return list<self> each straight piece of a row, its corners with it */
    private static function pieces(Part $part): array
    {
        $pieces = [];
        foreach ($part->lines as $i => $posts) {
            $run = $posts[count($posts) - 1]->at->inMillimetres()->minus($posts[0]->at->inMillimetres());
            $pieces = count($posts) > 1
                ? [...$pieces, new self($posts, $part->id, "{$part->id}.{$i}", true, $posts[0]->at->inMillimetres(), atan2($run->y, $run->x))]
                : $pieces;
        }

        return $pieces;
    }

    public function along(Point $at): float
    {
        $own = $this->own($at);

        return $this->alongX ? $own->x : $own->y;
    }

    public function across(Point $at): float
    {
        $own = $this->own($at);

        return $this->alongX ? $own->y : $own->x;
    }

    /** Where something of the frame lies on the axes of the job. */
    public function onPlan(InSpace $at): Vector
    {
        return $this->zero->plus((new Vector($at->x, $at->y))->turned($this->turn));
    }

    /**
     * A wall the posts are held by, along the beams and beyond all posts.
     *
     * @param  list<FixedLine>  $fixed
     */
    public function wallAlong(array $fixed): ?FixedLine
    {
        [$first, $last] = [$this->lines[0]->across, $this->lines[count($this->lines) - 1]->across];
        foreach ($fixed as $line) {
            $from = $this->across($line->from);
            $isAlong = abs($from - $this->across($line->to)) < 1.0;
            if ($line->kind === FixedKind::Wall && $isAlong && ($from > $last || $from < $first)) {
                return $line;
            }
        }

        return null;
    }

    /** On its own axes. */
    public function own(Point $at): Vector
    {
        return $at->inMillimetres()->minus($this->zero)->turned(-$this->turn);
    }
}
