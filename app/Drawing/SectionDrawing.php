<?php

declare(strict_types=1);

namespace App\Drawing;

use Aequus\Footing\Depths\Depths;
use Aequus\Footing\Depths\PierTops;
use Aequus\Footing\Depths\PostTops;
use Aequus\Footing\Depths\RequiredDepth;
use Aequus\Footing\Holes\HoleWork;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Side;
use Aequus\Site\SiteState;
use App\Drawing\Drawn\DrawnHole;
use App\Type\Say;
use App\Type\Typeset;

/** A cut through the ground along one row or column: ground today and finished, frost line, holes with what goes into them, and posts. */
final readonly class SectionDrawing
{
    public const WIDTH = 720;

    public const HEIGHT = 340;

    private const MATERIALS = ['gravel', 'pad', 'block', 'concrete', 'earth', 'foam', 'tube'];

    private const MARGIN_X = 58;

    private const MARGIN_Y = 30;

    /** How many times heights are drawn larger than lengths. */
    public float $factor;

    /** @var list<DrawnHole> */
    public array $holes;

    public string $groundLine;

    public string $groundArea;

    public string $frostLine;

    /** Of the finished ground; null where it stays as it is. */
    public ?float $finishedY;

    public ?float $planeY;

    /** @var list<array{string, float}> levels the plane may be tried at, as the job writes them, with where they lie; none where it can't be moved */
    public array $planes;

    private PostTops $tops;

    private PierTops $piers;

    private float $scaleX;

    private float $scaleY;

    private float $highest;

    /**
     * @param  list<Post>  $posts  along the section, in order
     * @param  array<string, string>  $choices  every row and column that can be shown, by its key
     * @param  list<Length>  $planes  levels the common plane may be tried at
     */
    private function __construct(
        private SiteState $site,
        private array $posts,
        private bool $alongX,
        public string $shown,
        public array $choices,
        private ?Depths $depths,
        private bool $isTried,
        array $planes,
    ) {
        $plan = $site->plan;
        $this->tops = new PostTops($plan, $site->footing->needs);
        $this->piers = new PierTops($plan, $this->tops);
        $places = array_map($this->place(...), $posts) ?: [0.0];
        $heights = array_map(fn (Length $plane) => $plane->inMillimetres(), $planes);
        foreach ($posts as $post) {
            $ground = $site->level->groundAt($post);
            array_push(
                $heights,
                ...array_map(
                    fn (?Length $h) => $h?->inMillimetres() ?? 0.0,
                    [$ground, $this->required($post)?->bottom(), $ground?->plus(Length::millimetres(500)), $plan->footing->finishedGrade ?? $ground],
                ),
            );
        }
        $heights = $heights ?: [0.0];
        $span = max(1.0, max($places) - min($places));
        $room = max(1.0, max($heights) - min($heights));
        $this->highest = max($heights);
        $this->scaleY = (self::HEIGHT - 2 * self::MARGIN_Y) / $room;
        $this->scaleX = count($posts) === 1 ? $this->scaleY : (self::WIDTH - 2 * self::MARGIN_X) / $span;
        $this->factor = round($this->scaleY / $this->scaleX, 1);
        $x = fn (Post $post): float => round(
            count($posts) === 1 ? self::WIDTH / 2 : self::MARGIN_X + ($this->place($post) - min($places)) * $this->scaleX, 1,
        );
        $holes = $ground = $frost = [];
        foreach ($posts as $post) {
            $g = $site->level->groundAt($post);
            if ($g === null) {
                continue;
            }
            $ground[] = [$x($post), $this->y($g)];
            if ($plan->footing !== null) {
                $frost[] = [$x($post), $this->y($g->minus($plan->footing->frost))];
            }
            $required = $this->required($post);
            $holes[] = $required === null ? null : $this->hole($required, $g, $x($post));
        }
        $this->holes = array_values(array_filter($holes));
        $wide = fn (array $line): array => $line === [] ? [] : [[0, $line[0][1]], ...$line, [self::WIDTH, $line[count($line) - 1][1]]];
        $join = fn (array $line): string => implode(' ', array_map(fn (array $p) => "{$p[0]},{$p[1]}", $line));
        $this->groundLine = $join($wide($ground));
        $this->groundArea = $ground === [] ? '' : $join([...$wide($ground), [self::WIDTH, self::HEIGHT], [0, self::HEIGHT]]);
        $this->frostLine = $join($wide($frost));
        $this->finishedY = $plan->footing?->finishedGrade === null ? null : $this->y($plan->footing->finishedGrade);
        $this->planeY = $depths?->plane === null ? null : $this->y($depths->plane);
        $this->planes = array_map(fn (Length $plane): array => [$plan->write($plane), $this->y($plane)], $planes);
    }

    /** Where the words beside the first hole begin. */
    public function beside(): float
    {
        return $this->holes === [] ? 6.0 : $this->holes[0]->x + $this->holes[0]->half + 6;
    }

    /** @return array<string, string> the materials that occur, with their names */
    public function materials(): array
    {
        $shown = [];
        foreach ($this->holes as $hole) {
            foreach ($hole->fills as $fill) {
                $shown += $fill->height > 0.0 ? [$fill->material => true] : [];
            }
        }

        $materials = array_values(array_filter(self::MATERIALS, fn (string $material) => isset($shown[$material])));

        return array_combine($materials, array_map(fn (string $material) => Say::text("drawing.section.material_{$material}"), $materials));
    }

    /** @param  string  $key a row such as “row-1” or a column such as “column-B”; row 1 where there is none of that name */
    public static function along(SiteState $site, string $key): self
    {
        return self::cut($site, $key, $site->footing->depths, false, []);
    }

    /**
     * As it would be with depths that are only tried; what is dug is left out.
     *
     * @param  list<Length>  $planes  levels the common plane may be moved to
     */
    public static function tried(SiteState $site, string $key, Depths $depths, array $planes): self
    {
        return self::cut($site, $key, $depths, true, $planes);
    }

    /** @param  list<Length>  $planes */
    private static function cut(SiteState $site, string $key, ?Depths $depths, bool $isTried, array $planes): self
    {
        $rows = $columns = $choices = [];
        foreach ($site->plan->grid->atCrossings() as $post) {
            if (preg_match('/^([A-Z]+)(\d+)$/', $post->label, $label) !== 1) {
                continue;
            }
            $rows['row-'.$label[2]][] = $post;
            $columns['column-'.$label[1]][] = $post;
            $choices['row-'.$label[2]] = Say::text('drawing.section_drawing.row', label: $label[2]);
        }
        foreach (array_keys($columns) as $column) {
            $choices[$column] = Say::text('drawing.section_drawing.column', part: substr($column, 7));
        }
        $parts = [];
        foreach ($site->plan->parts as $part) {
            $parts["part-{$part->name}"] = $part->posts;
            $choices["part-{$part->name}"] = Say::text('drawing.section_drawing.part', name: $part->name);
        }
        $shown = isset($rows[$key]) || isset($columns[$key]) || isset($parts[$key]) ? $key : (string) array_key_first($rows);

        return new self(
            $site, $rows[$shown] ?? $columns[$shown] ?? $parts[$shown],
            isset($rows[$shown]) || (isset($parts[$shown]) && self::runsAlongX($parts[$shown])), $shown, $choices,
            $depths, $isTried, $planes,
        );
    }

    /** @param  non-empty-list<Post>  $posts */
    private static function runsAlongX(array $posts): bool
    {
        [$from, $to] = Vector::extent(array_map(fn (Post $post) => $post->at->inMillimetres(), $posts));

        return $to->x - $from->x >= $to->y - $from->y;
    }

    private function place(Post $post): float
    {
        return ($this->alongX ? $post->at->x : $post->at->y)->inMillimetres();
    }

    private function required(Post $post): ?RequiredDepth
    {
        return $this->depths->required[$post] ?? null;
    }

    private function y(Length $height): float
    {
        return round(self::MARGIN_Y + ($this->highest - $height->inMillimetres()) * $this->scaleY, 1);
    }

    private function hole(RequiredDepth $required, Length $ground, float $x): DrawnHole
    {
        $plan = $this->site->plan;
        $dug = $this->isTried ? null : $this->site->footing->asDug($required->post);
        $shape = $dug?->width === null ? $plan->hole : $plan->hole->dugTo($dug->width);
        $hold = $plan->holdOf($required->post->id);
        $bottom = $this->y($dug->bottom ?? $required->bottom());
        $foot = $dug->foot ?? $required->foot;
        // Where bays are long a hole would be too thin to see: it is drawn at least so wide, and all in it with it.
        $half = max(11.0, $shape->width->inMillimetres() * $this->scaleX / 2);
        $widen = $half / ($shape->width->inMillimetres() / 2);
        $bell = $half * ($shape->foot()->inMillimetres() / $shape->width->inMillimetres());
        $bellTop = $shape->bellHeight === null ? $bottom : max($this->y($ground), $bottom - $shape->bellHeight->inMillimetres() * $this->scaleY);
        $work = $dug === null ? HoleWork::planned($plan, $hold, $this->tops, $required) : HoleWork::asDug($plan, $hold, $this->tops, $dug);
        $fills = new HoleFills(
            $work->layers, fn (Length $height) => $this->y(($dug->bottom ?? $required->bottom())->plus($height)), $this->y($foot), $x, $half,
            max(
                4.0, $plan->post->along($this->alongX ? Side::PlusX : Side::PlusY)->inMillimetres() / 2 * $widen,
            ), $this->piers->rules->tube->inMillimetres() / 2 * $widen,
        );
        $corner = fn (float $half, float $y): string => round($x + $half, 1).",{$y}";

        return new DrawnHole(
            $required->post, $x, $half, $this->y($ground), $bottom, $this->y($required->bottom()),
            implode(
                ' ',
                [
                    $corner(-$half, $this->y($ground)), $corner(-$half, $bellTop), $corner(-$bell, $bottom), $corner($bell, $bottom),
                    $corner($half, $bellTop), $corner($half, $this->y($ground)),
                ],
            ),
            $hold, $fills->fills, $fills->timber,
            match (true) {
                $dug === null => 'to-dig', $dug->serves() => 'dug', default => 'short'
            },
            Typeset::svg($plan->notation, $required->holeDepth()), $this->site->standing($required->post)->set, count($this->posts) > 1
                && $required->post === $this->posts[count($this->posts) - 1],
        );
    }
}
