<?php

declare(strict_types=1);

namespace App\Paper;

use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use App\Type\Say;

/** Plan and section as built, for paper: finished SVG that needs no style sheet. */
final readonly class AsBuilt
{
    private const WIDTH = 680;

    private const INK = '#14201a';

    /** How many times larger than the plan the offsets of the posts are drawn. */
    public int $factor;

    private float $scale;

    /** The least x and y of any post, mm, and how far they reach away from the base line. */
    private Vector $from;

    private float $deep;

    public function __construct(private SiteState $site)
    {
        [$this->from, $to] = Vector::extent(array_map(fn (Post $post) => $post->at->inMillimetres(), $site->plan->grid->posts));
        [$w, $h] = [max(1.0, $to->x - $this->from->x), max(1.0, $to->y - $this->from->y)];
        $this->deep = $h;
        $this->scale = min((self::WIDTH - 120) / $w, 300 / $h);
        $worst = max([0.1, ...array_map(fn ($stake) => $stake->size(), array_values($site->square->survey->placed->stakes ?? []))]);
        // So that the furthest reaches a finger's breadth, in a round number.
        $most = 28 / ($worst * $this->scale);
        $this->factor = (int) max(1, $most > 20 ? floor($most / 10) * 10 : floor($most));
    }

    /** As a data address for an image: every post, with a line enlarged to where it really stands. */
    public function plan(): string
    {
        $grid = $this->site->plan->grid;
        $height = (int) round($this->deep * $this->scale + 90);
        $x = fn (Post $post): float => 60 + ($post->at->x->inMillimetres() - $this->from->x) * $this->scale;
        $y = fn (Post $post): float => $height - 50 - ($post->at->y->inMillimetres() - $this->from->y) * $this->scale;
        $svg = '';
        foreach ($grid->posts as $post) {
            $stake = $this->site->square->survey->stakeOf($post);
            $svg .= sprintf(
                '<rect x="%.1f" y="%.1f" width="10" height="10" fill="%s" stroke="%s"/>', $x($post) - 5, $y($post) - 5,
                $this->site->standing($post)->isProvedPlumb() ? self::INK : '#ffffff', self::INK,
            );
            $svg .= self::words($x($post) + 8, $y($post) + 16, $post->label);
            if ($stake !== null && $stake->size() >= 0.5) {
                $long = $this->factor * $this->scale;
                $svg .= sprintf(
                    '<line x1="%.1f" y1="%.1f" x2="%.1f" y2="%.1f" stroke="#c2185b" stroke-width="2"/>', $x($post), $y($post),
                    $x($post) - $long * $stake->along->x, $y($post) + $long * $stake->along->y,
                );
            }
        }
        $sides = $this->site->plan->sides;

        return $this->image(
            $svg.self::words(self::WIDTH / 2, $height - 8, $sides->minusY, 'middle').self::words(self::WIDTH / 2, 14, $sides->plusY, 'middle'),
            $height,
        );
    }

    /** @return array<string, string> a section along every row, as data addresses by the row’s name */
    public function sections(): array
    {
        $rows = $sections = [];
        foreach ($this->site->plan->grid->atCrossings() as $post) {
            $rows[Say::text('paper.as_built.row', name: preg_replace('/^\D+/', '', $post->label))][] = $post;
        }
        foreach ($this->site->plan->parts as $part) {
            $rows[Say::text('drawing.section_drawing.part', name: $part->name)] = $part->posts;
        }
        foreach ($rows as $name => $posts) {
            $sections[$name] = $this->section($posts);
        }

        return $sections;
    }

    /**
     * Along one row: ground, holes and feet as dug, tops as decided.
     *
     * @param  non-empty-list<Post>  $posts
     */
    private function section(array $posts): string
    {
        $heights = [];
        foreach ($posts as $post) {
            array_push(
                $heights,
                ...array_map(
                    fn (?Length $h): float => $h?->inMillimetres() ?? 0.0,
                    [$this->site->level->groundAt($post), $this->bottom($post), $this->site->plan->tops?->topOf($post)],
                ),
            );
        }
        [$low, $high] = [min($heights), max($heights)];
        $scaleY = 150 / max(1.0, $high - $low);
        // The first grid’s rows all over one another; a further part for itself.
        $isFirst = $this->site->plan->partOf($posts[0]->id) === null;
        [$from, $to] = Vector::extent([$posts[0]->at->inMillimetres(), ...array_map(
            fn (Post $post) => $post->at->inMillimetres(), $isFirst ? $this->site->plan->grid->atCrossings() : $posts,
        )]);
        $x = fn (Post $post): float => 60 + ($post->at->x->inMillimetres() - $from->x) * (self::WIDTH - 120) / max(1.0, $to->x - $from->x);
        $y = fn (Length $at): float => 20 + ($high - $at->inMillimetres()) * $scaleY;
        $svg = '';
        $ground = [];
        foreach ($posts as $post) {
            $g = $this->site->level->groundAt($post);
            if ($g === null) {
                continue;
            }
            $ground[] = sprintf('%.1f,%.1f', $x($post), $y($g));
            $bottom = $this->bottom($post);
            if ($bottom !== null) {
                $svg .= sprintf(
                    '<rect x="%.1f" y="%.1f" width="24" height="%.1f" fill="#e8d5be" stroke="#8a5a34"/>', $x($post) - 12, $y($g),
                    max(1.0, $y($bottom) - $y($g)),
                );
            }
            $top = $this->site->plan->tops?->topOf($post);
            $foot = $this->site->footing->foot($post);
            if ($top !== null && $foot !== null) {
                $svg .= sprintf(
                    '<rect x="%.1f" y="%.1f" width="8" height="%.1f" fill="#e0c98f" stroke="%s"/>', $x($post) - 4, $y($top),
                    max(1.0, $y($foot) - $y($top)), self::INK,
                );
            }
            $svg .= self::words($x($post) + 15, $y($g) - 4, $post->label);
        }
        $svg .= '<polyline points="'.implode(' ', $ground).'" fill="none" stroke="#8a5a34" stroke-width="2"/>';

        return $this->image($svg, 190);
    }

    private function bottom(Post $post): ?Length
    {
        return $this->site->footing->asDug($post)->bottom ?? $this->site->footing->required($post)?->bottom();
    }

    private static function words(float $x, float $y, string $words, string $anchor = 'start'): string
    {
        return sprintf('<text x="%.1f" y="%.1f" font-size="11" text-anchor="%s" font-family="DejaVu Sans">%s</text>', $x, $y, $anchor, e($words));
    }

    private function image(string $svg, int $height): string
    {
        return 'data:image/svg+xml;base64,'.base64_encode(
            sprintf(
                '<svg xmlns="http://www.w3.org/2000/svg" width="%d" height="%d" viewBox="0 0 %d %d">%s</svg>', self::WIDTH, $height, self::WIDTH,
                $height, $svg,
            ),
        );
    }
}
