<?php

declare(strict_types=1);

namespace Aequus\Plan\Grid;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\Side;

/**
 * The boards that whoever works alone cuts first, and where each is held: every clear bay of the first grid once, in walking order, and the
 * diagonal of each bay from inner corner to inner corner; then the clear bays of the parts beside it.
 */
final class Gauges
{
    /** One board serves all bays that differ by less, nm. */
    private const ALIKE = 100_000;

    /**
     * @param  callable(Post): Section  $section  of a post
     * @param  list<list<Post>>  $lines  of the parts: the posts of each straight piece, in their order
     * @return list<Gauge> in the order in which they are first used; none for one post
     */
    public static function of(Grid $grid, callable $section, array $lines = []): array
    {
        $at = [];
        foreach ($grid->atCrossings() as $post) {
            $at["{$post->at->x->nanometres} {$post->at->y->nanometres}"] = $post;
        }
        [$columns, $rows] = [$grid->columns->lines, $grid->rows->lines];
        $stands = fn (int $c, int $r): ?Post => isset($columns[$c], $rows[$r])
            ? ($at["{$columns[$c]->at->nanometres} {$rows[$r]->at->nanometres}"] ?? null) : null;
        $used = [];
        $use = function (?Length $length, bool $isDiagonal, ?Post $from, ?Post $to) use (&$used): void {
            if ($length !== null && $from !== null && $to !== null) {
                $used[($isDiagonal ? 'd' : 's').(int) round($length->nanometres / self::ALIKE)][] = [$length, $isDiagonal, $from, $to];
            }
        };
        foreach ($rows as $r => $row) {
            foreach ($columns as $c => $column) {
                [$here, $along, $away, $back] = [$stands($c, $r), $stands($c - 1, $r), $stands($c, $r - 1), $stands($c - 1, $r - 1)];
                [$x, $y] = [self::clear($section, $along, $here, Side::PlusX), self::clear($section, $away, $here, Side::PlusY)];
                $use($x, false, $along, $here);
                $use($y, false, $away, $here);
                $use($x === null || $y === null ? null : Length::nanometres((int) round(hypot($x->nanometres, $y->nanometres))), true, $back, $here);
            }
        }

        foreach ($lines as $line) {
            foreach (array_slice($line, 1) as $i => $to) {
                $from = $line[$i];
                $use(
                    $from->at->distanceTo($to->at)->minus($section($from)->toward(
                        $from->at, $to->at,
                    ))->minus($section($to)->toward($to->at, $from->at)),
                    false, $from, $to,
                );
            }
        }

        return array_values(array_map(
            fn (array $times) => new Gauge($times[0][0], $times[0][1], array_map(fn (array $time) => [$time[2], $time[3]], $times)), $used,
        ));
    }

    /**
     * Between the near faces of two posts of one row or column.
     *
     * @param  callable(Post): Section  $section
     */
    private static function clear(callable $section, ?Post $from, ?Post $to, Side $axis): ?Length
    {
        if ($from === null || $to === null) {
            return null;
        }

        return $from->at->distanceTo($to->at)->minus($section($from)->along($axis)->half())->minus($section($to)->along($axis)->half());
    }
}
