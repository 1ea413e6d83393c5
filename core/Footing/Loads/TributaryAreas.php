<?php

declare(strict_types=1);

namespace Aequus\Footing\Loads;

use Aequus\Measure\Length;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Side;

/**
 * The share of a roof or floor that each post carries: along its beam half-way to the next standing post, at the beam’s ends by statics with
 * the overhang; across it half-way to the next beam. The shares add up to the covered area.
 */
final readonly class TributaryAreas
{
    /** Posts at least this near to a row belong to it, mm. */
    private const IN_ROW = 100.0;

    /** @var ByPost<TributaryArea> */
    public ByPost $areas;

    /** ft² */
    public float $covered;

    /**
     * @param  Length  $post  width of a post: posts half of it off a row, or 100 mm, belong to that row
     * @param  Side  $along  an axis along which the beams run
     * @param  array<string, Length>  $overhangs  beyond the outer lines, by side
     * @param  bool  $cornersCovered  whether beams reach on where a corner post is left out, or end at their own last post
     */
    private function __construct(Grid $grid, Length $post, Side $along, array $overhangs, bool $cornersCovered)
    {
        $alongX = $along->isAlongX();
        $over = fn (Side $side): float => ($overhangs[$side->value] ?? Length::zero())->inFeet();
        $edge = [
            [-$over(Side::MinusX), $grid->columns->length()->inFeet() + $over(Side::PlusX)],
            [-$over(Side::MinusY), $grid->rows->length()->inFeet() + $over(Side::PlusY)],
        ];
        [$alongEdge, $acrossEdge] = $alongX ? $edge : array_reverse($edge);
        [$before, $after] = $alongX ? [$over(Side::MinusX), $over(Side::PlusX)] : [$over(Side::MinusY), $over(Side::PlusY)];
        $lines = self::beamLines($grid, max(self::IN_ROW, $post->inMillimetres() / 2), $alongX);
        $mean = function (array $posts) use ($alongX): float {
            /** @var non-empty-list<Post> $posts */
            return array_sum(array_map(fn (Post $one) => self::across($one, $alongX)->inFeet(), $posts)) / count($posts);
        };
        $across = self::shares(array_map($mean, $lines), ...$acrossEdge);
        $areas = [];
        foreach ($lines as $i => $posts) {
            usort($posts, fn (Post $one, Post $other) => self::along($one, $alongX)->nanometres <=> self::along($other, $alongX)->nanometres);
            $at = array_map(fn (Post $one) => self::along($one, $alongX)->inFeet(), $posts);
            $shares = $cornersCovered ? self::beam($at, ...$alongEdge) : self::beam($at, $at[0] - $before, $at[count($at) - 1] + $after);
            foreach ($posts as $k => $one) {
                $areas[] = new TributaryArea($one, $shares[$k], $across[$i]);
            }
        }
        $this->areas = ByPost::indexed($areas, fn (TributaryArea $area) => $area->post);
        $this->covered = array_sum(array_map(fn (TributaryArea $area) => $area->area, $areas));
    }

    /**
     * The whole rectangle is covered, also over corners where no post stands.
     *
     * @param  array<string, Length>  $overhangs
     */
    public static function covering(Grid $grid, Length $post, Side $along, array $overhangs): self
    {
        return new self($grid, $post, $along, $overhangs, true);
    }

    /**
     * Where a corner is left out nothing is covered: every beam ends at its own last post, and its overhang.
     *
     * @param  array<string, Length>  $overhangs
     */
    public static function cornersOpen(Grid $grid, Length $post, Side $along, array $overhangs): self
    {
        return new self($grid, $post, $along, $overhangs, false);
    }

    /** @return list<non-empty-list<Post>> the posts under each beam */
    private static function beamLines(Grid $grid, float $near, bool $alongX): array
    {
        $posts = $grid->atCrossings();
        usort($posts, fn (Post $one, Post $other) => self::across($one, $alongX)->nanometres <=> self::across($other, $alongX)->nanometres);
        $lines = [];
        $first = null;
        foreach ($posts as $post) {
            $at = self::across($post, $alongX)->inMillimetres();
            if ($first === null || $at - $first > $near) {
                $first = $at;
                $lines[] = [];
            }
            $lines[count($lines) - 1][] = $post;
        }

        return $lines;
    }

    private static function along(Post $post, bool $alongX): Length
    {
        return $alongX ? $post->at->x : $post->at->y;
    }

    private static function across(Post $post, bool $alongX): Length
    {
        return $alongX ? $post->at->y : $post->at->x;
    }

    /**
     * A beam on its posts: what overhangs bears on the end post by more than itself, and takes that off the next.
     *
     * @param  non-empty-list<float>  $at  growing
     * @return list<float>
     */
    private static function beam(array $at, float $from, float $to): array
    {
        $last = count($at) - 1;
        $shares = self::shares($at, $from, $to);
        if ($last > 0) {
            $lever = [($at[0] - $from) ** 2 / (2 * ($at[1] - $at[0])), ($to - $at[$last]) ** 2 / (2 * ($at[$last] - $at[$last - 1]))];
            [$shares[0], $shares[1]] = [$shares[0] + $lever[0], $shares[1] - $lever[0]];
            [$shares[$last], $shares[$last - 1]] = [$shares[$last] + $lever[1], $shares[$last - 1] - $lever[1]];
        }

        return array_values($shares);
    }

    /**
     * @param  list<float>  $at  growing
     * @return list<float> how much of the way from edge to edge falls to each
     */
    private static function shares(array $at, float $from, float $to): array
    {
        $shares = [];
        foreach ($at as $i => $here) {
            $shares[] = (isset($at[$i + 1]) ? ($here + $at[$i + 1]) / 2 : $to) - ($i > 0 ? ($at[$i - 1] + $here) / 2 : $from);
        }

        return $shares;
    }
}
