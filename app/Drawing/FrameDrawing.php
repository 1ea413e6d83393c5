<?php

declare(strict_types=1);

namespace App\Drawing;

use Aequus\Frame\FrameOnPosts;
use Aequus\Frame\InSpace;
use Aequus\Frame\Piece;
use Aequus\Frame\Solid;
use Aequus\Measure\Length;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use App\Type\Typeset;

/**
 * A frame to scale in parallel projection: from above, from a side or from over a corner. What lies behind is drawn first, so that what is nearer
 * covers it. Posts and pieces that stand are drawn solid, everything else in outline.
 */
final readonly class FrameDrawing
{
    public const WIDTH = 760;

    private const MARGIN = 70;

    /** Room for two rows of lengths below. */
    private const MARGIN_BELOW = 118;

    /** About as wide is a letter of a length. */
    private const LETTER = 10;

    private const BELOW_ITS_LINE = 19;

    /** More bays than these are not told one by one. */
    private const MOST_BAYS = 8;

    /** Room for a height told beside it. */
    private const MARGIN_BESIDE = 124;

    private const TALLEST = 520;

    /** What just touches a plane goes through it, mm. */
    private const HAIR = 1.0;

    /** How far a dimension stands off what it measures. */
    private const OFF = 34;

    /** Corners of the six sides of a solid, each seen from outside counter-clockwise. */
    private const SIDES = [[3, 2, 1, 0], [4, 5, 6, 7], [0, 1, 5, 4], [1, 2, 6, 5], [2, 3, 7, 6], [3, 0, 4, 7]];

    /** How far up the layers lie, posts lowest. */
    private const LIES = [
        'rail' => 1, 'brace' => 1, 'panel' => 1, 'beam' => 2, 'ledger' => 2, 'joist' => 3, 'blocking' => 3, 'rim' => 4, 'purlin' => 5, 'board' => 6,
        'sheet' => 7,
    ];

    public float $height;

    /** @var list<array{class: string, d: string}> from the farthest to the nearest */
    public array $pieces;

    /** Null from over a corner, where no ground line is seen. */
    public ?float $ground;

    /** @var list<array{x1: float, y1: float, x2: float, y2: float, ticks: string, labelX: float, labelY: float, anchor: string, label: string, words: string}> */
    public array $told;

    private float $scale;

    private float $left;

    private float $top;

    /**
     * @param  ?LayerKind  $upTo  the last layer that is drawn; null for all
     * @param  list<Post>  $standing  posts that stand already
     * @param  ?float  $through  from a side: what is cut there, and what lies behind, mm on the frame’s own axis away from that side; null for everything
     */
    public function __construct(
        private Plan $plan, FrameOnPosts $frame, private FrameView $view, ?LayerKind $upTo, array $standing, ?float $through = null,
    ) {
        $order = array_flip(array_map(fn (LayerKind $kind) => $kind->value, LayerKind::cases()));
        $shown = array_values(array_filter(
            $frame->pieces, fn (Piece $piece) => $upTo === null || $order[$piece->layer->kind->value] <= $order[$upTo->value],
        ));
        $up = $frame->up();
        $stands = array_flip(array_map(fn (Post $post) => $post->id->value, $standing));
        /** @var list<array{Solid, string, int}> $solids with how far up its layer lies */
        $solids = [
            ...array_map(
                fn (Post $post) => [$frame->space->post($post), isset($stands[$post->id->value]) ? 'frame-post is-built' : 'frame-post', 0],
                $frame->footprint->posts,
            ),
            ...array_map(fn (Piece $piece) => [
                $piece->solid, 'frame-piece'.($piece->layer->kind === $upTo ? ' is-shown' : '').(in_array($piece, $up, true) ? ' is-built' : ''),
                self::LIES[$piece->layer->kind->value],
            ], $shown),
        ];
        $solids = $through === null ? $solids : $this->cut($solids, $through);
        $flat = array_map(fn (array $solid) => array_map($this->seen(...), $solid[0]->corners()), $solids);
        $all = array_merge(...$flat);
        [$x, $y] = [array_column($all, 0), array_column($all, 1)];
        [$left, $right, $low, $high] = [min([INF, ...$x]), max([-INF, ...$x]), min([INF, ...$y]), max([-INF, ...$y])];
        $this->scale = min(
            (self::WIDTH - 2 * self::MARGIN_BESIDE) / max(1.0, $right - $left), (self::TALLEST - 2 * self::MARGIN) / max(1.0, $high - $low),
        );
        $this->left = self::MARGIN_BESIDE - $left * $this->scale + (self::WIDTH - 2 * self::MARGIN_BESIDE - ($right - $left) * $this->scale) / 2;
        $this->top = self::MARGIN - $low * $this->scale;
        $this->height = round(self::MARGIN + ($view->isCorner() ? self::MARGIN : self::MARGIN_BELOW) + ($high - $low) * $this->scale, 1);
        $this->ground = $view === FrameView::FromAbove || $view->isCorner() ? null : round($this->top, 1);
        $away = array_map(
            fn (InSpace $along) => $this->seen($along)[2], [new InSpace(1.0, 0.0, 0.0), new InSpace(0.0, 1.0, 0.0), new InSpace(0.0, 0.0, 1.0)],
        );
        $this->pieces = array_map(
            fn (int $i) => ['class' => $solids[$i][1], 'd' => $this->outline($flat[$i])],
            (new DrawnOver($solids, $flat, $away, $view->down() > 0.0))->order(),
        );
        $this->told = $view->isCorner() ? [] : $this->dimensions([$left, $right, $low, $high], $frame, $upTo);
    }

    /** @return list<FrameView> */
    public static function views(): array
    {
        return FrameView::cases();
    }

    /** Every length it tells, for those who can’t see it. */
    public function words(): string
    {
        return implode('; ', array_column($this->told, 'words'));
    }

    /**
     * What an upright plane goes through, marked, and what lies behind it; what is before it is taken away.
     *
     * @param  list<array{Solid, string, int}>  $solids
     * @return list<array{Solid, string, int}>
     */
    private function cut(array $solids, float $through): array
    {
        $isAcross = $this->view === FrameView::MinusX || $this->view === FrameView::PlusX;
        $away = $this->view === FrameView::PlusX || $this->view === FrameView::PlusY ? -1 : 1;
        $left = [];
        foreach ($solids as [$solid, $class, $lies]) {
            $off = array_map(fn (InSpace $corner) => $away * (($isAcross ? $corner->x : $corner->y) - $through), $solid->corners());
            if (max($off) >= -self::HAIR) {
                $left[] = [$solid, min($off) <= self::HAIR ? "{$class} is-cut" : $class, $lies];
            }
        }

        return $left;
    }

    /** @return array{float, float, float} across the paper, down it, and how far off, mm */
    private function seen(InSpace $at): array
    {
        [$turn, $down] = [deg2rad($this->view->turn()), deg2rad($this->view->down())];
        $across = $at->x * cos($turn) + $at->y * sin($turn);
        $away = -$at->x * sin($turn) + $at->y * cos($turn);

        return [$across, -$at->z * cos($down) - $away * sin($down), $away * cos($down) - $at->z * sin($down)];
    }

    /**
     * The sides of a solid that are turned to whoever looks.
     *
     * @param  list<array{float, float, float}>  $corners
     */
    private function outline(array $corners): string
    {
        $path = '';
        foreach (self::SIDES as $side) {
            $points = array_map(fn (int $i) => $corners[$i], $side);
            $area = 0.0;
            foreach ($points as $i => $point) {
                $next = $points[($i + 1) % 4];
                $area += $point[0] * $next[1] - $next[0] * $point[1];
            }
            // Down the paper is positive, so that a side turned this way runs round the other way; less than a hair is seen on edge.
            if ($area < -1.0) {
                $path .= 'M'.implode('L', array_map(fn (array $point) => $this->x($point[0]).' '.$this->y($point[1]), $points)).'Z';
            }
        }

        return $path;
    }

    /**
     * @param  array{float, float, float, float}  $extent  left, right, top and foot as seen, mm
     * @return list<array{x1: float, y1: float, x2: float, y2: float, ticks: string, labelX: float, labelY: float, anchor: string, label: string, words: string}>
     */
    private function dimensions(array $extent, FrameOnPosts $frame, ?LayerKind $upTo): array
    {
        [$left, $right, $low, $high] = $extent;
        $bays = $this->bays($frame, $this->y($high) + self::OFF);
        $below = $this->y($high) + self::OFF * ($bays === [] ? 1.0 : 2.5);
        $beside = $this->x($right) + self::OFF;
        $told = [$this->across($left, $right, $below), $this->up($low, $high, $beside), ...$bays];
        if ($this->view !== FrameView::FromAbove && $frame->footprint->posts !== []) {
            // From the ground to the head of the nearest post.
            $heads = array_map(fn (Post $post) => $this->seen(new InSpace(0.0, 0.0, $frame->space->post($post)->high))[1], $frame->footprint->posts);
            $told[] = $this->up(min($heads), 0.0, $this->x($left) - self::OFF);
        }
        $gaps = [];
        foreach ($this->view === FrameView::FromAbove ? [[LayerKind::Joist, array_values($frame->marks(LayerKind::Joist))]] : [] as [$kind, $marks]) {
            if (count($marks) > 1 && ($upTo === null || $upTo === $kind)) {
                $gaps[] = [$marks[0], $marks[1]];
            }
        }
        foreach ($gaps as [$from, $to]) {
            // The first two joists, over their ends; along the beams, which run across the paper or down it.
            $one = $this->seen($frame->space->place($from));
            $other = $this->seen($frame->space->place($to));
            $told[] = abs($one[0] - $other[0]) > 1.0
                ? $this->across($one[0], $other[0], $this->y($low) - self::OFF / 2)
                    : $this->up(min($one[1], $other[1]), max($one[1], $other[1]), $this->x($left) - self::OFF);
        }

        return $told;
    }

    /** @return list<array{x1: float, y1: float, x2: float, y2: float, ticks: string, labelX: float, labelY: float, anchor: string, label: string, words: string}> from post to post, centre to centre */
    private function bays(FrameOnPosts $frame, float $below): array
    {
        $places = [];
        foreach ($frame->footprint->posts as $post) {
            $solid = $frame->space->post($post);
            $places[(int) round($this->seen($solid->from)[0])] = $this->seen($solid->from)[0];
        }
        ksort($places);
        $places = array_values($places);
        $bays = [];
        for ($i = 1; $i < count($places) && count($places) <= self::MOST_BAYS + 1; $i++) {
            $bay = $this->across($places[$i - 1], $places[$i], $below);
            // Where bays are narrow every other length stands below its line.
            $isNarrow = self::LETTER * mb_strlen($bay['words']) > $bay['x2'] - $bay['x1'];
            $bays[] = $isNarrow && $i % 2 === 0 ? ['labelY' => round($below + self::BELOW_ITS_LINE, 1)] + $bay : $bay;
        }

        return $bays;
    }

    /** @return array{x1: float, y1: float, x2: float, y2: float, ticks: string, labelX: float, labelY: float, anchor: string, label: string, words: string} */
    private function across(float $from, float $to, float $at): array
    {
        $length = Length::millimetres(abs($to - $from));

        return [
            'x1' => $this->x($from), 'y1' => round($at, 1), 'x2' => $this->x($to), 'y2' => round($at, 1),
            'ticks' => sprintf('M%1$.1f %3$.1fv10M%2$.1f %3$.1fv10', $this->x($from), $this->x($to), $at - 5),
            'labelX' => round(($this->x($from) + $this->x($to)) / 2, 1),
            'labelY' => round($at - 7, 1), 'anchor' => 'middle', 'label' => Typeset::svg($this->plan->notation, $length),
            'words' => $this->plan->write($length),
        ];
    }

    /** @return array{x1: float, y1: float, x2: float, y2: float, ticks: string, labelX: float, labelY: float, anchor: string, label: string, words: string} */
    private function up(float $from, float $to, float $at): array
    {
        $length = Length::millimetres(abs($to - $from));
        $isLeft = $at < self::WIDTH / 2;

        return [
            'x1' => round($at, 1), 'y1' => $this->y($from), 'x2' => round($at, 1), 'y2' => $this->y($to),
            'ticks' => sprintf('M%1$.1f %2$.1fh10M%1$.1f %3$.1fh10', $at - 5, $this->y($from), $this->y($to)),
            'labelX' => round($at + ($isLeft ? -7 : 7), 1),
            'labelY' => round(($this->y($from) + $this->y($to)) / 2 + 5, 1), 'anchor' => $isLeft ? 'end' : 'start',
            'label' => Typeset::svg($this->plan->notation, $length),
            'words' => $this->plan->write($length),
        ];
    }

    private function x(float $millimetres): float
    {
        return round($this->left + $millimetres * $this->scale, 1);
    }

    private function y(float $millimetres): float
    {
        return round($this->top + $millimetres * $this->scale, 1);
    }
}
