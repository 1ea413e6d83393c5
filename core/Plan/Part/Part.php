<?php

declare(strict_types=1);

namespace Aequus\Plan\Part;

use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Grid\Spacing;
use Aequus\Plan\Place\MustFit;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Closeness;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\SideNames;

/**
 * A further part of a job beside its first grid: a row with corners, another grid, or single posts, placed and turned on the site. All parts stand in
 * one survey and one log; the posts of this one carry its short name before their numbers.
 */
final readonly class Part
{
    /** Of a part that the answers about a thing make. */
    public const ANSWERED = 'answered';

    /** @var non-empty-list<Post> on the axes of the job, in the order they are numbered */
    public array $posts;

    /** @var array<string, ?Vector> by post, on the axes of the job: along the row it stands in; null at a corner and in what is no row */
    private array $runs;

    /** @var list<non-empty-list<Post>> the posts of each straight piece of a row, its corners with them; of a grid each row and each column */
    public array $lines;

    /** @var list<string> ids of the posts where it ends or turns */
    private array $corners;

    /** @var list<array{RowGate, PostId, PostId}> each gate with its hinge and its latch post */
    public array $hung;

    /**
     * @param  string  $id  the same through all revisions
     * @param  string  $name  one or two capital letters
     * @param  list<Point>  $points  corners of a row, or the places of single posts, from its own zero
     * @param  list<Length>  $columns  bays of a grid along its own x
     * @param  list<Length>  $rows  bays along its own y
     * @param  ?Length  $largest  widest bay of a row; null for posts at its corners only
     * @param  Point  $origin  where its own zero lies on the axes of the job
     * @param  float  $turn  degrees, counter-clockwise
     * @param  ?Closeness  $closeness  that it asks; null for that of the job
     * @param  ?SideNames  $sides  what its own four sides are called; null for the names of the job
     * @param  list<RowGate>  $gates  in a row
     * @param  ?Length  $post  thickness of a post; null before it stands in a plan
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
        public ?Closeness $closeness = null,
        public ?SideNames $sides = null,
        public array $gates = [],
        private ?Length $post = null,
    ) {
        if (preg_match('/^[A-Z]{1,2}$/', $name) !== 1) {
            throw PlanRefused::partName($name);
        }
        $row = $kind === PartKind::Row ? new RowOfPart($points, $largest, $gates, $post ?? Length::zero()) : null;
        $places = match ($kind) {
            PartKind::Row => $row->places ?? [],
            PartKind::Grid => $this->grid(),
            PartKind::Spots => $this->spots(),
        };
        if ($places === []) {
            throw PlanRefused::partWithoutPosts();
        }
        $posts = $runs = [];
        foreach ($places as $spot => $at) {
            $posts[] = new Post(PostId::of("{$id}.{$spot}"), $name.(count($posts) + 1), $this->placed($at));
            $runs["{$id}.{$spot}"] = ($row->runs[$spot] ?? null)?->turned(deg2rad($turn));
        }
        [$this->posts, $this->runs] = [$posts, $runs];
        $at = array_combine(array_keys($places), $posts);
        $this->lines = array_map(
            fn (array $spots) => array_map(fn (string $spot) => $at[$spot], $spots),
            $kind === PartKind::Grid ? $this->crossed() : ($row->sections ?? []),
        );
        $this->corners = array_map(fn (string $spot) => "{$id}.{$spot}", match ($kind) {
            PartKind::Row => $row->corners ?? [],
            PartKind::Grid => array_values(array_unique([
                'c0r0', 'c'.count($columns).'r0', 'c0r'.count($rows), 'c'.count($columns).'r'.count($rows),
            ])),
            PartKind::Spots => [],
        });
        $this->hung = array_map(fn (array $one) => [$one[0], PostId::of("{$id}.{$one[1]}"), PostId::of("{$id}.{$one[2]}")], $row->gates ?? []);
    }

    /** By how much the faces of its posts are turned out of the job’s directions, radians, at most an eighth of a turn. */
    public function faceTurn(): float
    {
        $turn = deg2rad($this->turn);

        return $turn - M_PI_2 * round($turn / M_PI_2);
    }

    /** Along the row that a post of it stands in, a unit vector on the axes of the job; null at a corner and in what is no row. */
    public function runAt(PostId $post): ?Vector
    {
        return $this->runs[$post->value] ?? null;
    }

    /** Whether a post stands at a corner or an end of it, where it carries more; posts in free places have neither. */
    public function isCorner(PostId $post): bool
    {
        return in_array($post->value, $this->corners, true);
    }

    /** The same part, counted from a zero that lies elsewhere. */
    public function countedFrom(Point $zero): self
    {
        return $this->with(new Point($this->origin->x->minus($zero->x), $this->origin->y->minus($zero->y)), $this->post);
    }

    /** The same part out of posts so thick: its gates open by as much more. */
    public function outOf(Length $post): self
    {
        return $this->post?->equals($post) ? $this : $this->with($this->origin, $post);
    }

    /** @return list<MustFit> the leaf of each gate, with its gaps */
    public function leaves(): array
    {
        return array_map(
            fn (array $hung) => new MustFit($this->name, $hung[1], $hung[2], $hung[0]->leaf, $hung[0]->gap, Length::zero(), isLeaf: true),
            $this->hung,
        );
    }

    private function with(Point $origin, ?Length $post): self
    {
        return new self(
            $this->id, $this->name, $this->kind, $this->points, $this->columns, $this->rows, $this->largest, $origin, $this->turn, $this->closeness,
            $this->sides,
            $this->gates, $post,
        );
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

    /** @return list<non-empty-list<string>> each row, then each column */
    private function crossed(): array
    {
        [$columns, $rows] = [range(0, count($this->columns)), range(0, count($this->rows))];

        return [
            ...array_map(fn (int $r) => array_map(fn (int $c) => "c{$c}r{$r}", $columns), $rows),
            ...array_map(fn (int $c) => array_map(fn (int $r) => "c{$c}r{$r}", $rows), $columns),
        ];
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
        $turned = $at->inMillimetres()->turned(deg2rad($this->turn));

        return new Point($this->origin->x->plus(Length::millimetres($turned->x)), $this->origin->y->plus(Length::millimetres($turned->y)));
    }
}
