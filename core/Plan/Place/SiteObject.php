<?php

declare(strict_types=1);

namespace Aequus\Plan\Place;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Terms\Point;

/**
 * Something on the site by its corners on the job’s axes: a boundary, a house, a tree with its crown, wet ground, a line overhead; and what is
 * kept from it.
 */
final readonly class SiteObject
{
    /**
     * @param  string  $id  the same through all revisions
     * @param  non-empty-list<Point>  $points  one for a tree, two or more for a line, three or more for what covers ground
     * @param  Length  $least  from it to the nearest face of any post
     * @param  Length  $reach  how far it reaches on every side of its points, such as the crown of a tree
     *
     * @throws PlanRefused when it has too few points, or a distance is below zero
     */
    public function __construct(
        public string $id,
        public string $name,
        public SiteKind $kind,
        public array $points,
        public Length $least,
        public Length $reach,
    ) {
        if (count($points) < ($kind === SiteKind::Tree ? 1 : ($kind->isArea() ? 3 : 2))) {
            throw PlanRefused::tooFewPoints($name);
        }
        if ($least->isNegative() || $reach->isNegative()) {
            throw PlanRefused::neighbourNegative($name);
        }
    }

    /** The same, counted from a zero that lies elsewhere. */
    public function countedFrom(Point $zero): self
    {
        return new self(
            $this->id, $this->name, $this->kind,
            array_map(fn (Point $at) => new Point($at->x->minus($zero->x), $at->y->minus($zero->y)), $this->points),
            $this->least, $this->reach,
        );
    }

    /** @return list<Segment> its pieces; none for a single point */
    public function pieces(): array
    {
        return Segment::pieces($this->kind->isArea() ? [...$this->points, $this->points[0]] : $this->points);
    }

    /** The place on it nearest to another. */
    public function nearest(Point $to): Point
    {
        $nearest = $this->points[0];
        foreach ($this->pieces() as $piece) {
            $at = $piece->nearest($to);
            $nearest = $at->distanceTo($to)->isShorterThan($nearest->distanceTo($to)) ? $at : $nearest;
        }

        return $nearest;
    }

    /** From the nearest face of a post to it; below zero where the post stands in it. */
    public function room(Post $post, Section $section): Length
    {
        $nearest = $this->nearest($post->at);
        $distance = $post->at->distanceTo($nearest);
        $face = $distance->isZero() ? $section->across()->half() : $section->toward($post->at, $nearest);
        $out = $this->kind->isArea() && $this->holds($post->at) ? $distance->negated() : $distance;

        return $out->minus($face)->minus($this->reach);
    }

    /** Whether a place lies inside what covers ground: a ray to the right crosses its outline an odd number of times. */
    public function holds(Point $at): bool
    {
        $inside = false;
        if (! $this->kind->isArea()) {
            return false;
        }
        foreach ($this->pieces() as $piece) {
            [$fromY, $toY, $y] = [$piece->from->y->nanometres, $piece->to->y->nanometres, $at->y->nanometres];
            if (($fromY > $y) !== ($toY > $y)) {
                $x = $piece->from->x->nanometres + ($y - $fromY) / ($toY - $fromY) * ($piece->to->x->nanometres - $piece->from->x->nanometres);
                $inside = $at->x->nanometres < $x ? ! $inside : $inside;
            }
        }

        return $inside;
    }
}
