<?php

declare(strict_types=1);

namespace App\Drawing;

use Aequus\Measure\Length;
use Aequus\Plan\Post;
use Aequus\Plan\Side;
use Aequus\Site\SiteState;
use App\View\Typeset;

/** A cut through the ground along one row or column: ground, frost line, holes, pads, gravel and posts. */
final readonly class SectionDrawing
{
    public const WIDTH = 720;

    public const HEIGHT = 340;

    private const MARGIN_X = 58;

    private const MARGIN_Y = 30;

    /** How many times heights are drawn larger than lengths. */
    public float $factor;

    /** @var list<DrawnHole> */
    public array $holes;

    public string $groundLine;

    public string $groundArea;

    public string $frostLine;

    public ?float $planeY;

    /**
     * @param  list<Post>  $posts  along the section, in order
     * @param  array<string, string>  $choices  every row and column that can be shown, by its key
     */
    private function __construct(
        private SiteState $site,
        private array $posts,
        private bool $alongX,
        public string $shown,
        public array $choices,
    ) {
        $at = fn (Post $post): float => ($alongX ? $post->at->x : $post->at->y)->inMillimetres();
        $places = array_map($at, $posts);
        $heights = [];
        foreach ($posts as $post) {
            $ground = $site->level->groundAt($post);
            $required = $site->footing->required($post);
            array_push($heights, ...array_map(fn (?Length $h) => $h?->inMillimetres() ?? 0.0, [$ground, $required?->bottom(), $ground?->plus(Length::millimetres(500))]));
        }
        $span = max(1.0, max($places) - min($places));
        $room = max(1.0, max($heights) - min($heights));
        $scaleX = (self::WIDTH - 2 * self::MARGIN_X) / $span;
        $scaleY = (self::HEIGHT - 2 * self::MARGIN_Y) / $room;
        $scaleX = count($posts) === 1 ? $scaleY : $scaleX;
        $this->factor = round($scaleY / $scaleX, 1);
        $x = fn (Post $post): float => round(count($posts) === 1 ? self::WIDTH / 2 : self::MARGIN_X + ($at($post) - min($places)) * $scaleX, 1);
        $y = fn (Length $h): float => round(self::MARGIN_Y + (max($heights) - $h->inMillimetres()) * $scaleY, 1);
        $holes = $ground = $frost = [];
        $half = max(11.0, $site->plan->holeDiameter->inMillimetres() * $scaleX / 2);
        foreach ($posts as $post) {
            $g = $site->level->groundAt($post);
            if ($g === null) {
                continue;
            }
            $ground[] = [$x($post), $y($g)];
            if ($site->plan->footing !== null) {
                $frost[] = [$x($post), $y($g->minus($site->plan->footing->frost))];
            }
            $holes[] = $this->hole($post, $g, $x($post), $y, $half);
        }
        $this->holes = array_values(array_filter($holes));
        $wide = fn (array $line): array => $line === [] ? [] : [[0, $line[0][1]], ...$line, [self::WIDTH, $line[count($line) - 1][1]]];
        $join = fn (array $line): string => implode(' ', array_map(fn (array $p) => "{$p[0]},{$p[1]}", $line));
        $this->groundLine = $join($wide($ground));
        $this->groundArea = $ground === [] ? '' : $join([...$wide($ground), [self::WIDTH, self::HEIGHT], [0, self::HEIGHT]]);
        $this->frostLine = $join($wide($frost));
        $plane = $site->footing->depths?->plane;
        $this->planeY = $plane === null ? null : $y($plane);
    }

    /** @param  string  $key a row such as “row-1” or a column such as “column-B”; row 1 where there is none of that name */
    public static function along(SiteState $site, string $key): self
    {
        $rows = $columns = $choices = [];
        foreach ($site->plan->grid->posts as $post) {
            preg_match('/^([A-Z]+)(\d+)$/', $post->label, $label);
            $rows['row-'.$label[2]][] = $post;
            $columns['column-'.$label[1]][] = $post;
            $choices['row-'.$label[2]] = 'Row '.$label[2];
        }
        foreach (array_keys($columns) as $column) {
            $choices[$column] = 'Column '.substr($column, 7);
        }
        $shown = isset($rows[$key]) || isset($columns[$key]) ? $key : (string) array_key_first($rows);

        return new self($site, $rows[$shown] ?? $columns[$shown], isset($rows[$shown]), $shown, $choices);
    }

    /** @param  callable(Length): float  $y */
    private function hole(Post $post, Length $ground, float $x, callable $y, float $half): ?DrawnHole
    {
        $required = $this->site->footing->required($post);
        if ($required === null) {
            return null;
        }
        $dug = $this->site->footing->asDug($post);
        $bottom = $dug->bottom ?? $required->bottom();
        $foot = $this->site->footing->foot($post) ?? $required->foot;
        $notation = $this->site->plan->notation;

        return new DrawnHole(
            $post, $x, $half, $y($ground), $y($bottom), $y($required->bottom()), $y($foot), $y($foot->minus($required->need->pad)),
            max(4.0, $half * $this->site->plan->post->along($this->alongX ? Side::PlusX : Side::PlusY)->inMillimetres() / $this->site->plan->holeDiameter->inMillimetres()),
            match (true) {
                $dug === null => 'to-dig', $dug->serves() => 'dug', default => 'short'
            },
            Typeset::svg($notation, $required->holeDepth()), $this->site->standing($post)->set,
        );
    }
}
