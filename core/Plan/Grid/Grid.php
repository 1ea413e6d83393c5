<?php

declare(strict_types=1);

namespace Aequus\Plan\Grid;

use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;

/** The posts of a job: two families of strings, with posts at their crossings, some left out, some added elsewhere. */
final readonly class Grid
{
    /** @var non-empty-list<Post> row by row from the base line */
    public array $posts;

    /** @var ByPost<Post> */
    private ByPost $byId;

    /** @var array<string, Post> by label, in capitals */
    private array $byLabel;

    /**
     * @param  list<PostId>  $leftOut
     * @param  list<Post>  $added  with free places and names of their own
     *
     * @throws PlanRefused when no post is left
     */
    public function __construct(
        public GridLines $columns,
        public GridLines $rows,
        public array $leftOut = [],
        public array $added = [],
    ) {
        $out = array_flip(array_map(fn (PostId $id) => $id->value, $leftOut));
        $posts = [];
        foreach ($rows->lines as $r => $row) {
            foreach ($columns->lines as $c => $column) {
                $id = PostId::at($column->id, $row->id);
                if (! isset($out[$id->value])) {
                    $posts[] = new Post($id, self::letters($c).($r + 1), new Point($column->at, $row->at));
                }
            }
        }
        $posts = [...$posts, ...$added];
        if ($posts === []) {
            throw PlanRefused::everyPostLeftOut();
        }
        $this->posts = $posts;
        $this->byLabel = array_column(array_map(fn (Post $post) => [strtoupper($post->label), $post], $this->posts), 1, 0);
        $this->byId = ByPost::each($this->posts, fn (Post $post) => $post);
    }

    /** A…Z, AA, AB… */
    public static function letters(int $column): string
    {
        $letters = '';
        for ($n = $column + 1; $n > 0; $n = intdiv($n - 1, 26)) {
            $letters = chr(65 + ($n - 1) % 26).$letters;
        }

        return $letters;
    }

    /** The post of this id, or null when this revision has none. */
    public function find(PostId $id): ?Post
    {
        return $this->byId[$id] ?? null;
    }

    /** @throws PlanRefused when no post carries the label */
    public function labelled(string $label): Post
    {
        return $this->findLabelled($label) ?? throw PlanRefused::noSuchPost(trim($label));
    }

    /** The post that carries the label, in capitals or not; null when none does. */
    public function findLabelled(string $label): ?Post
    {
        return $this->byLabel[strtoupper(trim($label))] ?? null;
    }

    /** @return list<Post> every crossing, standing or left out */
    public function crossings(): array
    {
        return (new self($this->columns, $this->rows))->posts;
    }

    /** @return list<Post> those of the first grid alone */
    public function atCrossings(): array
    {
        return $this->added === [] ? $this->posts
            : array_values(array_filter($this->posts, fn (Post $post) => ! in_array($post, $this->added, true)));
    }

    /** @return list<Post> crossings where no post stands */
    public function leftOut(): array
    {
        return array_values(array_filter($this->crossings(), fn (Post $post) => $this->find($post->id) === null));
    }

    /** The four corners A1, end of the base line, far corner, end of the first column; null where the outline has no four standing corners. */
    public function corners(): ?Corners
    {
        if ($this->columns->count() < 2 || $this->rows->count() < 2) {
            return null;
        }
        $corner = fn (int $c, int $r): ?Post => $this->find(PostId::at($this->columns->lines[$c]->id, $this->rows->lines[$r]->id));
        [$lastColumn, $lastRow] = [$this->columns->count() - 1, $this->rows->count() - 1];
        [$a, $b, $c, $d] = [$corner(0, 0), $corner($lastColumn, 0), $corner($lastColumn, $lastRow), $corner(0, $lastRow)];

        return $a && $b && $c && $d ? new Corners($a, $b, $c, $d) : null;
    }

    /** Whether all posts stand in one line. */
    public function isRow(): bool
    {
        return $this->columns->count() < 2 || $this->rows->count() < 2;
    }

    /**
     * The lines that have a string running along an axis: none where it would touch a single post.
     *
     * @return list<GridLine>
     */
    public function strung(Side $along): array
    {
        [$lines, $across] = $along->isAlongX() ? [$this->rows, $this->columns] : [$this->columns, $this->rows];

        return $across->count() < 2 ? [] : $lines->lines;
    }

    /** @return list<Post> row by row, every second row backwards: the way with the fewest steps */
    public function walk(): array
    {
        $rows = [];
        foreach ($this->posts as $post) {
            $rows[$post->at->y->nanometres][] = $post;
        }
        $walk = [];
        foreach (array_values($rows) as $i => $row) {
            $walk = [...$walk, ...($i % 2 === 0 ? $row : array_reverse($row))];
        }

        return $walk;
    }

    /** @return list<Post> column by column, as frames are tilted up */
    public function frameByFrame(): array
    {
        $posts = $this->walk();
        usort($posts, fn (Post $one, Post $other) => [$one->at->x->nanometres, $one->at->y->nanometres] <=> [
            $other->at->x->nanometres, $other->at->y->nanometres,
        ]);

        return $posts;
    }

    /** @return non-empty-list<Post> those of its row, along x */
    public function rowOf(Post $post): array
    {
        return $this->onLine($post, fn (Post $other) => $other->at->y->equals($post->at->y));
    }

    /** @return non-empty-list<Post> those of its column, along y */
    public function columnOf(Post $post): array
    {
        return $this->onLine($post, fn (Post $other) => $other->at->x->equals($post->at->x));
    }

    /** @return non-empty-list<Post> */
    private function onLine(Post $post, callable $isOnIt): array
    {
        $line = array_filter($this->posts, $isOnIt);
        usort($line, fn (Post $one, Post $other) => [$one->at->x, $one->at->y] <=> [$other->at->x, $other->at->y]);

        return $line === [] ? [$post] : $line;
    }
}
