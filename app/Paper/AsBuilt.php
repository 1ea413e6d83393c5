<?php

declare(strict_types=1);

namespace App\Paper;

use Aequus\Measure\Length;
use Aequus\Plan\Post;
use Aequus\Site\SiteState;

/** Plan and section as built, for paper: finished SVG that needs no style sheet. */
final readonly class AsBuilt
{
    private const WIDTH = 680;

    private const INK = '#14201a';

    public function __construct(private SiteState $site)
    {
    }

    /** As a data address for an image: every post, with an arrow enlarged where it stands off its place. */
    public function plan(): string
    {
        $grid = $this->site->plan->grid;
        [$w, $h] = [max(1.0, $grid->columns->length()->inMillimetres()), max(1.0, $grid->rows->length()->inMillimetres())];
        $scale = min((self::WIDTH - 120) / $w, 300 / $h);
        $height = (int) round($h * $scale + 90);
        $x = fn (Post $post): float => 60 + $post->at->x->inMillimetres() * $scale;
        $y = fn (Post $post): float => $height - 50 - $post->at->y->inMillimetres() * $scale;
        $svg = '';
        foreach ($grid->posts as $post) {
            $stake = $this->site->square->survey->placed->stakes[$post->id->value] ?? null;
            $record = $this->site->standing($post);
            $svg .= sprintf('<rect x="%.1f" y="%.1f" width="10" height="10" fill="%s" stroke="%s"/>', $x($post) - 5, $y($post) - 5, $record->isProvedPlumb() ? self::INK : '#ffffff', self::INK);
            $svg .= sprintf('<text x="%.1f" y="%.1f" font-size="11" font-family="DejaVu Sans">%s</text>', $x($post) + 8, $y($post) + 16, e($post->label));
            if ($stake !== null && $stake->size() >= 1.0) {
                $svg .= sprintf('<line x1="%.1f" y1="%.1f" x2="%.1f" y2="%.1f" stroke="#c2185b" stroke-width="2"/>', $x($post), $y($post), $x($post) - 3 * $stake->alongX, $y($post) + 3 * $stake->alongY);
            }
        }
        $sides = $this->site->plan->sides;
        $svg .= sprintf('<text x="%d" y="%d" font-size="11" text-anchor="middle" font-family="DejaVu Sans">%s</text>', self::WIDTH / 2, $height - 8, e($sides->minusY));
        $svg .= sprintf('<text x="%d" y="14" font-size="11" text-anchor="middle" font-family="DejaVu Sans">%s</text>', self::WIDTH / 2, e($sides->plusY));

        return $this->image($svg, $height);
    }

    /** Along the first row: ground, holes and feet as dug, tops as decided. */
    public function section(): string
    {
        $first = $this->site->plan->grid->posts[0] ?? null;
        $posts = array_values(array_filter($this->site->plan->grid->posts, fn (Post $post) => $first !== null && $post->at->y->equals($first->at->y)));
        $heights = [];
        foreach ($posts as $post) {
            array_push($heights, ...array_map(fn (?Length $h): float => $h?->inMillimetres() ?? 0.0, [$this->site->level->groundAt($post), $this->bottom($post), $this->site->plan->tops?->of($post)]));
        }
        if ($heights === []) {
            return $this->image('', 10);
        }
        [$low, $high] = [min($heights), max($heights)];
        $scaleY = 200 / max(1.0, $high - $low);
        $width = max(1.0, $this->site->plan->grid->columns->length()->inMillimetres());
        $x = fn (Post $post): float => 60 + $post->at->x->inMillimetres() * (self::WIDTH - 120) / $width;
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
                $svg .= sprintf('<rect x="%.1f" y="%.1f" width="24" height="%.1f" fill="#e8d5be" stroke="#8a5a34"/>', $x($post) - 12, $y($g), max(1.0, $y($bottom) - $y($g)));
            }
            $top = $this->site->plan->tops?->of($post);
            $foot = $this->site->footing->foot($post);
            if ($top !== null && $foot !== null) {
                $svg .= sprintf('<rect x="%.1f" y="%.1f" width="8" height="%.1f" fill="#e0c98f" stroke="%s"/>', $x($post) - 4, $y($top), max(1.0, $y($foot) - $y($top)), self::INK);
            }
            $svg .= sprintf('<text x="%.1f" y="%.1f" font-size="11" font-family="DejaVu Sans">%s</text>', $x($post) + 15, $y($g) - 4, e($post->label));
        }
        $svg .= '<polyline points="'.implode(' ', $ground).'" fill="none" stroke="#8a5a34" stroke-width="2"/>';

        return $this->image($svg, 240);
    }

    private function bottom(Post $post): ?Length
    {
        return $this->site->footing->asDug($post)->bottom ?? $this->site->footing->required($post)?->bottom();
    }

    private function image(string $svg, int $height): string
    {
        return 'data:image/svg+xml;base64,'.base64_encode(sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%d" height="%d" viewBox="0 0 %d %d">%s</svg>', self::WIDTH, $height, self::WIDTH, $height, $svg));
    }
}
