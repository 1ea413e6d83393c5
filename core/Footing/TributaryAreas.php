<?php

declare(strict_types=1);

namespace Aequus\Footing;

use Aequus\Measure\Length;
use Aequus\Plan\Grid;
use Aequus\Plan\Post;
use Aequus\Plan\Side;

/**
 * The share of a roof or floor that each post carries: along its beam half-way to the next standing post, across it half-way to the next beam.
 * The first and last carry to the edge. The shares add up to the covered area.
 */
final readonly class TributaryAreas
{
    /** @var array<string, TributaryArea> by the value of the post's id */
    public array $areas;

    /** ft² */
    public float $covered;

    /**
     * @param  Side  $along  an axis along which the beams run
     * @param  array<string, Length>  $overhangs  beyond the outer lines, by side
     */
    public function __construct(Grid $grid, Side $along, array $overhangs)
    {
        $alongX = $along->isAlongX();
        $lines = [];
        foreach ($grid->posts as $post) {
            $lines[($alongX ? $post->at->y : $post->at->x)->nanometres][] = $post;
        }
        ksort($lines);
        $over = fn (Side $side): float => ($overhangs[$side->value] ?? Length::zero())->inFeet();
        $edge = [
            [-$over(Side::MinusX), $grid->columns->length()->inFeet() + $over(Side::PlusX)],
            [-$over(Side::MinusY), $grid->rows->length()->inFeet() + $over(Side::PlusY)],
        ];
        [$alongEdge, $acrossEdge] = $alongX ? $edge : array_reverse($edge);
        $across = self::shares(array_map(fn (int $at) => Length::nanometres($at)->inFeet(), array_keys($lines)), ...$acrossEdge);
        $areas = [];
        foreach (array_values($lines) as $i => $posts) {
            usort($posts, fn (Post $one, Post $other) => ($alongX ? $one->at->x : $one->at->y)->nanometres <=> ($alongX ? $other->at->x : $other->at->y)->nanometres);
            $shares = self::shares(array_map(fn (Post $post) => ($alongX ? $post->at->x : $post->at->y)->inFeet(), $posts), ...$alongEdge);
            foreach ($posts as $k => $post) {
                $areas[$post->id->value] = new TributaryArea($post, $shares[$k], $across[$i]);
            }
        }
        $this->areas = $areas;
        $this->covered = ($edge[0][1] - $edge[0][0]) * ($edge[1][1] - $edge[1][0]);
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
