<?php

declare(strict_types=1);

namespace Aequus\Plan\Part;

use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Grid\Spacing;
use Aequus\Plan\Grid\TapeHeld;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Terms\Point;

/**
 * A further part of a job beside its first grid: a row with corners, another grid, or single posts, placed and turned on the site. All parts stand in one
 * survey and one log; the posts of this one carry its short name before their numbers.
 */
final readonly class Part
{
    /** @var non-empty-list<Post> on the axes of the job, in the order they are numbered */
    public array $posts;

    /**
     * @param  string  $id  the same through all revisions
     * @param  string  $name  one or two capital letters
     * @param  list<Point>  $points  corners of a row, or the places of single posts, from its own zero
     * @param  list<Length>  $columns  bays of a grid along its own x
     * @param  list<Length>  $rows  bays along its own y
     * @param  ?Length  $largest  widest bay of a row; null for posts at its corners only
     * @param  Point  $origin  where its own zero lies on the axes of the job
     * @param  float  $turn  degrees, counter-clockwise
     *
     * @throws PlanRefused when it has no post, or its name can’t stand before a number
     */
    public function __construct(
        public string $id,
        public string $name,
        public PartKind $kind,
        public array $points,
        public array $columns,
        public array $rows,
        public ?Length $largest,
        public Point $origin,
        public float $turn = 0.0,
    ) {
        if (preg_match('/^[A-Z]{1,2}$/', $name) !== 1) {
            throw PlanRefused::partName($name);
        }
        $places = match ($kind) {
            PartKind::Row => $this->row(),
            PartKind::Grid => $this->grid(),
            PartKind::Spots => $this->spots(),
        };
        if ($places === []) {
            throw PlanRefused::partWithoutPosts();
        }
        $posts = [];
        foreach ($places as $spot => $at) {
            $posts[] = new Post(PostId::of("{$id}.{$spot}"), $name.(count($posts) + 1), $this->placed($at));
        }
        $this->posts = $posts;
    }

    /** By how much the faces of its posts are turned out of the job’s directions, radians, at most an eighth of a turn. */
    public function faceTurn(): float
    {
        $turn = deg2rad($this->turn);

        return $turn - M_PI_2 * round($turn / M_PI_2);
    }

    /** The same part, counted from a zero that lies elsewhere. */
    public function countedFrom(Point $zero): self
    {
        return new self(
            $this->id, $this->name, $this->kind, $this->points, $this->columns, $this->rows, $this->largest,
            new Point($this->origin->x->minus($zero->x), $this->origin->y->minus($zero->y)), $this->turn,
        );
    }

    /** @return array<string, Point> corners and, between them, equal bays no wider than the widest allowed */
    private function row(): array
    {
        $places = [];
        foreach ($this->points as $i => $corner) {
            if ($i > 0 && $this->largest !== null) {
                $from = $this->points[$i - 1];
                $length = $from->distanceTo($corner);
                $bays = $length->isPositive() ? Spacing::overall($length, TapeHeld::Centre, Length::zero(), Spacing::fewestBays($length, $this->largest)) : null;
                foreach (array_slice($bays->centres ?? [], 1, -1) as $n => $along) {
                    $share = $along->nanometres / $length->nanometres;
                    $places['k'.($i - 1).'-'.($n + 1)] = new Point(
                        $from->x->plus($corner->x->minus($from->x)->times($share)), $from->y->plus($corner->y->minus($from->y)->times($share)),
                    );
                }
            }
            // A row that comes back to where it began ends at its first post.
            if ($i === 0 || ! $corner->distanceTo($this->points[0])->isZero()) {
                $places["k{$i}"] = $corner;
            }
        }

        return $places;
    }

    /** @return array<string, Point> row by row */
    private function grid(): array
    {
        $places = [];
        foreach (Spacing::bays($this->rows)->centres as $r => $y) {
            foreach (Spacing::bays($this->columns)->centres as $c => $x) {
                $places["c{$c}r{$r}"] = new Point($x, $y);
            }
        }

        return $places;
    }

    /** @return array<string, Point> */
    private function spots(): array
    {
        $places = [];
        foreach ($this->points as $i => $at) {
            $places["s{$i}"] = $at;
        }

        return $places;
    }

    private function placed(Point $at): Point
    {
        $along = Vector::toward(deg2rad($this->turn));
        $own = $at->inMillimetres();
        $turned = $along->times($own->x)->plus($along->left()->times($own->y));

        return new Point($this->origin->x->plus(Length::millimetres($turned->x)), $this->origin->y->plus(Length::millimetres($turned->y)));
    }
}
